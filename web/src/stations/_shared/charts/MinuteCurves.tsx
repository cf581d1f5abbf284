import { curveEnds } from './ends';
import { tooltipStyle } from './tooltip';
import type { SeriesRow } from '@crustallum/core/oven/bake';
import { memo } from 'react';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { degrees } from '../../../wording/numbers';

const lines = [
  ['airC', 'oven air', 'var(--color-lantern-ink)', '3 4'],
  ['surfaceC', '', 'var(--color-crust-ink)', undefined],
  ['baseC', 'underneath', 'var(--color-ink)', '9 3'],
  ['coreC', 'middle of the filling', 'var(--color-filling-ink)', undefined],
] as const;

const tens = (minutes: number): number[] => Array.from({ length: Math.ceil(minutes / 10) }, (_, i) => i * 10);

/** Oven air, lid, base and middle, minute by minute. */
export default memo(function MinuteCurves({
  series,
  out,
  target,
  hasBase,
  top,
  minute,
  endMin,
}: {
  series: readonly SeriesRow[];
  out: number;
  target: number;
  hasBase: boolean;
  /** What its upper side is called. */
  top: string;
  /** The minute that is drawn elsewhere, and the end of the axis it shares with what stands below it. */
  minute: number;
  endMin: number;
}) {
  const label = { fill: 'var(--color-ink)', fontSize: 15 };
  const all = series.flatMap((r) => [r.airC, r.surfaceC, r.baseC, r.coreC]);
  const [low, high] = [Math.min(0, ...all), Math.max(100, ...all)].map(
    (c, i) => Math[i ? 'ceil' : 'floor'](c / 50) * 50,
  ) as [number, number];
  const shown = lines
    .filter(([key]) => hasBase || key !== 'baseC')
    .map(([key, name, colour, dash]) => [key, name || top, colour, dash] as const);
  return (
    <div style={{ width: '100%', maxWidth: 825 }}>
      <div
        role="img"
        aria-label="Temperatures of oven air, lid, base and filling over the bake"
        style={{ height: 150 }}
      >
        <ResponsiveContainer>
          <LineChart data={series} margin={{ top: 6, right: curveEnds.right, bottom: 0, left: 0 }}>
            <CartesianGrid stroke="var(--color-hair)" strokeOpacity={0.35} vertical={false} />
            <XAxis
              dataKey="tMin"
              type="number"
              domain={[0, endMin]}
              allowDataOverflow
              tick={false}
              height={4}
              stroke="var(--color-ink)"
              ticks={tens(endMin)}
            />
            <YAxis
              tick={label}
              width={curveEnds.left}
              stroke="var(--color-ink)"
              tickFormatter={(c: number) => degrees(c, 0)}
              ticks={Array.from({ length: (high - low) / 50 + 1 }, (_, i) => low + i * 50)}
              domain={[low, high]}
            />
            <Tooltip
              {...tooltipStyle}
              formatter={(v, name) => [`${degrees(Number(v), 0)}`, name]}
              labelFormatter={(m) => `${Number(m)} min`}
            />
            <ReferenceLine y={target} stroke="var(--color-filling-ink)" strokeDasharray="7 5" />
            <ReferenceLine x={Math.round(out)} stroke="var(--color-ink)" strokeWidth={4} />
            <ReferenceLine x={minute} stroke="var(--color-ink)" strokeWidth={1.5} />
            {shown.map(([key, name, stroke, dash]) => (
              <Line
                key={key}
                dataKey={key}
                name={name}
                stroke={stroke}
                strokeDasharray={dash}
                strokeWidth={3}
                dot={false}
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <ul className="plain-list flex flex-wrap gap-x-5" style={{ fontSize: 15, paddingLeft: curveEnds.left }}>
        {shown.map(([key, name, stroke, dash]) => (
          <li key={key} className="flex items-center gap-2">
            <svg width="26" height="6" aria-hidden="true">
              <line x1="0" x2="26" y1="3" y2="3" stroke={stroke} strokeWidth="3" strokeDasharray={dash} />
            </svg>
            {name}
          </li>
        ))}
        <li className="flex items-center gap-2">
          <svg width="26" height="6" aria-hidden="true">
            <line x1="0" x2="26" y1="3" y2="3" stroke="var(--color-filling-ink)" strokeDasharray="7 5" />
          </svg>
          {degrees(target, 0)} needed
        </li>
      </ul>
    </div>
  );
});
