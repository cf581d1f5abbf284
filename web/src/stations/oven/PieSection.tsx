import { dryAt } from '@crustallum/core/oven/tables';
import type { SeriesRow } from '@crustallum/core/oven/bake';
import type { BakeSpec } from '@crustallum/core/oven/bakeInput';
import { useId } from 'react';
import { brown, crustColour } from '../../design/drawings/browned';
import { degrees } from '../../wording/numbers';

interface Props {
  spec: BakeSpec;
  row: SeriesRow;
  boilingC: number;
  /** Middle of the drawing, the line it stands on, and the room there is. */
  x: number;
  ground: number;
  wide: number;
  high: number;
}

/** A base is dry from this share of its water on. */
export const baseDryAt = dryAt.filling;

const warm = (c: number): string =>
  `color-mix(in oklab, var(--color-fire) ${Math.round(Math.max(0, Math.min(100, (c / 100) * 100)))}%, var(--color-filling-wash))`;

/** Steam over a lid: a wisp for so many grams a minute. */
const wisps = (steam: number): number => Math.min(5, Math.ceil(steam / 0.4));

/** A pie cut through at one minute of its bake: lid by its colour, filling by its heat, base wet or dry, steam. */
export function PieSection({ spec, row, boilingC, x, ground, wide, high }: Props) {
  const heatId = useId();
  const across = spec.shape.kind === 'disc' ? spec.shape.dMm : spec.shape.lMm;
  const { depthMm } = spec.filling;
  const lidMm = spec.top?.tMm ?? 0;
  const baseMm = spec.base?.tMm ?? 0;
  const dome = spec.top ? 0.1 : 0;
  const px = Math.min((wide - 24) / across, (high - 10) / (depthMm + lidMm + baseMm + dome * across));
  const w = across * px;
  const lid = Math.max(spec.top ? 6 : 0, lidMm * px);
  const base = Math.max(spec.base ? 6 : 0, baseMm * px);
  const depth = Math.max(22, depthMm * px);
  const rise = spec.top ? Math.min(0.1 * w, high - depth - lid - base - 8) : 0;
  const slope = spec.vessel ? Math.min(12, w * 0.05) : Math.min(20, w * 0.09);
  const [left, right] = [x - w / 2, x + w / 2];
  const floor = ground - 4;
  const top = floor - base - depth;
  const edgeC = row.coreC + 0.75 * Math.max(0, Math.min(boilingC, row.baseC) - row.coreC);
  const wet = Math.max(0, 1 - row.baseDryness / baseDryAt);
  const drops = Math.round(wet * Math.max(6, w / 18));
  const dryLines = wet === 0 ? Math.round(w / 12) : 0;
  const steam = wisps(row.steamGMin);
  const lidPath = `M${left - 6} ${top}Q${x} ${top - 2 * rise - lid} ${right + 6} ${top}l-3 ${lid}Q${x} ${top - 2 * rise + lid * 0.6} ${left - 3} ${top + lid}Z`;
  const hatch = Math.round(w / 14);
  return (
    <g>
      <defs>
        <radialGradient id={heatId} cx="50%" cy="55%" r="65%">
          <stop offset="0%" stopColor={warm(row.coreC)} />
          <stop offset="100%" stopColor={warm(edgeC)} />
        </radialGradient>
      </defs>
      {/* what it stands on */}
      <line
        x1={left - 26}
        x2={right + 26}
        y1={ground}
        y2={ground}
        stroke="var(--color-ink)"
        strokeWidth={plateWidth(spec)}
      />
      <g stroke="var(--color-ink)" strokeWidth="2">
        <path
          d={`M${left} ${top + lid}L${left + slope} ${floor}H${right - slope}L${right} ${top + lid}Q${x} ${top + (spec.top ? -2 * rise + lid : lid)} ${left} ${top + lid}Z`}
          fill={`url(#${heatId})`}
        />
        {spec.vessel && (
          <path
            d={`M${left - 2} ${top}L${left + slope - 2} ${floor + 2}H${right - slope + 2}L${right + 2} ${top}`}
            fill="none"
            strokeWidth="4"
          />
        )}
        {spec.base && (
          <path
            d={`M${left + slope - 3} ${floor - base}H${right - slope + 3}L${right - slope} ${floor}H${left + slope}Z`}
            fill={wet > 0 ? 'var(--color-dough)' : 'var(--color-crust-wash)'}
          />
        )}
        {spec.top && <path d={lidPath} fill={crustColour(row.browning)} />}
      </g>
      {/* equal heat inside */}
      {[0.62, 0.32].map((f) => (
        <ellipse
          key={f}
          cx={x}
          cy={floor - base - depth * 0.46}
          rx={(w / 2 - slope) * f}
          ry={depth * 0.42 * f}
          fill="none"
          stroke="var(--color-filling-ink)"
          strokeDasharray="2 4"
        />
      ))}
      {Array.from({ length: drops }, (_, i) => (
        <circle
          key={i}
          cx={left + slope + ((i + 0.5) * (w - 2 * slope)) / drops}
          cy={floor - base / 2}
          r="3"
          fill="var(--color-frost)"
        />
      ))}
      {Array.from({ length: dryLines }, (_, i) => {
        const at = left + slope + 4 + (i * (w - 2 * slope - 8)) / dryLines;
        return (
          <line key={i} x1={at} x2={at + 5} y1={floor - 1} y2={floor - base + 1} stroke="var(--color-crust-ink)" />
        );
      })}
      {spec.top &&
        brown(row.browning) > 0.3 &&
        Array.from({ length: hatch }, (_, i) => {
          const f = (i + 0.5) / hatch;
          const y = top - 4 * rise * f * (1 - f);
          return (
            <line
              key={i}
              x1={left + f * w - 3}
              x2={left + f * w + 3}
              y1={y + lid * 0.75}
              y2={y + lid * 0.25}
              stroke="var(--color-crust-ink)"
            />
          );
        })}
      {Array.from({ length: steam }, (_, i) => {
        const sx = x + (i - (steam - 1) / 2) * 26;
        const sy = top - rise - lid - 2;
        return (
          <path key={i} d={`M${sx} ${sy}q5 -5 0 -10t0 -10`} fill="none" stroke="var(--color-ink-2)" strokeWidth="2" />
        );
      })}
      <Tag x={x} y={top - rise + (spec.top ? 0 : 2)} c={row.surfaceC} />
      <Tag x={x} y={floor - base - depth * 0.42} c={row.coreC} />
      {spec.base && <Tag x={right - slope - 34} y={floor - base / 2} c={row.baseC} />}
    </g>
  );
}

const plateWidth = (spec: BakeSpec): number =>
  spec.support === 'stone' ? 9 : spec.support === 'steel' ? 7 : spec.support === 'rack' ? 2 : 4;

function Tag({ x, y, c }: { x: number; y: number; c: number }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <rect
        x="-25"
        y="-13"
        width="50"
        height="26"
        rx="13"
        fill="var(--color-flour)"
        stroke="var(--color-ink)"
        strokeWidth="1.500"
      />
      <text textAnchor="middle" y="5" className="b">
        {degrees(c, 0)}
      </text>
    </g>
  );
}
