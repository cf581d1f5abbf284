import type { Point } from '../cutting/shape';

/** What a drawing at its own size is made of, mm, y upwards. */
export type Primitive =
  | { kind: 'path'; points: readonly Point[]; closed?: boolean; dashed?: boolean; weightMm?: number }
  | { kind: 'circle'; x: number; y: number; r: number; dashed?: boolean; weightMm?: number }
  | { kind: 'text'; x: number; y: number; text: string; sizeMm: number; anchor?: 'start' | 'middle' | 'end' };

export interface FlatDrawing {
  title: string;
  widthMm: number;
  heightMm: number;
  items: Primitive[];
}

export const hairMm = 0.25;

const shift = ([x, y]: Point, dx: number, dy: number): Point => [x + dx, y + dy];

/** The same primitives elsewhere. */
export const moved = (items: readonly Primitive[], dx: number, dy: number): Primitive[] =>
  items.map((item) =>
    item.kind === 'path'
      ? { ...item, points: item.points.map((p) => shift(p, dx, dy)) }
      : { ...item, x: item.x + dx, y: item.y + dy },
  );
