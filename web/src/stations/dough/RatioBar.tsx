import type { DoughPlan } from '@crustallum/core/plan/stations/dough/station';
import { plain, weight } from '../../wording/numbers';
import { doughFills } from './colours';

const ratio = ['flour', 'fat', 'water', 'other'] as const;

/** Flour is 100, the rest is set against it; the dark end is salt. */
export function RatioBar({ dough, width }: { dough: DoughPlan; width: number }) {
  const parts = dough.partsPer100;
  const sum = parts.flour + parts.fat + parts.water + parts.salt + parts.other;
  let left = 0;
  return (
    <g>
      <text y="14" className="b">
        Flour is 100; the rest is set against it
      </text>
      <text y="34" className="q">
        {plain(sum, 1)} parts = {weight(dough.masses.totalG)}
      </text>
      {ratio.map((name) => {
        const w = (width * parts[name]) / sum;
        const x = left;
        left += w;
        return (
          <g key={name}>
            <rect
              x={x}
              y="42"
              width={w}
              height="28"
              fill={doughFills[name]}
              stroke="var(--color-ink)"
              strokeWidth="2"
            />
            {w > 66 && (
              <text
                x={x + w / 2}
                y="62"
                textAnchor="middle"
                className="b"
                style={name === 'flour' ? undefined : { fill: 'var(--color-on-butter)' }}
              >
                {name === 'other' ? 'the rest' : name} {plain(parts[name], 0)}
              </text>
            )}
          </g>
        );
      })}
      <rect x={left} y="42" width={width - left} height="28" fill="var(--color-ink)" />
    </g>
  );
}
