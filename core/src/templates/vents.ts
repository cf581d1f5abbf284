import type { Point } from '../cutting/shape';
import type { Primitive } from './primitives';

/** Marks cut through a lid so that it can be told apart: they are vents, so they last through wash and oven. */
export const ventMarks = ['slits', 'slant', 'bar', 'cross', 'dots'] as const;
export type VentMark = (typeof ventMarks)[number];

/** A vent mark about a middle, `sizeMm` across. */
export function ventMark(mark: VentMark, [x, y]: Point, sizeMm: number, slits = 3): Primitive[] {
  const h = sizeMm / 2;
  const line = (a: Point, b: Point): Primitive => ({ kind: 'path', points: [a, b], weightMm: 0.5 });
  switch (mark) {
    case 'slits':
      return Array.from({ length: Math.max(1, slits) }, (_, i) => {
        const at = x + (slits > 1 ? (i / (slits - 1) - 0.5) * sizeMm : 0);
        return line([at, y - h], [at, y + h]);
      });
    case 'slant':
      return [line([x - h, y - h], [x + h, y + h])];
    case 'bar':
      return [line([x - h, y], [x + h, y])];
    case 'cross':
      return [line([x - h, y], [x + h, y]), line([x, y - h], [x, y + h])];
    case 'dots':
      return [-1, 1].flatMap((a): Primitive[] =>
        [-1, 1].map((b): Primitive => ({ kind: 'circle', x: x + (a * h) / 2, y: y + (b * h) / 2, r: sizeMm * 0.09 })),
      );
  }
}
