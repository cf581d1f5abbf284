import { latticeStrips } from '@crustallum/core/vessels/blanks';
import type { VesselGeometry } from '@crustallum/core/vessels/vessel';

interface Filled {
  g: VesselGeometry;
  thicknessMm: number;
  /** Over the rim on each side, mm. */
  overMm: number;
  /** Height of the filling over its lining, mm. */
  fillMm: number;
  lined: boolean;
  lid: 'whole' | 'lattice' | 'none';
  domeMm: number;
}

const at = (points: readonly (readonly [number, number])[]): string =>
  points.map(([x, y], i) => `${i ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** A dish cut through, its dough laid in and the filling up to its line; x is its middle, y its brim. */
export function DishSection({ x, y, px, dish }: { x: number; y: number; px: number; dish: Filled }) {
  const { g, thicknessMm: t, overMm, fillMm, lined, lid, domeMm } = dish;
  const [top, bottom] = [(g.top.length / 2) * px, (g.bottom.length / 2) * px];
  const depth = g.depth * px;
  const rim = Math.max(g.rim, 4) * px;
  const over = overMm * px;
  const thick = lined ? Math.max(2, t * px) : 0;
  const inner = (z: number): number => bottom + ((top - bottom) * z) / g.depth - thick;
  const foot = y + depth - thick;
  const level = Math.min(g.depth - (lined ? t : 0), fillMm);
  const line = foot - level * px;
  const dome = lid === 'whole' ? domeMm * px : 0;
  const lidFrom = top + rim + over;
  return (
    <g>
      {level > 0 && (
        <path
          d={`${at([
            [x - inner(0), foot],
            [x + inner(0), foot],
            [x + inner(level), line],
            [x - inner(level), line],
          ])}Z`}
          fill="url(#fill-filling)"
        />
      )}
      {lined && (
        <path
          d={`${at([
            [x - top - rim - over, y],
            [x - top, y],
            [x - bottom, y + depth],
            [x + bottom, y + depth],
            [x + top, y],
            [x + top + rim + over, y],
            [x + top + rim + over, y - thick],
            [x + top - thick, y - thick],
            [x + bottom - thick, foot],
            [x - bottom + thick, foot],
            [x - top + thick, y - thick],
            [x - top - rim - over, y - thick],
          ])}Z`}
          fill="url(#fill-dough)"
          stroke="var(--color-ink)"
          strokeWidth="1.2"
        />
      )}
      {lid !== 'none' && (
        <path
          d={`M${x - lidFrom} ${y - thick}Q${x - top * 0.9} ${y - thick - dome} ${x} ${y - thick - dome}Q${x + top * 0.9} ${y - thick - dome} ${x + lidFrom} ${y - thick}v${-Math.max(2, t * px)}Q${x + top * 0.9} ${y - thick - dome - Math.max(2, t * px)} ${x} ${y - thick - dome - Math.max(2, t * px)}Q${x - top * 0.9} ${y - thick - dome - Math.max(2, t * px)} ${x - lidFrom} ${y - thick - Math.max(2, t * px)}Z`}
          fill={lid === 'lattice' ? 'none' : 'url(#fill-dough)'}
          stroke="var(--color-ink)"
          strokeWidth="1.2"
          strokeDasharray={lid === 'lattice' ? '9 7' : undefined}
        />
      )}
      <path
        d={at([
          [x - top - rim, y],
          [x - top, y],
          [x - bottom, y + depth],
          [x + bottom, y + depth],
          [x + top, y],
          [x + top + rim, y],
        ])}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth="3.5"
        strokeLinejoin="round"
      />
      {level > 0 && (
        <line
          x1={x - inner(level)}
          x2={x + inner(level)}
          y1={line}
          y2={line}
          stroke="var(--color-ink)"
          strokeDasharray="6 4"
        />
      )}
    </g>
  );
}

/** The dish from above with the dough over its rim, the lid or its strips. */
export function DishPlan({
  x,
  y,
  px,
  dish,
  strips,
}: {
  x: number;
  y: number;
  px: number;
  dish: Filled;
  strips: { width: number; spacing: number; woven: boolean };
}) {
  const { g, overMm, lid, lined } = dish;
  const outline = (grown: number, rest: object) => {
    const [a, b] = [g.top.length + 2 * grown, g.top.width + 2 * grown].map((v) => v * px) as [number, number];
    return g.form === 'rect' ? (
      <rect x={x - a / 2} y={y - b / 2} width={a} height={b} rx={(g.corner + grown) * px} {...rest} />
    ) : (
      <ellipse cx={x} cy={y} rx={a / 2} ry={b / 2} {...rest} />
    );
  };
  const rim = Math.max(g.rim, 4);
  return (
    <g>
      {(lined || lid === 'whole') &&
        outline(rim + overMm, { fill: 'url(#fill-dough)', stroke: 'var(--color-ink)', strokeDasharray: '5 4' })}
      {outline(rim, {
        fill: lid === 'whole' ? 'none' : 'var(--color-flour)',
        stroke: 'var(--color-ink)',
        strokeWidth: 3,
      })}
      {outline(0, {
        fill: lid === 'whole' ? 'none' : 'url(#fill-filling)',
        stroke: 'var(--color-ink)',
        strokeWidth: 1,
      })}
      {lid === 'lattice' &&
        latticeStrips(g, strips).map((s, i) => {
          const [long, wide] = [s.length * px, strips.width * px];
          const middle = s.y * px;
          return s.direction === 0 ? (
            <rect
              key={i}
              x={x - long / 2}
              y={y + middle - wide / 2}
              width={long}
              height={wide}
              fill="var(--color-dough-thin)"
              stroke="var(--color-ink)"
            />
          ) : (
            <rect
              key={i}
              x={x + middle - wide / 2}
              y={y - long / 2}
              width={wide}
              height={long}
              fill="var(--color-dough-thin)"
              stroke="var(--color-ink)"
              fillOpacity="0.85"
            />
          );
        })}
    </g>
  );
}
