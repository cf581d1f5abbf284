import { crossesItself, untangled, type Point } from '@crustallum/core/cutting/shape';
import { outlineCorners } from '@crustallum/core/filling/handPiece';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useItem } from '../../desk/useItem';
import { Drawing } from '../_shared/Drawing';
import type { CutInput } from '@crustallum/core/contracts/cut';

const [w, h] = [340, 300];
const [fewest, most] = [3, 40];

/** An outline of a handful of points, moved by pointer or arrows; points are added between two others, or taken off. */
export function OutlineEditor({ cut }: { cut: CutInput }) {
  const { change } = useItem();
  const points = outlineCorners(cut.outline);
  const [held, setHeld] = useState<{ index: number; at: Point } | null>(null);
  const [chosen, setChosen] = useState(0);
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const [left, foot] = [Math.min(...xs), Math.min(...ys)];
  const k = Math.min((w - 60) / (Math.max(...xs) - left), (h - 60) / (Math.max(...ys) - foot));
  const shown = points.map((p, i) => (held?.index === i ? held.at : p));
  const px = ([x, y]: Point): [number, number] => [30 + (x - left) * k, h - 30 - (y - foot) * k];
  const put = (next: readonly Point[]) =>
    change({ 'cut.outline': next.map(([x, y]) => ({ x: Math.round(x * 1e4) / 1e4, y: Math.round(y * 1e4) / 1e4 })) });
  const put1 = (index: number, at: Point) => put(points.map((p, i) => (i === index ? at : p)));
  const crossing = crossesItself(shown);
  const at = Math.min(chosen, points.length - 1);
  const keys = (e: KeyboardEvent, index: number) => {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[e.key];
    if (!way) return;
    e.preventDefault();
    e.stopPropagation();
    const [x, y] = points[index] as Point;
    const step = (e.shiftKey ? 12 : 4) / k;
    put1(index, [x + (way[0] as number) * step, y + (way[1] as number) * step]);
  };
  const moved = (e: PointerEvent<SVGGElement>): Point | null => {
    const m = e.currentTarget.ownerSVGElement?.getScreenCTM?.()?.inverse();
    if (!m) return null;
    const [x, y] = [m.a * e.clientX + m.c * e.clientY + m.e, m.b * e.clientX + m.d * e.clientY + m.f];
    return [left + (x - 30) / k, foot + (h - 30 - y) / k];
  };
  return (
    <section aria-label="Your outline" className="grid gap-2">
      <h2 className="sign m-0" style={{ fontSize: 21 }}>
        Your outline
      </h2>
      <Drawing
        w={w}
        h={h}
        label={`An outline of ${points.length} points`}
        live={shown.map((p, i) => {
          const [x, y] = px(p);
          return (
            <g
              key={i}
              role="slider"
              tabIndex={0}
              aria-label={`Point ${i + 1}`}
              aria-valuenow={i + 1}
              aria-valuetext={`${Math.round(x)} across, ${Math.round(h - y)} up`}
              style={{ cursor: 'grab', touchAction: 'none' }}
              onFocus={() => setChosen(i)}
              onKeyDown={(e) => keys(e, i)}
              onPointerDown={(e) => {
                e.currentTarget.setPointerCapture?.(e.pointerId);
                setChosen(i);
                setHeld({ index: i, at: p });
              }}
              onPointerMove={(e) => {
                const to = held?.index === i ? moved(e) : null;
                if (to) setHeld({ index: i, at: to });
              }}
              onPointerUp={() => {
                if (held) put1(held.index, held.at);
                setHeld(null);
              }}
              onPointerCancel={() => setHeld(null)}
            >
              <circle cx={x} cy={y} r="22" fill="transparent" />
              <circle
                cx={x}
                cy={y}
                r={at === i ? 9 : 6}
                fill="var(--color-flour)"
                stroke="var(--color-ink)"
                strokeWidth="3"
              />
            </g>
          );
        })}
      >
        <polygon
          points={shown.map((p) => px(p).join(',')).join(' ')}
          fill="url(#fill-dough)"
          stroke={crossing ? 'var(--color-rhubarb)' : 'var(--color-ink)'}
          strokeWidth="2.500"
          strokeDasharray={crossing ? '8 5' : undefined}
        />
      </Drawing>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="press quiet"
          disabled={points.length >= most}
          onClick={() => {
            const [a, b] = [points[at] as Point, points[(at + 1) % points.length] as Point];
            put([...points.slice(0, at + 1), [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], ...points.slice(at + 1)]);
          }}
        >
          A point after {at + 1}
        </button>
        <button
          type="button"
          className="press quiet"
          disabled={points.length <= fewest}
          onClick={() => put(points.filter((_, i) => i !== at))}
        >
          Without {at + 1}
        </button>
        {crossing && (
          <button type="button" className="press quiet" onClick={() => put(untangled(points))}>
            Put its points in order
          </button>
        )}
      </div>
    </section>
  );
}
