import { heatScales } from '@crustallum/core/quantities/amounts/asRead';
import { units } from '../../wording/units';
import type { OvenPlan } from '@crustallum/core/plan/stations/oven/station';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { lazy } from 'react';
import { useItem } from '../../desk/useItem';
import { usePhone } from '../../design/ui/useWidth';
import { clock, degrees, degreesApart, heat, momentAt, plain, span } from '../../wording/numbers';
import { Later } from '../_shared/charts/Later';
import { Drawing } from '../_shared/Drawing';
import { Held } from '../_shared/Held';
import { StationPage, Waiting } from '../_shared/StationPage';
import { fields } from '../_shared/fields';
import { Programme } from './Programme';

const MinuteCurves = lazy(() => import('../_shared/charts/MinuteCurves'));

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

export function OvenStation() {
  const { item, plan, steps, serveAt, change } = useItem();
  if (!item || !plan || !serveAt) return <Waiting />;
  const o = plan.oven;
  const bake = steps.find((s) => s.code === 'bake');
  const proposed = o.bake.proposed ?? 0;
  const lidded = o.spec.top !== null;
  const ownMin = item.document.oven.ownMin;
  return (
    <StationPage
      station="oven"
      inputs={['ovenC', 'fan', 'rack', 'support', 'stand', ...(ownMin ? (['ownBake'] as const) : [])]}
      held={['ovenC', 'stand']}
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
      ]}
    >
      <OvenDrawing oven={o} item={item.document} />
      <Later
        chart={MinuteCurves}
        of={{
          series: o.bake.series,
          out: o.minutes ?? 0,
          target: o.targetC,
          hasBase: o.spec.base !== null,
          top: lidded ? 'lid, on top' : 'its face',
        }}
      />
      {lidded && <Browning oven={o} />}
      <Programme proposedMin={o.minutes} />
      <ul className="plain-list mt-2" style={{ maxWidth: 660, fontSize: 15 }}>
        {bake && (
          <li>
            In at <b>{clock(momentAt(serveAt, bake.startMin))}</b>, out at{' '}
            <b>{clock(momentAt(serveAt, bake.startMin + bake.minutes))}</b>.
          </li>
        )}
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
        {o.bake.advice.map((a) => (
          <li key={a.code}>{adviceWords[a.code]?.(a as unknown as Record<string, unknown>) ?? ''}</li>
        ))}
      </ul>
    </StationPage>
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

/** The oven and the pie in it, both cut through; temperatures are those at the time it comes out. */
function OvenDrawing({ oven, item }: { oven: OvenPlan; item: ItemInput }) {
  const at = oven.out;
  const shelfY = { low: 176, middle: 128, high: 84 }[item.oven.rack];
  const [w, h] =
    oven.spec.shape.kind === 'disc'
      ? [oven.spec.shape.dMm, oven.spec.filling.depthMm]
      : [oven.spec.shape.lMm, oven.spec.filling.depthMm];
  const px = Math.min(2, 250 / w);
  // an open pie has no lid to draw, only its rim
  const lid = oven.spec.top ? Math.max(6, oven.spec.top.tMm * px * 1.6) : 0;
  const depth = Math.max(30, Math.min(110, h * px * 1.2));
  const cx = 510;
  const ground = 196;
  const tag = (x: number, y: number, value: number | undefined) =>
    value === undefined ? null : (
      <g transform={`translate(${x} ${y})`}>
        <rect
          x="-26"
          y="-14"
          width="52"
          height="28"
          rx="14"
          fill="var(--color-flour)"
          stroke="var(--color-ink)"
          strokeWidth="1.500"
        />
        <text textAnchor="middle" y="5" className="b">
          {degrees(value, 0)}
        </text>
      </g>
    );
  return (
    <Drawing
      w={660}
      h={236}
      windows={[
        [6, 0, 320, 236],
        [334, 0, 326, 236],
      ]}
      label={`Oven on the ${item.oven.rack} rack at ${heat(item.oven.setC)}; the pie when it comes out: ${oven.spec.top ? 'lid' : 'its face'} ${degrees(at?.surfaceC ?? 0, 0)}, middle ${degrees(at?.coreC ?? 0, 0)}, underneath ${degrees(at?.baseC ?? 0, 0)}`}
      over={
        <>
          <Held def={fields.ovenC} x={165} y={50} />
          <Held def={fields.stand} x={590} y={24} word="stands" />
        </>
      }
    >
      <rect x="20" y="10" width="290" height="214" fill="url(#fill-metal)" stroke="var(--color-ink)" strokeWidth="2" />
      <rect
        x="36"
        y="24"
        width="258"
        height="188"
        fill="var(--color-fire-2)"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      {Array.from({ length: 8 }, (_, i) => (
        <g key={i} fill="var(--color-ink)">
          <circle cx={56 + i * 31} cy="31" r="3.500" />
          <circle cx={56 + i * 31} cy="205" r="3.500" />
        </g>
      ))}
      {[84, 128, 176].map((y) => (
        <line
          key={y}
          x1="36"
          x2="294"
          y1={y}
          y2={y}
          stroke="var(--color-ink)"
          strokeDasharray={y === shelfY ? undefined : '2 6'}
          strokeWidth={y === shelfY ? 3 : 1}
        />
      ))}
      {item.oven.support !== 'rack' && (
        <rect
          x="70"
          y={shelfY - 7}
          width="190"
          height={item.oven.support === 'stone' ? 9 : 5}
          fill="var(--color-ink)"
        />
      )}
      <path
        d={`M96 ${shelfY - 8}l8-26${oven.spec.top ? 'q61-22 122 0' : 'h122'}l8 26z`}
        fill="url(#fill-crust)"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      <text x="340" y="20" className="b">
        When it comes out
      </text>
      <g stroke="var(--color-ink)" strokeWidth="2">
        <path
          d={`M${cx - (w * px) / 2} ${ground - depth}L${cx - (w * px) / 2 + 10} ${ground}H${cx + (w * px) / 2 - 10}L${cx + (w * px) / 2} ${ground - depth}Z`}
          fill="url(#fill-filling)"
        />
        {oven.spec.base && (
          <rect x={cx - (w * px) / 2 + 8} y={ground - 8} width={w * px - 16} height="8" fill="url(#fill-crust)" />
        )}
        {oven.spec.top && (
          <path
            d={`M${cx - (w * px) / 2 - 8} ${ground - depth}Q${cx} ${ground - depth - 30 - lid} ${cx + (w * px) / 2 + 8} ${ground - depth}l-6 ${lid * 0.7}Q${cx} ${ground - depth - 28} ${cx - (w * px) / 2 - 2} ${ground - depth + lid * 0.7}Z`}
            fill="url(#fill-crust)"
          />
        )}
        <line x1={cx - 160} x2={cx + 140} y1={ground + 2} y2={ground + 2} strokeWidth="5" />
      </g>
      {tag(cx, ground - depth - 16 - lid * 0.4, at?.surfaceC)}
      {tag(cx, ground - depth * 0.45, at?.coreC)}
      {tag(cx + 60, ground + 16, at?.baseC)}
    </Drawing>
  );
}

/** Colour of the lid minute by minute, from the browning dose. */
function Browning({ oven }: { oven: OvenPlan }) {
  const phone = usePhone();
  const [left, long] = phone ? [30, 324] : [60, 580];
  const { series } = oven.bake;
  const proposed = oven.minutes;
  const rangeMin = oven.figures.bake.range;
  const end = series[series.length - 1]?.tMin ?? 1;
  const shade = (dose: number) => {
    const f = Math.min(1, Math.log10(1 + dose * 3) / 1.5);
    const mix = (a: number, b: number) => Math.round(a + (b - a) * f);
    return `rgb(${mix(239, 122)} ${mix(226, 62)} ${mix(198, 20)})`;
  };
  const x = (m: number) => left + (long * m) / end;
  return (
    <Drawing
      w={phone ? 366 : 660}
      h={66}
      label={`Colour of the lid over ${plain(end, 0)} minutes; out at ${plain(proposed ?? 0, 0)}`}
    >
      <text x={phone ? 0 : 20} y="24">
        lid
      </text>
      {series.slice(0, -1).map((r) => (
        <rect key={r.tMin} x={x(r.tMin)} y="6" width={long / end + 0.6} height="26" fill={shade(r.browning)} />
      ))}
      <rect x={left} y="6" width={long} height="26" fill="none" stroke="var(--color-ink)" />
      {Array.from({ length: Math.floor(end / 10) }, (_, i) => (
        <text key={i} x={x((i + 1) * 10)} y="50" textAnchor="middle" className="q">
          {(i + 1) * 10}
        </text>
      ))}
      {rangeMin && (
        <rect
          x={x(rangeMin[0])}
          y="32"
          width={Math.max(0, x(Math.min(end, rangeMin[1])) - x(rangeMin[0]))}
          height="5"
          fill="var(--color-ink-2)"
        />
      )}
      {proposed !== null && (
        <g>
          <line x1={x(proposed)} x2={x(proposed)} y1="0" y2="40" stroke="var(--color-ink)" strokeWidth="3" />
          <text x={x(proposed)} y="62" textAnchor="middle" className="b">
            out at {plain(proposed, 0)}
          </text>
        </g>
      )}
    </Drawing>
  );
}
