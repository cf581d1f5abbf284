import type { LarderThing } from '@crustallum/core/contracts/larder';
import { useToolsQuery } from '../api/api';
import { useAppSelector } from '../desk/store';
import { Drawing } from '../stations/_shared/Drawing';
import { degrees } from '../wording/numbers';

/** The type a box of this width holds the longest word of its name in: letters are a little over half as wide as high. */
const labelPx = (label: string, widthPx: number) =>
  Math.max(12, Math.min(15, widthPx / (0.66 * Math.max(...label.split(' ').map((word) => word.length)))));

/** Fridge over freezer, shelves and porch in elevation; what this day needs is solid, the rest hairline. */
export function Shelves({
  things,
  chosen,
  needed,
  onChoose,
}: {
  things: readonly LarderThing[];
  chosen?: string;
  needed: ReadonlySet<string>;
  onChoose: (id: string) => void;
}) {
  const { data: tools = [] } = useToolsQuery();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const isNeeded = (t: LarderThing) => needed.has((t.name.toLowerCase().split(',')[0] ?? '').trim());
  const places: { key: string; x: number; y: number; w: number; h: number }[] = [
    ...['A', 'B', 'C', 'D'].map((key, i) => ({ key, x: 26, y: 40 + i * 88, w: 290, h: 84 })),
    ...['E', 'F', 'G'].map((key, i) => ({ key, x: 26, y: 412 + i * 56, w: 290, h: 52 })),
    { key: 'H', x: 386, y: 40, w: 272, h: 96 },
    { key: 'I', x: 386, y: 150, w: 272, h: 96 },
    { key: 'J', x: 386, y: 290, w: 272, h: 86 },
  ];
  const boxes = places.flatMap((p) => {
    const here = things.filter((t) => t.shelf === p.key);
    const each = Math.min(88, (p.w - 40) / Math.max(1, here.length));
    return here.map((t, i) => ({
      t,
      x: p.x + 8 + i * each,
      y: p.y + p.h - Math.min(p.h - 14, 26 + Math.sqrt(t.grams) * 0.9) - 4,
      w: each - 6,
      h: Math.min(p.h - 14, 26 + Math.sqrt(t.grams) * 0.9),
    }));
  });
  return (
    <Drawing
      w={670}
      h={600}
      alone
      overAlways
      windows={[
        [8, 0, 362, 590],
        [376, 0, 292, 590],
      ]}
      label={`${things.length} things on fridge, freezer, shelf and porch; a list stands beside`}
      over={boxes.map((b) => (
        <button
          key={b.t.id}
          type="button"
          tabIndex={-1}
          aria-hidden
          className="absolute border-0 bg-transparent"
          style={{
            left: b.x - 2,
            top: Math.min(b.y, b.y + b.h - 44),
            width: Math.max(44, b.w),
            height: Math.max(44, b.h),
          }}
          title={b.t.name}
          onClick={() => onChoose(b.t.id)}
        />
      ))}
    >
      <text x="20" y="18" className="b">
        Fridge, over the freezer
      </text>
      <text x="386" y="18" className="b">
        Shelf
      </text>
      <text x="386" y="282" className="b">
        Cold porch{kitchen ? `, ${degrees(kitchen.porchC, 0)}` : ''}
      </text>
      <rect x="18" y="30" width="306" height="552" fill="url(#fill-metal)" stroke="var(--color-ink)" strokeWidth="2" />
      {places.map((p) => (
        <g key={p.key}>
          <rect
            x={p.x}
            y={p.y}
            width={p.w}
            height={p.h}
            fill={'EFG'.includes(p.key) ? 'var(--color-frost-wash)' : 'var(--color-flour)'}
          />
          <line
            x1={p.x}
            x2={p.x + p.w}
            y1={p.y + p.h}
            y2={p.y + p.h}
            stroke="var(--color-ink)"
            strokeWidth={p.x > 300 ? 5 : 2.5}
          />
          <rect x={p.x + p.w - 22} y={p.y} width="22" height="22" fill="var(--color-ink)" />
          <text
            x={p.x + p.w - 11}
            y={p.y + 16}
            textAnchor="middle"
            style={{ fill: 'var(--color-flour)', fontWeight: 700 }}
          >
            {p.key}
          </text>
        </g>
      ))}
      {kitchen && (
        <>
          <text x="332" y="60" className="b">
            {degrees(kitchen.fridgeC, 1)}
          </text>
          <text x="332" y="430" className="b">
            {degrees(kitchen.freezerC, 0)}
          </text>
        </>
      )}
      {boxes.map(({ t, x, y, w, h }) => {
        const need = isNeeded(t);
        const butter = t.name.toLowerCase().startsWith('butter');
        return (
          <g key={t.id} opacity={need ? 1 : 0.75}>
            <rect
              x={x}
              y={y}
              width={w}
              height={h}
              rx="4"
              fill={butter ? 'var(--color-butter)' : need ? 'var(--color-dough-thin)' : 'var(--color-flour)'}
              stroke="var(--color-ink)"
              strokeWidth={t.id === chosen ? 4 : need ? 2 : 1}
            />
            <foreignObject x={x} y={y} width={w} height={h}>
              <div
                style={{
                  fontSize: labelPx(t.name.split(',')[0] ?? '', w),
                  lineHeight: 1.05,
                  height: '100%',
                  display: 'grid',
                  placeItems: 'center',
                  textAlign: 'center',
                  overflow: 'hidden',
                  color: butter ? 'var(--color-on-butter)' : 'var(--color-ink)',
                  fontWeight: need ? 640 : 450,
                  letterSpacing: '-0.02em',
                }}
              >
                {t.name.split(',')[0]}
              </div>
            </foreignObject>
          </g>
        );
      })}
      <text x="386" y="408" className="b">
        On the rail
      </text>
      <line x1="386" x2="658" y1="420" y2="420" stroke="var(--color-ink)" strokeWidth="3" />
      {tools.slice(0, 6).map((tool, i) => {
        const v = tool.document.vessel;
        const size = v
          ? typeof v.top === 'number'
            ? [v.top, v.top]
            : v.top
          : [tool.document.diameterMm ?? 60, tool.document.diameterMm ?? 60];
        const [a, b] = [Number(size[0]) * 0.16, Number(size[1]) * 0.16];
        const x = 408 + i * 46;
        return (
          <g key={tool.id}>
            <line x1={x} x2={x} y1="420" y2={432} stroke="var(--color-ink)" />
            {v?.form === 'rect' ? (
              <rect
                x={x - b / 2}
                y="432"
                width={b}
                height={a}
                fill="var(--color-slab)"
                stroke="var(--color-ink)"
                strokeWidth="2"
              />
            ) : (
              <ellipse
                cx={x}
                cy={432 + a / 2}
                rx={b / 2}
                ry={a / 2}
                fill="var(--color-slab)"
                stroke="var(--color-ink)"
                strokeWidth="2"
              />
            )}
          </g>
        );
      })}
      <foreignObject x="386" y="494" width="272" height="100">
        <div style={{ fontSize: 15, lineHeight: 1.3 }}>{tools.map((t) => t.name).join(', ')}</div>
      </foreignObject>
    </Drawing>
  );
}
