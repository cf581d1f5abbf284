import type { Point } from '../cutting/shape';
import type { Topping } from '../sealing/toppings';
import type { Primitive } from './primitives';
import { ventMark, ventMarks, type VentMark } from './vents';

/** How pieces that are made apart are told from the others once they are closed. */
export const markings = ['cuts', 'initials', 'seeds', 'shapes'] as const;
export type Marking = (typeof markings)[number];

/** Cut from scraps and laid on with the wash. */
export const pastryShapes = ['leaf', 'star', 'heart', 'moon', 'ring'] as const;
export type PastryShape = (typeof pastryShapes)[number];
/** Strewn on while the wash is wet: only what is nobody's allergen. */
export const markSeeds = ['poppySeed', 'caraway', 'seaSalt'] as const satisfies readonly Topping[];
export type MarkSeed = (typeof markSeeds)[number];

/** What one lot of pieces is known by: so many cuts of a kind, letters, seeds, or so many shapes. */
export type PieceMark =
  | { by: 'cuts'; cut: VentMark; times: number }
  | { by: 'initials'; letters: string }
  | { by: 'seeds'; seed: MarkSeed }
  | { by: 'shapes'; shape: PastryShape; times: number };

const cuts = ventMarks.filter((m) => m !== 'slits');
/** Cuts every lid has anyway are nobody's. */
export const cutMark = (n: number): PieceMark => ({
  by: 'cuts',
  cut: cuts[n % cuts.length],
  times: Math.floor(n / cuts.length) + 1,
});

/**
 * Marks for lots of pieces in their order, every two of them unlike: initials long enough to tell the names apart, seeds that are
 * not on all pieces anyway, and cuts where those run out.
 * @param lots whose each lot is
 * @param everywhere what is strewn on all pieces
 * @example marksOf('initials', [['Noor'], ['Nils']]).map((m) => (m.by === 'initials' ? m.letters : '')) // ['NO', 'NI']
 */
export function marksOf(by: Marking, lots: readonly (readonly string[])[], everywhere: Topping = 'none'): PieceMark[] {
  if (by === 'shapes')
    return lots.map((_, n) => ({
      by,
      shape: pastryShapes[n % pastryShapes.length],
      times: Math.floor(n / pastryShapes.length) + 1,
    }));
  if (by === 'seeds') {
    const free = markSeeds.filter((s) => s !== everywhere);
    return lots.map((_, n) => (n < free.length ? { by, seed: free[n] } : cutMark(n - free.length)));
  }
  if (by === 'initials') {
    const whose = lots.map((names) => names.map((name) => name.trim().toUpperCase()).filter(Boolean));
    for (let long = 1; long <= mostLetters; long++) {
      const letters = whose.map((names) => names.map((name) => name.slice(0, long)).join('+'));
      if (letters.every(Boolean) && new Set(letters).size === letters.length)
        return letters.map((l) => ({ by, letters: l }));
    }
  }
  return lots.map((_, n) => cutMark(n));
}
/** More than so many letters of a name are not cut into a lid. */
const mostLetters = 3;

/** A mark as it is drawn on a label, `sizeMm` high about a middle; marks of several stand side by side to the left. */
export function markDrawing(mark: PieceMark, [x, y]: Point, sizeMm: number): Primitive[] {
  const several = (times: number, draw: (at: Point) => Primitive[]) =>
    Array.from({ length: times }, (_, n) => draw([x - 1.25 * sizeMm * n, y])).flat();
  switch (mark.by) {
    case 'cuts':
      return several(mark.times, (at) => ventMark(mark.cut, at, sizeMm));
    case 'shapes':
      return several(mark.times, (at) => [shapeDrawing(mark.shape, at, sizeMm / 2)]);
    case 'initials':
      return [
        { kind: 'text', x: x + sizeMm / 2, y: y - sizeMm / 3, text: mark.letters, sizeMm: 0.9 * sizeMm, anchor: 'end' },
      ];
    case 'seeds':
      return Array.from({ length: 7 }, (_, n): Primitive => {
        const [turn, r] = [n * 2.4, (sizeMm / 2) * Math.sqrt(n / 7)];
        return { kind: 'circle', x: x + r * Math.cos(turn), y: y + r * Math.sin(turn), r: 0.07 * sizeMm };
      });
  }
}

function shapeDrawing(shape: PastryShape, [x, y]: Point, r: number): Primitive {
  const round = (n: number, radius: (turn: number, at: number) => number): Primitive => ({
    kind: 'path',
    closed: true,
    weightMm: 0.4,
    points: Array.from({ length: n }, (_, at): Point => {
      const turn = Math.PI / 2 + (2 * Math.PI * at) / n;
      return [x + r * radius(turn, at) * Math.cos(turn), y + r * radius(turn, at) * Math.sin(turn)];
    }),
  });
  switch (shape) {
    case 'star':
      return round(10, (_, at) => (at % 2 ? 0.4 : 1));
    case 'ring':
      return { kind: 'circle', x, y, r: 0.8 * r, weightMm: 0.4 };
    case 'leaf':
      return round(24, (turn) => 0.35 + 0.65 * Math.abs(Math.sin(turn)) ** 6);
    case 'heart':
      return round(32, (turn) => 1 - 0.55 * Math.max(0, Math.sin(turn)) ** 6 - 0.15 * Math.abs(Math.cos(turn)));
    case 'moon':
      return {
        kind: 'path',
        closed: true,
        weightMm: 0.4,
        points: Array.from({ length: 24 }, (_, n): Point => {
          const turn = Math.PI / 2 + (Math.PI * (n < 12 ? n : 23 - n)) / 11;
          return [x + r * (n < 12 ? 1 : 0.45) * Math.cos(turn), y + r * Math.sin(turn)];
        }),
      };
  }
}
