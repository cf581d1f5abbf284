import type { ItemOvenInput } from '@crustallum/core/contracts/oven';

const shelf = { low: 0.76, middle: 0.54, high: 0.33 } as const;

/** The oven cut through, with the shelf it stands on; in a box of its own size. */
export function MiniOven({
  oven,
  lidded,
  x,
  y,
  wide,
  high,
}: {
  oven: ItemOvenInput;
  lidded: boolean;
  x: number;
  y: number;
  wide: number;
  high: number;
}) {
  const wall = 14;
  const [l, r] = [x + wall, x + wide - wall];
  const level = (of: keyof typeof shelf) => y + wall + shelf[of] * (high - 2 * wall);
  const at = level(oven.rack);
  const mid = (l + r) / 2;
  const pie = Math.min(60, (r - l) * 0.3);
  return (
    <g>
      <rect x={x} y={y} width={wide} height={high} fill="url(#fill-metal)" stroke="var(--color-ink)" strokeWidth="2" />
      <rect
        x={l}
        y={y + wall}
        width={r - l}
        height={high - 2 * wall}
        fill="var(--color-fire-2)"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      {Array.from({ length: 6 }, (_, i) => (
        <g key={i} fill="var(--color-ink)">
          <circle cx={l + ((i + 0.5) * (r - l)) / 6} cy={y + wall + 8} r="3" />
          <circle cx={l + ((i + 0.5) * (r - l)) / 6} cy={y + high - wall - 8} r="3" />
        </g>
      ))}
      {(['low', 'middle', 'high'] as const).map((of) => (
        <line
          key={of}
          x1={l}
          x2={r}
          y1={level(of)}
          y2={level(of)}
          stroke="var(--color-ink)"
          strokeDasharray={of === oven.rack ? undefined : '2 6'}
          strokeWidth={of === oven.rack ? 3 : 1}
        />
      ))}
      {oven.support !== 'rack' && (
        <rect
          x={l + 14}
          y={at - (oven.support === 'stone' ? 9 : 6)}
          width={r - l - 28}
          height={oven.support === 'stone' ? 9 : 5}
          fill="var(--color-ink)"
        />
      )}
      {oven.under === 'dripTray' && (
        <path
          d={`M${l + 20} ${at + 10}l6 7h${r - l - 52}l6 -7`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="3"
        />
      )}
      <path
        d={`M${mid - pie} ${at - 8}l7-22${lidded ? `q${pie - 7}-18 ${2 * pie - 14} 0` : `h${2 * pie - 14}`}l7 22z`}
        fill="url(#fill-crust)"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
    </g>
  );
}
