import { cold, guidance, localRules } from '../../wording/guidance';
import { lazy, useState } from 'react';
import { useAppSelector } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { Measure } from '../../design/drawings/Measure';
import { usePhone } from '../../design/ui/useWidth';
import { TextField } from '../../design/ui/TextField';
import { clock, long, momentAt, plain, thin } from '../../wording/numbers';
import { fillingWords } from '../../wording/words';
import { Choice } from '../../design/ui/Choice';
import { Pick } from '../../design/ui/Pick';
import { bodyNames } from '@crustallum/core/filling/thickening';
import { mayGoInHot } from '@crustallum/core/plan/stations/filling/result';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { fillingKeeps, usualAgeHours } from '@crustallum/core/plan/keeps';
import { Body } from './Body';
import { Coolings } from './Coolings';
import { Firm } from './Firm';
import { Fits } from './Fits';
import { Juice } from './Juice';
import { GoesIn } from './GoesIn';
import { ThePot } from './ThePot';
import { Later } from '../_shared/charts/Later';
import { IsMade } from '../_shared/IsMade';
import { Drawing } from '../_shared/Drawing';
import { StationPage, Waiting } from '../_shared/StationPage';

const CoolingCurve = lazy(() => import('../_shared/charts/CoolingCurve'));

type View = 'in' | 'pot' | 'fit' | 'body' | 'cooling';
const views: readonly (readonly [View, string])[] = [
  ['in', 'goes in'],
  ['pot', 'pot'],
  ['fit', 'fit'],
  ['body', 'body'],
  ['cooling', 'cooling'],
];

export function FillingStation() {
  const { item, plan, steps, serveAt, change } = useItem();
  const phone = usePhone();
  const [view, setView] = useState<View>('in');
  const fridgeC = useAppSelector((s) => s.desk.kitchen?.fridgeC ?? plainKitchen.fridgeC);
  if (!item || !plan || !serveAt) return <Waiting />;
  const f = plan.filling;
  const has: Partial<Record<View, boolean>> = {
    pot: f.pot !== null,
    body: f.sauce !== null || f.fruit !== null || f.firmness !== null,
  };
  // a phone has them one under the other
  const now = has[view] === false ? 'in' : view;
  const shown = (v: View) => phone || v === now;
  const cooling = steps.find((s) => s.code === 'coolFilling');
  const { vessel } = f;
  const drawn = Math.min(phone ? 1 : 2, vessel.count);
  const [wide, left] = phone ? [366, 8] : [660, 40];
  // one scale across and up; a px is 0.265 mm
  const ground = phone && vessel.kind !== 'pot' ? 100 : 170;
  const px = Math.min(1.26, (wide - left - 100 * drawn) / (drawn * vessel.radiusMm * 2));
  return (
    <StationPage
      station="filling"
      inputs={['fullness', 'fillSalt', 'cookMinutes', 'cookedC', 'coolIn', 'coolAt']}
      held={now === 'pot' ? ['cookMinutes'] : now === 'fit' && f.finishedG !== null ? ['fullness'] : []}
      lead={
        phone ? undefined : (
          <Pick label="Show" value={now} options={views.filter(([v]) => has[v] !== false)} onChange={setView} />
        )
      }
      extra={
        <>
          {mayGoInHot(item.document) && (
            <Pick
              label="Goes in"
              value={item.document.filling.filledHot ? 'hot' : 'cooled'}
              options={[
                ['cooled', 'cooled'],
                ['hot', 'hot'],
              ]}
              onChange={(word) => change({ 'filling.filledHot': word === 'hot' ? true : undefined })}
            />
          )}
          <TextField
            label="Called"
            value={item.document.filling.name}
            max={80}
            onChange={(name) => change({ 'filling.name': name })}
          />
          <Choice
            label="Behaves like"
            value={item.document.filling.type}
            options={Object.entries(fillingWords)}
            onChange={(type) => change({ 'filling.type': type })}
          />
          <Pick
            label="Laid in"
            value={item.document.filling.layered ? 'layers' : 'mix'}
            options={[
              ['mix', 'as one mix'],
              ['layers', 'in layers'],
            ]}
            onChange={(word) => change({ 'filling.layered': word === 'layers' ? true : undefined })}
          />
          <Pick
            label="Eaten"
            value={item.document.filling.eatenCold ? 'cold' : 'hot'}
            options={[
              ['hot', 'hot'],
              ['cold', 'cold'],
            ]}
            onChange={(word) => change({ 'filling.eatenCold': word === 'cold' ? true : undefined })}
          />
          {(f.sauce ?? f.fruit) && (
            <Choice
              label={f.sauce ? 'Sauce wanted, in the pan' : 'Juice wanted, set'}
              value={(f.sauce ?? f.fruit)?.wanted ?? 'clings'}
              options={bodyNames.map((n) => [n, n] as const)}
              onChange={(body) => change({ 'filling.body': body })}
            />
          )}
          <IsMade
            of="filling"
            have={item.document.filling.have}
            neededG={f.totalG}
            restingC={fridgeC}
            ageHours={usualAgeHours(fillingKeeps(f.raw), fridgeC)}
          />
        </>
      }
      numbers={[
        ['Filling in all', f.figures.total],
        ['For each', f.figures.each],
        ['Salt', f.figures.salt],
        ...(f.sauce ? ([['Sauce, in the pan', f.figures.body]] as const) : []),
        ...(f.custard ? ([['Egg to 100 g liquid', f.figures.custard]] as const) : []),
        [f.hot ? 'Goes in at' : 'Not hotter than', f.figures.hottest],
        ['Cold enough to fill after', f.figures.cool],
      ]}
    >
      {shown('in') && <GoesIn />}
      {shown('pot') && f.pot && <ThePot f={f} pot={f.pot} />}
      {shown('fit') && <Fits plan={plan} />}
      {shown('body') && f.firmness && <Firm firm={f.firmness} totalG={f.totalG} />}
      {shown('body') && f.fruit && <Juice fruit={f.fruit} totalG={f.totalG} />}
      {shown('body') && f.sauce && <Body sauce={f.sauce} totalG={f.totalG} />}
      {(shown('cooling') || (now === 'in' && f.curve.minutes.length > 0)) && (
        <Drawing
          w={wide}
          h={ground + 20}
          label={`${vessel.count} ${vessel.kind}, ${long(2 * vessel.radiusMm, 0)} wide, filling ${thin(vessel.depthMm, 0)} deep`}
        >
          <text x={phone ? 0 : 20} y="16" className="b">
            {f.curve.minutes.length
              ? `Cooling ${vessel.kind === 'pot' ? 'in the pot' : `in ${vessel.count} ${vessel.count === 1 ? 'tray' : 'trays'}`}`
              : f.hot
                ? 'Straight from the pot'
                : 'Kept cold, goes in cold'}
          </text>
          <text x={wide - (phone ? 0 : 20)} y="16" textAnchor="end" className="q">
            drawn 1 : {plain(3.78 / px, 0)}
          </text>
          {Array.from({ length: drawn }, (_, i) => {
            const w = vessel.radiusMm * 2 * px;
            const x = left + i * (w + 100);
            const h = vessel.depthMm * px;
            const wall = vessel.kind === 'pot' ? Math.max(h + 20, 110) : Math.max(h + 10, 34);
            return (
              <g key={i}>
                <rect x={x} y={ground - h} width={w} height={h} fill="url(#fill-filling)" />
                <path
                  d={`M${x - 6} ${ground - wall}L${x} ${ground - wall + 6}V${ground}H${x + w}V${ground - wall + 6}l6-6`}
                  fill="none"
                  stroke="var(--color-ink)"
                  strokeWidth="3"
                />
                <Measure x1={x + w + 18} x2={x + w + 18} y1={ground - h} y2={ground} />
                <text x={x + w + 26} y={ground + 4 - h / 2} className="b">
                  {thin(vessel.depthMm, 0)}
                </text>
              </g>
            );
          })}
          <line
            x1={phone ? 0 : 20}
            x2={wide - (phone ? 0 : 20)}
            y1="171"
            y2="171"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
        </Drawing>
      )}
      {shown('cooling') && f.curve.minutes.length > 0 && (
        <Later
          chart={CoolingCurve}
          of={{
            curve: f.curve,
            fillAtC: f.fillAtC,
            startsAtMs: cooling ? momentAt(serveAt, cooling.startMin).getTime() : null,
            cooling: f.cooling,
          }}
        />
      )}
      {shown('cooling') && <Coolings />}
      <p className="whatif" style={{ maxWidth: 640 }}>
        {cooling && (
          <>
            Off the heat by <b>{clock(momentAt(serveAt, cooling.startMin))}</b>, into the pastry from{' '}
            <b>{clock(momentAt(serveAt, cooling.startMin + (f.coolMinutes ?? 0)))}</b>.{' '}
          </>
        )}
        {f.raw &&
          `Raw filling: keep it under ${cold()} and apart, wash board and hands, probe the middle when baked. Do not wash raw poultry. `}
        General guidance: {guidance()}. {localRules} No reckoning makes food safe.
      </p>
    </StationPage>
  );
}
