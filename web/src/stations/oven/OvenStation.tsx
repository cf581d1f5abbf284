import { heatScales } from '@crustallum/core/quantities/amounts/asRead';
import { ovenOf } from '@crustallum/core/plan/ovensOf';
import { units } from '../../wording/units';
import type { OvenPlan } from '@crustallum/core/plan/stations/oven/station';
import { lazy, Suspense, useState } from 'react';
import { useAppSelector } from '../../desk/store';
import { Pick } from '../../design/ui/Pick';
import { useItem } from '../../desk/useItem';
import { useNarrow, usePhone } from '../../design/ui/useWidth';
import { standRules } from '../../wording/oven';
import { clock, degrees, degreesApart, heat, momentAt, plain, span } from '../../wording/numbers';
import { StationPage, Waiting } from '../_shared/StationPage';
import type { FieldName } from '../_shared/fields';
import { APage } from './APage';
import { LoadView } from './LoadView';
import { Look } from './Look';
import { OtherDish } from './OtherDish';
import { Programme } from './Programme';
import { WhatIfs } from './WhatIfs';
import { ProgrammeView } from './ProgrammeView';

const adviceWords: Record<string, (a: Record<string, unknown>) => string> = {
  BROWN_AHEAD: (a) =>
    `Colour runs ahead: cover it from ${plain(Number(a['tentFromMin']), 0)} min${a['lower'] ? `, or ${degreesApart((a['lower'] as { byC: number }).byC)} cooler for ${span((a['lower'] as { proposedMin: number }).proposedMin)}` : ''}.`,
  PALE_AT_DONE: (a) => `It would be ready pale; ${degreesApart(Number(a['raiseC']))} hotter browns it in time.`,
  BASE_BEHIND: (a) =>
    `The base lags: on the low rack it is ready at ${plain(Number(a['lowRackProposedMin']), 0)} min; a dark tray or hot steel helps too.`,
  ROTATE: (a) => `Turn it round at ${plain(Number(a['atMin']), 0)} min.`,
  THERMAL_SHOCK: () => 'Glass or ceramic from the cold may crack on something hot.',
  PROBE: (a) =>
    `Raw filling: probe the thickest middle for ${degrees(Number(a['targetC']), 0)}. Follow your local food-safety rules.`,
  LOAD_HEAVY: (a) => `So much at once cools the oven by ${degreesApart(Number(a['wallDropC']))}.`,
};

const ThisOven = lazy(() => import('./ThisOven'));

type View = 'look' | 'programme' | 'dishes' | 'load' | 'this';
const views: readonly (readonly [View, string])[] = [
  ['look', 'one look'],
  ['programme', 'programme'],
  ['dishes', 'two dishes'],
  ['load', 'load'],
  ['this', 'this oven'],
];
/** What can be set, by view; on a phone all of it. */
const inputsOf: Record<View, readonly FieldName[]> = {
  look: ['ovenC', 'fan', 'rack', 'support', 'stand', 'liked', 'under', 'from', 'aheadDays'],
  programme: ['ovenC', 'fan', 'rack', 'support', 'liked'],
  dishes: ['ovenC', 'fan', 'rack', 'support'],
  load: ['ovenC', 'rack'],
  this: ['ovenC', 'fan'],
};

export function OvenStation() {
  const { item, plan, steps, serveAt, change } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const narrow = useNarrow();
  const phone = usePhone();
  const [view, setView] = useState<View>('look');
  if (!item || !plan || !serveAt || !kitchen) return <Waiting />;
  const o = plan.oven;
  const bake = steps.find((s) => s.code === 'bake');
  const proposed = o.bake.proposed ?? 0;
  const lidded = o.spec.top !== null;
  const { ownMin, from, under } = item.document.oven;
  const inDish = item.document.product !== 'handPies' && !!item.document.cut.vessel;
  const { steams } = ovenOf(item.document, kitchen).build ?? {};
  const steamMin = item.document.oven.steamMin ?? 0;
  const shown = (v: View) => phone || v === view;
  const inputs = (narrow ? inputsOf.look : inputsOf[view])
    .filter((f) => f !== 'liked' || lidded)
    .filter(
      (f) => f !== 'aheadDays' || from === 'freezer' || (item.document.oven.aheadDays ?? 0) > 0 || from === 'fridge',
    );
  return (
    <StationPage
      station="oven"
      inputs={[...inputs, ...(ownMin ? (['ownBake'] as const) : [])]}
      held={view === 'look' ? ['ovenC', 'stand'] : []}
      lead={
        phone ? undefined : (
          <Pick
            label="Show"
            value={view}
            options={views.filter(([v]) => inDish || v !== 'dishes')}
            onChange={setView}
          />
        )
      }
      extra={
        <>
          {from !== 'room' && (
            <Pick
              label="They are closed"
              value={item.document.oven.closedBefore ? 'before' : 'today'}
              options={[
                ['today', 'in this day'],
                ['before', 'already'],
              ]}
              onChange={(word) =>
                change({
                  'oven.closedBefore': word === 'before' ? true : undefined,
                  'oven.aheadDays':
                    word === 'before' ? Math.max(1, item.document.oven.aheadDays ?? 0) : item.document.oven.aheadDays,
                })
              }
            />
          )}
          {steams && (
            <Pick
              label="Steam to begin with"
              value={steamMin > 0 ? String(steamMin) : '0'}
              options={[...new Set([0, 10, 20, steamMin])].map((m) => [String(m), m === 0 ? 'none' : span(m)] as const)}
              onChange={(minutes) => change({ 'oven.steamMin': Number(minutes) || undefined })}
            />
          )}
          {kitchen.secondOven && (
            <Pick
              label="Baked in"
              value={item.document.oven.inSecond ? 'second' : 'first'}
              options={[
                ['first', 'the oven'],
                ['second', 'the second'],
              ]}
              onChange={(word) => change({ 'oven.inSecond': word === 'second' ? true : undefined })}
            />
          )}
        </>
      }
      whatIf={
        o.otherFan.proposedMin !== null && (
          <>
            <b>With the fan {o.otherFan.mode === 'fan' ? 'on' : 'off'}</b> {heat(o.otherFan.setC)}
            {item.document.oven.then?.length ? ' to begin with' : ''} and {span(o.otherFan.proposedMin)}. Written
            otherwise: {inOtherScales(o.conversions.conventionalC)}.
          </>
        )
      }
      numbers={[
        [`Bake at ${heatsOf(o)}`, o.figures.bake],
        ['Middle of the filling', o.figures.core],
        ['Underneath', o.figures.base],
        ...(lidded ? ([['Lid, on top', o.figures.colour]] as const) : []),
        ['Look from', o.figures.look],
        ...(o.blind ? ([['Case, water gone', o.figures.blind]] as const) : []),
        ['Oven on before', o.figures.preheat],
        ['Stands', o.figures.stand],
        ...(under ? ([['Trays, and what is on them', o.figures.under]] as const) : []),
      ]}
    >
      {shown('look') && (
        <>
          <Look
            oven={o}
            item={item.document}
            inOut={
              bake
                ? `in at ${clock(momentAt(serveAt, bake.startMin))}, out at ${clock(momentAt(serveAt, bake.startMin + bake.minutes))}`
                : ''
            }
          />
          <ul className="plain-list mt-2" style={{ maxWidth: 660, fontSize: 15 }}>
            <li>
              {ownMin ? (
                <>
                  Yours: <b>{span(ownMin)}</b>; ours {span(proposed)}.{' '}
                  <button type="button" className="in-words" onClick={() => change({ 'oven.ownMin': undefined })}>
                    Take ours
                  </button>
                </>
              ) : (
                <button
                  type="button"
                  className="in-words"
                  onClick={() => change({ 'oven.ownMin': Math.max(1, Math.round(proposed) || 30) })}
                >
                  Bake it for minutes of my own
                </button>
              )}
            </li>
            <li>
              <APage oven={o} item={item.document} kitchen={kitchen} />
            </li>
            <StandDiffers oven={o} standMinutes={item.document.clock.standMinutes} change={change} />
            {o.bake.advice.map((a) => (
              <li key={a.code}>{adviceWords[a.code]?.(a as unknown as Record<string, unknown>) ?? ''}</li>
            ))}
          </ul>
        </>
      )}
      {shown('programme') && (
        <>
          <ProgrammeView oven={o} item={item.document} kitchen={kitchen} />
          <Programme proposedMin={o.minutes} />
          <WhatIfs oven={o} item={item.document} kitchen={kitchen} />
        </>
      )}
      {inDish && shown('dishes') && <OtherDish oven={o} item={item.document} kitchen={kitchen} />}
      {shown('load') && <LoadView />}
      {shown('this') && (
        <Suspense fallback={<p className="working">Reading the kitchen</p>}>
          <ThisOven setC={item.document.oven.setC} />
        </Suspense>
      )}
    </StationPage>
  );
}

/** The cook's stand beside ours, where it is outside what is usual. */
function StandDiffers({
  oven: { stand },
  standMinutes,
  change,
}: {
  oven: OvenPlan;
  standMinutes: number;
  change: (changes: Record<string, unknown>) => void;
}) {
  if (standMinutes >= stand.lowMin && standMinutes <= stand.highMin) return null;
  return (
    <li>
      It stands <b>{span(standMinutes)}</b> with you; ours {span(stand.usualMin)}: {standRules[stand.rule]}.{' '}
      <button type="button" className="in-words" onClick={() => change({ 'clock.standMinutes': stand.usualMin })}>
        Take ours
      </button>
    </li>
  );
}

/** A heat in the scales the cook does not read: `375 °F, gas 5`. */
const inOtherScales = (c: number): string =>
  heatScales
    .filter((scale) => scale !== units().heat)
    .map((scale) => heat(c, 0, scale))
    .join(', ');

/** Its heats one after the other, the scale said once. */
const heatsOf = ({ spec }: OvenPlan): string =>
  spec.oven.steps
    .map((s, i, all) => (i < all.length - 1 ? heat(s.setC).replace(/ °[CF]$/, '') : heat(s.setC)))
    .join(', then ');
