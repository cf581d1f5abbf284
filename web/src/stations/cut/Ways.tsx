import type { ReRollPlan } from '@crustallum/core/cutting/reRolls';
import type { Way } from '@crustallum/core/cutting/ways';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { doughDensity } from '@crustallum/core/plan/stations/cut/result';
import { otherCutter } from '@crustallum/core/cutting/piece';
import { scaledShape, shapeArea } from '@crustallum/core/cutting/shape';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { useToolsQuery } from '../../api/api';
import { Whence } from '../../design/ui/Whence';
import { NumberField } from '../../design/ui/NumberField';
import { long, plain, thin, weight } from '../../wording/numbers';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';
import { Thickness } from './Thickness';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';

const gramRule = { min: 20, max: 20_000, unit: 'g', integer: false };

/** Settings every question about re-rolls shares: this piece, on this bench. */
function common(item: ItemInput, kitchen: KitchenInput) {
  const { cut, dough } = item;
  return {
    t: cut.thicknessMm,
    rho: doughDensity[dough.pastry],
    trim: cut.trimMm,
    gap: cut.gapMm,
    wmax: Math.min(kitchen.benchWidthMm, kitchen.pinMm),
    hmax: kitchen.benchLengthMm,
  };
}

/** The same pieces asked the other way round: from a mass of dough, by other shapes, or with another cutter. */
export function Ways({ plan, item, kitchen }: { plan: ItemPlan; item: ItemInput; kitchen: KitchenInput }) {
  const { cut } = plan;
  const { change } = useItem();
  const first = cut.generations[0];
  const N = cut.generations.reduce((sum, g) => sum + g.n, 0) || 1;
  const [doughG, setDough] = useState(Math.round(cut.doughMassG));
  const D = item.cut.cutterMm;
  const settings = common(item, kitchen);
  const round = first?.shape.kind === 'disc';
  // the piece as it is wanted: a roll's shape is stretched by what it will shrink
  const wanted = first && scaledShape(first.shape, 1 / first.stretch[0], 1 / first.stretch[1]);
  const own =
    wanted && !round
      ? {
          shape: wanted.kind === 'outline' ? { ...wanted, points: wanted.points.map(([x, y]) => ({ x, y })) } : wanted,
        }
      : {};
  const size = useQuestion<{ found: { D: number; plan: ReRollPlan } | null }>('cutting.sizeForDough', {
    ...settings,
    ...own,
    D,
    mass: doughG,
    N,
    maxRerolls: item.cut.maxReRolls,
  });
  const ways = useQuestion<{ ways: Way[] }>('cutting.ways', round ? { ...settings, D, N } : null);
  const found = size.value?.found;
  return (
    <div className="turns">
      <OnePiece plan={plan} />
      <h2 className="sign">From this dough, what size</h2>
      <div>
        <NumberField label="Dough there is" value={doughG} rule={gramRule} unit="g" places={0} onChange={setDough} />{' '}
        <span className="quiet-ink">for {N} cuts</span>
      </div>
      <Unanswered asked={size} working="Working it out" />
      {size.value && (
        <p className="m-0 flex flex-wrap items-center gap-3" role="status">
          {found ? (
            <>
              <span>
                <strong>{long(found.D)}</strong> at {thin(item.cut.thicknessMm)}, {weight(found.plan.saved)}
                left
              </span>
              {found.D >= 40 && found.D <= 300 && (
                <button type="button" className="press quiet" onClick={() => change({ 'cut.cutterMm': found.D })}>
                  Take {long(found.D)}
                </button>
              )}
            </>
          ) : (
            'Not even pieces of 2 cm: fewer of them, or rolled thinner.'
          )}
        </p>
      )}
      <Whence
        model="cutting.sizeForDough"
        given={`${weight(doughG)}, ${N} cuts, ${thin(item.cut.thicknessMm)} thick, ${plain(settings.rho, 2)} g/cm³, trim ${plain(settings.trim, 0)} and gap ${thin(settings.gap, 0)}`}
      />
      {round && (
        <>
          <h2 className="sign">Rounds, squares or balls</h2>
          <Unanswered asked={ways} working="Comparing" />
          <ul className="plain-list" aria-label="Ways of making them">
            {(ways.value?.ways ?? []).map((w) => (
              <li key={`${w.way}${w.rerolls}`}>
                <strong>{w.doughG === null ? '–' : `${weight(w.doughG)}`}</strong>
                <span>
                  {wayWords(w, D)}
                  <span className="quiet-ink">
                    {' '}
                    {w.doughG === null ? 'no sheet on this bench holds them' : `${weight(w.leftG)} left`}
                  </span>
                </span>
                {w.doughG !== null && w.way !== 'squares' && !isTaken(w, item) && (
                  <button
                    type="button"
                    className="press quiet"
                    onClick={() =>
                      change(
                        w.way === 'balls'
                          ? { 'cut.from': 'balls' }
                          : { 'cut.from': undefined, 'cut.maxReRolls': w.rerolls },
                      )
                    }
                  >
                    Take it
                  </button>
                )}
              </li>
            ))}
          </ul>
          <Whence model="cutting.ways" given={`${N} pieces of ${long(D)} at ${thin(item.cut.thicknessMm)}`} />
          <OtherCutters item={item} N={N} />
        </>
      )}
      <Thickness item={item} areaMm2={first ? shapeArea(first.shape) : 0} />
    </div>
  );
}

/** What one of them is: its seam, and what it takes. */
function OnePiece({ plan }: { plan: ItemPlan }) {
  const { cut, filling } = plan;
  const density = filling.eachMl > 0 ? filling.eachG / filling.eachMl : 1;
  return (
    <p className="m-0">
      <strong>One piece</strong> has {long(cut.seamMm, 0)} of seam, takes {weight(cut.comfortableMl * density)} of
      filling comfortably and {weight(cut.overfullMl * density)} at the most.
    </p>
  );
}

/** Whether the pieces already come so. */
const isTaken = (w: Way, { cut }: ItemInput): boolean =>
  w.way === 'balls' ? cut.from === 'balls' : (cut.from ?? 'sheet') === 'sheet' && cut.maxReRolls === w.rerolls;

function wayWords(w: Way, D: number): string {
  if (w.way === 'balls') return 'equal balls, each rolled out:';
  if (w.way === 'squares') return `squares of ${long((D * Math.sqrt(Math.PI)) / 2)}:`;
  return `rounds, ${w.rerolls === 0 ? 'cut once' : w.rerolls === 1 ? 'rolled again once' : 'rolled again twice'}:`;
}

/** What each of the cook's own cutters would mean, the nearest first. */
function OtherCutters({ item, N }: { item: ItemInput; N: number }) {
  const { change } = useItem();
  const { data: tools = [] } = useToolsQuery();
  const { cutterMm: D, thicknessMm: t } = item.cut;
  const rim = item.product === 'handPies' ? Math.min(item.seal.rimMm, D / 2 - 6) : 0;
  const mine = tools
    .filter((tool) => tool.document.kind === 'cutter' && tool.document.diameterMm && tool.document.diameterMm !== D)
    // on a tie the larger
    .sort((a, b) => {
      const [p, q] = [a.document.diameterMm ?? 0, b.document.diameterMm ?? 0];
      return Math.abs(p - D) - Math.abs(q - D) || q - p;
    });
  if (mine.length === 0) return null;
  return (
    <>
      <h2 className="sign">Another cutter of yours</h2>
      <ul className="plain-list" aria-label="Other cutters">
        {mine.map((tool) => {
          const Dc = tool.document.diameterMm as number;
          if (Dc <= 2 * rim + 10)
            return (
              <li key={tool.id}>
                <strong>{long(Dc)}</strong>
                <span>a rim of {thin(rim, 0)} leaves no room inside</span>
              </li>
            );
          const o = otherCutter({ D, t, Dc, N, rim });
          return (
            <li key={tool.id}>
              <strong>{long(Dc)}</strong>
              <span>
                at {thin(t)} each weighs {plain(o.sameThickness.pieceMass, 2)} times as much and takes{' '}
                {plain(o.sameThickness.filling, 2)} times the filling: {o.sameThickness.piecesForSameFilling} for the
                same filling. Or rolled to {thin(o.samePieceMass.roll)} each weighs the same
                {o.samePieceMass.warn
                  ? `, but is to be drawn out by ${plain(Math.abs(o.samePieceMass.stretchPct), 0)} %`
                  : ''}
                .
              </span>
              <span className="flex flex-wrap gap-2">
                <button type="button" className="press quiet" onClick={() => change({ 'cut.cutterMm': Dc })}>
                  Take it
                </button>
                {o.samePieceMass.roll >= 1 && o.samePieceMass.roll <= 10 && (
                  <button
                    type="button"
                    className="press quiet"
                    onClick={() =>
                      change({ 'cut.cutterMm': Dc, 'cut.thicknessMm': Math.round(o.samePieceMass.roll * 10) / 10 })
                    }
                  >
                    Take it at {thin(o.samePieceMass.roll)}
                  </button>
                )}
              </span>
            </li>
          );
        })}
      </ul>
      <Whence model="cutting.otherCutter" given={`${long(D)}, ${thin(t)}, a rim of ${thin(rim, 0)}, ${N} cuts`} />
    </>
  );
}
