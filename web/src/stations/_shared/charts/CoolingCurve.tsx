import { tooltipStyle } from './tooltip';
import { coolingStages } from '@crustallum/core/cold/coolingStages';
import { throughWarm } from '../../../wording/guidance';
import type { FillingCooling } from '@crustallum/core/cold/fillingCooling';
import { memo } from 'react';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { clock, degrees, plain } from '../../../wording/numbers';

export interface Props {
  curve: { minutes: number[]; temperatureC: number[] };
  fillAtC: number;
  startsAtMs: number | null;
  cooling: FillingCooling | null;
}

/** The filling's warmest part against the clock, with the limit for the pastry and the two-stage guidance, never merged. */
export default memo(function CoolingCurve({ curve, fillAtC, startsAtMs, cooling }: Props) {
  const data = curve.minutes.map((m, i) => ({ m, t: curve.temperatureC[i] as number }));
  const at = (m: number) => (startsAtMs === null ? `${plain(m, 0)} min` : clock(new Date(startsAtMs + m * 60_000)));
  const label = { fill: 'var(--color-ink)', fontSize: 15 };
  return (
    <div
      role="img"
      aria-label={`Cooling from ${degrees(data[0]?.t ?? 0, 0)} to ${degrees(data[data.length - 1]?.t ?? 0, 0)}`}
      style={{ width: '100%', maxWidth: 680, height: 262 }}
    >
      <ResponsiveContainer>
        <LineChart data={data} margin={{ top: 12, right: 16, bottom: 4, left: 0 }}>
          <CartesianGrid stroke="var(--color-hair)" strokeOpacity={0.35} vertical={false} />
          <ReferenceArea
            y1={coolingStages.coldC}
            y2={coolingStages.hotC}
            fill="var(--color-rhubarb-wash)"
            fillOpacity={0.5}
          />
          <XAxis
            dataKey="m"
            type="number"
            domain={['dataMin', 'dataMax']}
            tickFormatter={at}
            tick={label}
            stroke="var(--color-ink)"
          />
          <YAxis
            tickFormatter={(c: number) => degrees(c, 0)}
            tick={label}
            width={48}
            stroke="var(--color-ink)"
            domain={[0, 'auto']}
          />
          <Tooltip
            {...tooltipStyle}
            formatter={(v) => [degrees(Number(v), 1), 'middle']}
            labelFormatter={(m) => at(Number(m))}
          />
          <ReferenceLine
            y={fillAtC}
            stroke="var(--color-ink)"
            strokeDasharray="6 4"
            label={{ value: `fill from ${degrees(fillAtC, 0)}`, position: 'insideBottomLeft', ...label }}
          />
          {cooling?.to21Min != null && (
            <ReferenceLine
              x={cooling.to21Min}
              stroke="var(--color-filling-ink)"
              label={{ value: `${throughWarm()} ${at(cooling.to21Min)}`, position: 'insideTopLeft', ...label }}
            />
          )}
          <Line dataKey="t" stroke="var(--color-filling-ink)" strokeWidth={3.5} dot={false} isAnimationActive={false} />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
});
