import type { SeriesRow } from '@crustallum/core/oven/bake';
import { crustColour, brown } from '../../design/drawings/browned';
import { plain } from '../../wording/numbers';
import { baseDryAt } from './PieSection';

/** A minute axis: where minute 0 is, how long, and the last minute. */
export interface Axis {
  left: number;
  long: number;
  endMin: number;
}
export const at = ({ left, long, endMin }: Axis, minute: number): number =>
  left + (long * Math.min(minute, endMin)) / endMin;

interface StripProps {
  series: readonly SeriesRow[];
  axis: Axis;
  y: number;
  high?: number;
  outMin: number;
}

/** One stroke of hatching, rising from its foot at (x, y). */
function Hatch({ x, y }: { x: number; y: number }) {
  return <line x1={x} x2={x + 6} y1={y} y2={y - 7} stroke="var(--color-crust-ink)" />;
}

/** The lid's colour minute by minute; browner is closer hatched, so that it is told without colour too. */
export function LidStrip({ series, axis, y, high = 24, outMin }: StripProps) {
  const rows = series.filter((r) => r.tMin < Math.min(outMin, axis.endMin));
  const step = axis.long / axis.endMin;
  return (
    <g>
      {rows.map((r) => (
        <rect key={r.tMin} x={at(axis, r.tMin)} y={y} width={step + 0.6} height={high} fill={crustColour(r.browning)} />
      ))}
      {rows
        .filter((r) => brown(r.browning) > 0.3 && (brown(r.browning) > 0.6 || r.tMin % 2 === 0))
        .map((r) => (
          <Hatch key={r.tMin} x={at(axis, r.tMin)} y={y + high - 5} />
        ))}
      <rect
        x={axis.left}
        y={y}
        width={at(axis, outMin) - axis.left}
        height={high}
        fill="none"
        stroke="var(--color-ink)"
      />
    </g>
  );
}

/** The base: drops while it is wet, hatching from when it is dry. It has no colour of its own in the model. */
export function BaseStrip({ series, axis, y, high = 20, outMin }: StripProps) {
  const rows = series.filter((r) => r.tMin < Math.min(outMin, axis.endMin));
  const dry = series.find((r) => r.baseDryness >= baseDryAt)?.tMin ?? Infinity;
  return (
    <g>
      <rect
        x={axis.left}
        y={y}
        width={at(axis, outMin) - axis.left}
        height={high}
        fill="var(--color-dough)"
        stroke="var(--color-ink)"
      />
      {dry < outMin && (
        <rect
          x={at(axis, dry)}
          y={y}
          width={at(axis, outMin) - at(axis, dry)}
          height={high}
          fill="var(--color-crust-wash)"
          stroke="var(--color-ink)"
        />
      )}
      {rows
        .filter((r) => r.tMin < dry)
        .flatMap((r) =>
          Array.from({ length: Math.ceil((1 - r.baseDryness / baseDryAt) * 3) }, (_, i) => (
            <circle
              key={`${r.tMin} ${i}`}
              cx={at(axis, r.tMin + 0.5)}
              cy={y + high - 4 - i * 6}
              r="1.700"
              fill="var(--color-frost)"
            />
          )),
        )}
      {rows
        .filter((r) => r.tMin >= dry)
        .map((r) => (
          <Hatch key={r.tMin} x={at(axis, r.tMin)} y={y + high - 5} />
        ))}
    </g>
  );
}

/** Minutes under an axis. */
export function Minutes({ axis, y }: { axis: Axis; y: number }) {
  const every = axis.endMin > 120 ? 20 : 10;
  const last = Math.floor(axis.endMin / every);
  return (
    <g>
      <line x1={axis.left} x2={axis.left + axis.long} y1={y} y2={y} stroke="var(--color-ink)" strokeWidth="2" />
      {Array.from({ length: last + 1 }, (_, i) => (
        <g key={i}>
          <line x1={at(axis, i * every)} x2={at(axis, i * every)} y1={y} y2={y + 6} stroke="var(--color-ink)" />
          <text x={at(axis, i * every)} y={y + 22} textAnchor="middle" className="q">
            {plain(i * every, 0)}
          </text>
        </g>
      ))}
    </g>
  );
}
