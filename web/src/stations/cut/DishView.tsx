import { crimps } from '@crustallum/core/sealing/seals';
import { fillCapacity, fillDepth, fitVerdict } from '@crustallum/core/vessels/blanks';
import { swapDishes } from '@crustallum/core/vessels/dishes';
import { vesselGeometry, vesselVolume, type Vessel } from '@crustallum/core/vessels/vessel';
import type { ItemPlan } from '@crustallum/core/plan/item';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { Measure } from '../../design/drawings/Measure';
import type { StoredTool } from '@crustallum/core/contracts/tool';
import { useToolsQuery } from '../../api/api';
import { Choice } from '../../design/ui/Choice';
import { usePhone } from '../../design/ui/useWidth';
import { fitWords } from '../../wording/cut';
import { Whence } from '../../design/ui/Whence';
import { long, plain, thin } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { DishPlan, DishSection } from './dishDrawing';
import { DishSizes } from './DishSizes';
import { WhichDishes } from './WhichDishes';

const domeShare = 1 / 12;

function filled(vessel: Vessel, item: ItemInput, eachMl: number) {
  const g = vesselGeometry(vessel);
  const lined = item.product === 'dishPie';
  const t = lined ? item.cut.thicknessMm : 0;
  const lid = item.dough.pastry === 'filo' ? ('none' as const) : (item.cut.lid ?? 'whole');
  const { zMm, overMl } = fillDepth(g, { ml: eachMl, dough: t });
  const dome = lid === 'whole' && lined ? Math.min(g.top.length, g.top.width) * domeShare : 0;
  return {
    verdict: fitVerdict(eachMl, fillCapacity(g, { dough: t, dome })),
    overMl,
    dish: {
      g,
      thicknessMm: Math.max(1, item.cut.thicknessMm),
      overMm: item.dough.pastry === 'filo' ? 0 : crimps[item.seal.crimp].lidOverMm,
      fillMm: zMm,
      lined: lined || item.product === 'filoTray',
      lid,
      domeMm: dome,
    },
  };
}

/** The dish cut through and from above with its dough, filling line and lid; and another beside it, before it is taken. */
export function DishView({ plan, item }: { plan: ItemPlan; item: ItemInput }) {
  const phone = usePhone();
  const { change } = useItem();
  const { data: tools = [] } = useToolsQuery();
  const [other, setOther] = useState('none');
  const { cut } = item;
  if (!cut.vessel) return <p className="m-0">No dish is chosen yet.</p>;
  const dishes = tools.filter((t) => t.document.kind === 'dish' && t.document.vessel && t.name !== cut.vesselName);
  const beside = dishes.find((t) => t.name === other);
  const eachMl = plan.filling.eachMl;
  const now = filled(cut.vessel, item, eachMl);
  const then = beside?.document.vessel ? filled(beside.document.vessel, item, eachMl) : null;
  const widest = Math.max(now.dish.g.top.length, then?.dish.g.top.length ?? 0) + 90;
  const px = Math.min((phone ? 340 : 330) / widest, 1.5);
  const row = (d: typeof now) =>
    Math.max(d.dish.g.depth * px + d.dish.domeMm * px + 90, (d.dish.g.top.width + 70) * px + 30);
  const strips = { width: cut.stripMm ?? 20, spacing: cut.stripGapMm ?? 15, woven: cut.woven ?? true };
  const rows = [
    { name: cut.vesselName ?? 'this dish', d: now, y: 34 },
    ...(then && beside ? [{ name: beside.name, d: then, y: 34 + row(now) }] : []),
  ];
  const phoneRow = (d: typeof now) => row(d) + (d.dish.g.depth + d.dish.domeMm) * px + 60;
  const high = phone ? rows.reduce((sum, r) => sum + phoneRow(r.d), 40) : rows.reduce((sum, r) => sum + row(r.d), 40);
  let phoneY = 30;
  return (
    <div className="grid gap-3" style={{ maxWidth: 680 }}>
      <Drawing w={phone ? 366 : 680} h={high} label={rows.map((r) => `${r.name}: ${said(r.d)}`).join('; ')}>
        {rows.map(({ name, d, y }) => {
          const { g } = d.dish;
          const top = phone ? phoneY : y;
          phoneY += phoneRow(d);
          const [cx, brim] = [phone ? 183 : 175, top + 48 + d.dish.domeMm * px];
          const foot = brim + g.depth * px;
          const planAt = phone
            ? { x: 183, y: foot + 50 + (g.top.width * px) / 2 + 20 * px }
            : { x: 510, y: top + row(d) / 2 };
          return (
            <g key={name}>
              <text x={phone ? 0 : 10} y={top} className="b">
                {name}
              </text>
              <text x={phone ? 0 : 10} y={top + 20} className="q">
                {said(d)}
              </text>
              <DishSection x={cx} y={brim} px={px} dish={d.dish} />
              <Measure
                x1={cx - (g.top.length * px) / 2}
                x2={cx + (g.top.length * px) / 2}
                y1={foot + 24}
                y2={foot + 24}
                text={`${long(g.top.length)}`}
              />
              <text x={cx} y={foot - 8} textAnchor="middle" className="b">
                {thin(d.dish.fillMm, 0)} of {thin(g.depth, 0)}
              </text>
              <DishPlan {...planAt} px={px} dish={d.dish} strips={strips} />
            </g>
          );
        })}
      </Drawing>
      <Whence
        model="vessels.fillDepth"
        given={`${plain(eachMl, 0)} ml of filling${item.product === 'dishPie' ? `, dough of ${thin(cut.thicknessMm)}` : ''}, the sizes below`}
      />
      <DishSizes vessel={cut.vessel} name={cut.vesselName ?? ''} material={cut.vesselMaterial ?? 'tin'} known={tools} />
      {dishes.length > 0 && (
        <section aria-label="Another dish">
          <Choice
            label="Another dish beside it"
            value={other}
            options={[['none', 'none'], ...dishes.map((d): [string, string] => [d.name, d.name])]}
            onChange={setOther}
          />
          {beside?.document.vessel && (
            <Swap
              from={cut.vessel}
              to={beside}
              take={() => {
                change({
                  'cut.vessel': beside.document.vessel,
                  'cut.vesselName': beside.name,
                  'cut.vesselMaterial': beside.document.material,
                });
                setOther('none');
              }}
            />
          )}
        </section>
      )}
      {item.product === 'dishPie' && (
        <WhichDishes needMl={eachMl * plan.cut.pieces} tools={tools} thicknessMm={cut.thicknessMm} />
      )}
    </div>
  );
}

const said = (d: ReturnType<typeof filled>): string =>
  `${fitWords[d.verdict.verdict]}, ${plain(d.verdict.fill * 100, 0)} % full${d.overMl > 1 ? `, ${plain(d.overMl, 0)} ml ${d.dish.domeMm > 0 ? 'of it under the dome' : 'over the brim'}` : ''}`;

/** What another dish would mean, before it is taken. */
function Swap({ from, to, take }: { from: Vessel; to: StoredTool; take: () => void }) {
  const [a, b] = [vesselGeometry(from), vesselGeometry(to.document.vessel as Vessel)];
  const s = swapDishes(a, b);
  const times = (v: number) => `${plain(v, 2)} times`;
  return (
    <>
      <table className="swap">
        <thead>
          <tr>
            <th scope="col">from this to {to.name}</th>
            <th scope="col">before</th>
            <th scope="col">after</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">holds to the brim</th>
            <td>{plain(vesselVolume(a), 0)} ml</td>
            <td>{plain(vesselVolume(b), 0)} ml</td>
          </tr>
          <tr>
            <th scope="row">the same fill stands</th>
            <td>{thin(a.depth, 0)}</td>
            <td>{s.sameFillingDepthMm === null ? 'over the brim' : `${thin(s.sameFillingDepthMm, 0)}`}</td>
          </tr>
          <tr>
            <th scope="row">for the same depth, filling</th>
            <td>as now</td>
            <td>{times(s.area)}</td>
          </tr>
          <tr>
            <th scope="row">dough to line it</th>
            <td>as now</td>
            <td>{times(s.lining)}</td>
          </tr>
        </tbody>
      </table>
      {s.bakesOtherwise && (
        <p className="m-0">
          <strong>It bakes for another time:</strong> the filling stands {plain(Math.abs(s.depthChangePct), 0)} %{' '}
          {s.depthChangePct > 0 ? 'deeper' : 'shallower'}.
        </p>
      )}
      <Whence model="vessels.swap" given="the sizes of both" />
      <button type="button" className="press quiet" onClick={take}>
        Bake it in {to.name}
      </button>
    </>
  );
}
