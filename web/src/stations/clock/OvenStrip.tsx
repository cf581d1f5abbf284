import type { BakeInDay } from '@crustallum/core/plan/questions/ovenOfDay';
import { clock, heat, momentAt } from '../../wording/numbers';
import { colour } from './packed';

const [wide, high, left, top, foot] = [320, 92, 46, 14, 20] as const;

/** The oven of a day in small: each bake as long as it is and as high as it is hot, the heats between them, the table. */
export function OvenStrip({
  bakes,
  serveAt,
  tableMin,
  title,
}: {
  bakes: readonly BakeInDay[];
  serveAt: string;
  tableMin: number;
  title: (itemIndex: number) => string;
}) {
  if (!bakes.length) return null;
  const heats = bakes.map((b) => b.setC);
  const [low, most] = [Math.min(...heats), Math.max(...heats)];
  const from = Math.min(...bakes.map((b) => b.fromMin)) - 20;
  const x = (m: number) => left + ((m - from) / (tableMin + 8 - from)) * (wide - left - 8);
  const y = (c: number) => (most === low ? 40 : top + 12 + ((most - c) / (most - low)) * 36);
  const inOrder = [...bakes].sort((a, b) => a.fromMin - b.fromMin);
  // two bakes at one heat at once lie one over the other
  const over = (b: BakeInDay, n: number) =>
    inOrder.slice(0, n).filter((o) => o.setC === b.setC && o.second === b.second && o.toMin > b.fromMin).length;
  const hours = Array.from(
    { length: 24 * 4 },
    (_, i) => new Date(Math.ceil(momentAt(serveAt, from).getTime() / 3_600_000 + i) * 3_600_000),
  )
    .map((d) => ({ d, m: (d.getTime() - momentAt(serveAt, 0).getTime()) / 60_000 }))
    .filter(({ m }) => m < tableMin - 12);
  const every = Math.ceil(hours.length / 4);
  const line = inOrder
    .filter((b) => !b.second)
    .map(
      (b, n) =>
        `${n ? 'L' : 'M'}${x(b.fromMin).toFixed(1)} ${y(b.setC).toFixed(1)}L${x(b.toMin).toFixed(1)} ${y(b.setC).toFixed(1)}`,
    )
    .join('');
  const at = (m: number) => clock(momentAt(serveAt, m));
  const said = inOrder
    .map((b) => `${title(b.itemIndex)} at ${heat(b.setC)}, ${at(b.fromMin)} to ${at(b.toMin)}`)
    .join('; ');
  return (
    <svg viewBox={`0 0 ${wide} ${high}`} className="oven-strip" role="img" aria-label={said}>
      {[...new Set([low, most])].map((c) => (
        <g key={c}>
          <text x={left - 6} y={y(c) + 5} textAnchor="end" className="q">
            {heat(c).replace(/ ?°[CF]$/, '°')}
          </text>
          <line x1={left} x2={wide} y1={y(c)} y2={y(c)} stroke="var(--color-hair)" strokeDasharray="2 5" />
        </g>
      ))}
      <path d={line} fill="none" stroke="var(--color-crust)" strokeWidth="2" strokeDasharray="2 4" />
      {inOrder.map((b, n) => (
        <rect
          key={n}
          x={x(b.fromMin)}
          y={y(b.setC) - 5 - 10 * over(b, n)}
          width={Math.max(4, x(b.toMin) - x(b.fromMin))}
          height="10"
          rx="5"
          fill={b.second ? 'var(--color-flour)' : colour(b.itemIndex)}
          stroke={colour(b.itemIndex)}
          strokeWidth="2"
        />
      ))}
      <line x1={left} x2={wide} y1={high - foot} y2={high - foot} stroke="var(--color-ink)" strokeWidth="1.5" />
      {hours
        .filter((_, i) => i % every === 0)
        .map(({ d, m }) => (
          <text key={m} x={x(m)} y={high - 5} textAnchor="middle" className="q">
            {clock(d)}
          </text>
        ))}
      <rect x={x(tableMin) - 2} y={top} width="4" height={high - foot - top} fill="var(--color-ink)" />
    </svg>
  );
}
