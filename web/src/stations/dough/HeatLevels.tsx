import type { DoughPlan } from '@crustallum/core/plan/stations/dough/station';
import { degrees, fromTo, plain } from '../../wording/numbers';
import { doughFills } from './colours';

/** Widths are heat capacity, heights are degrees: what stands above the line fills what lies below it. */
export function HeatLevels({ dough, width }: { dough: DoughPlan; width: number }) {
  const narrow = width < 500;
  const total = dough.heaps.reduce((sum, h) => sum + h.heatCapacity, 0);
  const level = dough.heaps.reduce((sum, h) => sum + h.heatCapacity * h.startC, 0) / total;
  const gained = dough.outOfBowlC - level;
  const coldest = Math.min(0, ...dough.heaps.map((h) => h.startC));
  const warmest = Math.max(20, dough.outOfBowlC, ...dough.heaps.map((h) => h.startC));
  const [x0, top, bottom] = [narrow ? 36 : 56, 40, 206];
  const right = narrow ? 98 : 108;
  const span = width - x0 - right - (narrow ? 0 : 16);
  const pxK = (bottom - top) / (warmest - coldest);
  const y = (t: number) => top + (warmest - t) * pxK;
  let x = x0;
  return (
    <g>
      <text x={narrow ? 0 : 20} y="14" className="b">
        How the heat levels out in the bowl
      </text>
      {Array.from({ length: 8 }, (_, i) => i * 5 - 15)
        .filter((t) => t >= coldest && t <= warmest)
        .map((t) => (
          <g key={t}>
            <text x={x0 - 10} y={y(t) + 5} textAnchor="end" className="q">
              {degrees(t, 0)}
            </text>
            <line x1={x0 - 6} x2={x0} y1={y(t)} y2={y(t)} stroke="var(--color-hair)" />
          </g>
        ))}
      {dough.band && (
        <>
          <rect
            x={x0}
            y={y(dough.band.high)}
            width={span + right}
            height={(dough.band.high - dough.band.low) * pxK}
            fill="var(--color-butter-wash)"
          />
          <text
            x={x0 + span + right - 4}
            y={y(dough.band.high) + 17}
            textAnchor="end"
            style={{ fill: 'var(--color-butter-ink)', fontWeight: 600 }}
          >
            works {fromTo(dough.band.low, dough.band.high)}
          </text>
        </>
      )}
      {dough.heaps.map((h) => {
        const w = (span * h.heatCapacity) / total;
        const start = x;
        x += w;
        const gives = h.startC > level;
        const own = [y(Math.max(0, Math.min(h.startC, level))), y(Math.min(0, Math.min(h.startC, level)))] as const;
        const moved = Math.abs(h.startC - level) * pxK;
        return (
          <g key={h.name}>
            <rect
              x={start}
              y={h.startC < 0 ? y(0) : own[0]}
              width={w}
              height={Math.max(0, h.startC < 0 ? 0 : y(0) - own[0])}
              fill={doughFills[h.name as 'flour']}
              stroke="var(--color-ink)"
            />
            <rect
              x={start}
              y={y(Math.max(h.startC, level))}
              width={w}
              height={moved}
              fill={gives ? 'var(--color-rhubarb-wash)' : 'var(--color-frost-wash)'}
              stroke={gives ? 'var(--color-rhubarb)' : 'var(--color-frost)'}
            />
            {w > (narrow ? 40 : 70) && (
              <text
                x={start + w / 2}
                y={h.startC < 0 ? y(h.startC) - 6 : y(0) - 6}
                textAnchor="middle"
                style={h.name === 'fat' ? { fill: 'var(--color-on-butter)' } : undefined}
              >
                {narrow ? degrees(h.startC) : `${h.name === 'other' ? 'the rest' : h.name} ${degrees(h.startC)}`}
              </text>
            )}
            {w > (narrow ? 84 : 96) && moved > 20 && (
              <text
                x={start + w / 2}
                y={(h.startC < 0 ? y(level / 2) : y((h.startC + level) / 2)) + 5}
                textAnchor="middle"
                style={{ fill: gives ? 'var(--color-rhubarb-ink)' : 'var(--color-frost-ink)', fontWeight: 600 }}
              >
                {gives ? (narrow ? 'gives heat' : 'gives its heat') : 'takes it up'}
              </text>
            )}
          </g>
        );
      })}
      <line
        x1={x0}
        x2={x0 + span}
        y1={y(level)}
        y2={y(level)}
        stroke="var(--color-ink)"
        strokeWidth="2"
        strokeDasharray="6 4"
      />
      <line
        x1={x0}
        x2={x0 + span + right}
        y1={y(dough.outOfBowlC)}
        y2={y(dough.outOfBowlC)}
        stroke="var(--color-ink)"
        strokeWidth="3"
      />
      <text x={x0 + span + 6} y={y(dough.outOfBowlC) + 18} className="b">
        hands {gained >= 0 ? '+' : ''}
        {plain(gained, 1)}
      </text>
      <text x={x0 + span + 6} y={y(dough.outOfBowlC) + 36} className="q">
        and wetting
      </text>
      <line x1={x0} x2={x0 + span} y1={y(0)} y2={y(0)} stroke="var(--color-ink)" strokeWidth="2" />
    </g>
  );
}
