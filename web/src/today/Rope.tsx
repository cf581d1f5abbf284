import { useWidth } from '../design/ui/useWidth';

/** One lantern per guest on a rope, as many as the width holds; lit once its pie is sealed. */
export function Rope({ mouths, lit }: { mouths: number; lit: number }) {
  const [ref, width] = useWidth<HTMLDivElement>(1280);
  const shown = Math.min(mouths, Math.max(4, Math.floor(width / 44)));
  const sag = (x: number) => 18 + 46 * (1 - ((x - width / 2) / (width / 2)) ** 2);
  const step = width / (shown + 0.4);
  const from = step * 0.7;
  return (
    <div ref={ref} role="img" aria-label={`${lit} of ${mouths} lanterns lit`} style={{ height: 122 }}>
      <svg width={width} height="122">
        <path
          d={`M0 ${sag(0)}${Array.from({ length: 20 }, (_, i) => `L${(width * (i + 1)) / 20} ${sag((width * (i + 1)) / 20)}`).join('')}`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="2.500"
        />
        {Array.from({ length: shown }, (_, i) => {
          const x = from + i * step;
          const tilt = ((width / 2 - x) / width) * 14;
          return (
            <g
              key={i}
              transform={`translate(${x} ${sag(x)}) rotate(${tilt.toFixed(1)})`}
              stroke="var(--color-ink)"
              strokeWidth="2"
              fill={i < Math.floor((lit * shown) / mouths) ? 'var(--color-lantern)' : 'var(--color-flour)'}
            >
              <path d="M-5 7c0-8 10-8 10 0" fill="none" />
              <path d="M-9 8H9L14 47H-14z" />
              <path d="M-15 48h30M-11 10h22" strokeWidth="3.500" />
              <path d="M-6 20v15M0 20v15M6 20v15" fill="none" />
            </g>
          );
        })}
      </svg>
    </div>
  );
}
