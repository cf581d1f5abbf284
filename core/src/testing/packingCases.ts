import { layAround, snapped, type Bed } from '../cutting/placing';
import { mostDiscs, smallestSheet, smallestSheetForSets } from '../cutting/nesting';
import { packerOf } from '../cutting/packer';
import { minimumDough } from '../cutting/reRolls';
import { guillotine } from '../cutting/straightCuts';
import type { Point } from '../cutting/shape';
import type { Sheet } from '../cutting/sheet';

/** A leaf of six corners. */
export const leaf: Point[] = [
  [0, 25],
  [30, 5],
  [70, 0],
  [100, 25],
  [70, 50],
  [30, 45],
];
const sheet: Sheet = { shape: 'rect', w: 430, h: 315 };
const bed: Bed = { sheet, shape: { kind: 'disc', d: 92 }, trim: 5, gap: 2 };

/** Twenty calls of every kind of cutting, to be answered alike by every engine. */
const cases: (() => unknown)[] = [
  ...[5, 7, 8, 11, 13].map((N) => () => smallestSheet({ N, d: 92, effort: 'normal' })),
  ...[60, 75, 92, 110].map((d) => () => mostDiscs({ sheet, d, trim: 5, gap: 2 })),
  () => mostDiscs({ sheet: { shape: 'round', d: 340 }, d: 80, trim: 5, gap: 2 }),
  () =>
    smallestSheetForSets({
      sets: 3,
      types: [
        { d: 120, count: 1 },
        { d: 90, count: 1 },
      ],
    }),
  () => layAround(bed, [{ x: 200, y: 150 }]),
  () => snapped(bed, { x: 120, y: 90 }, [{ x: 70, y: 60 }]),
  () => packerOf({ kind: 'outline', points: leaf }, { trim: 5, gap: 2, quarterTurns: true }).lay(sheet),
  () => packerOf({ kind: 'triangle', base: 90, height: 80 }, { trim: 5, gap: 1, quarterTurns: true }).lay(sheet),
  () => guillotine({ w: 410, h: 310, a: 90, b: 70 }),
  () => guillotine({ w: 333, h: 287, a: 61, b: 47, gap: 1 }),
  ...[12, 20, 36].map((N) => () => minimumDough({ N, D: 92, t: 3, rho: 1.2 })),
];

/** Every answer as text: equal texts are equal to the last digit. */
export function packingAnswers(): string[] {
  return cases.map((run) => JSON.stringify(run()));
}
