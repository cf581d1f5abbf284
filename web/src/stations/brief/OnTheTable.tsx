import type { ItemInput } from '@crustallum/core/contracts/item';

/** px a millimetre of the table and what stands on it. */
const px = 0.32;

/** Dishes and pieces along the table from x = 16, as far as it reaches. */
export function OnTheTable({ dishes, reach }: { dishes: readonly ItemInput[]; reach: number }) {
  let x = 16;
  return (
    <g stroke="var(--color-ink)" strokeWidth="1.6">
      {dishes.map((d, index) => {
        const v = d.cut.vessel;
        const many = d.product === 'handPies' || d.product === 'potPies';
        const one = d.product === 'potPies' ? (typeof v?.top === 'number' ? v.top : 110) : d.cut.cutterMm;
        const [a, b] = many
          ? [one, one]
          : typeof v?.top === 'number'
            ? [v.top, v.top]
            : [v?.top?.[0] ?? 240, v?.top?.[1] ?? 240];
        const rows = many ? Math.min(d.brief.count, Math.max(1, Math.floor(140 / (b * px)))) : 1;
        const columns = many ? Math.ceil(d.brief.count / rows) : 1;
        const left = x;
        x += columns * a * px + 22;
        if (x > reach) return null;
        return Array.from({ length: many ? d.brief.count : 1 }, (_, i) => {
          const cx = left + (Math.floor(i / rows) + 0.5) * a * px;
          const cy = ((i % rows) - (rows - 1) / 2) * b * px;
          return v?.form === 'rect' && !many ? (
            <rect
              key={`${index}${i}`}
              x={cx - (a * px) / 2}
              y={cy - (b * px) / 2}
              width={a * px}
              height={b * px}
              fill="url(#fill-dough)"
            />
          ) : (
            <g key={`${index}${i}`}>
              <ellipse cx={cx} cy={cy} rx={(a * px) / 2 - 1} ry={(b * px) / 2 - 1} fill="url(#fill-dough)" />
              {d.product === 'filoCoil' &&
                [0.7, 0.42, 0.16].map((k) => (
                  <ellipse key={k} cx={cx} cy={cy} rx={(a * px * k) / 2} ry={(b * px * k) / 2} fill="none" />
                ))}
            </g>
          );
        });
      })}
    </g>
  );
}
