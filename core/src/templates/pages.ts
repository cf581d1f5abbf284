import { RefusedInput } from '../quantities/refusal';
import { tiling, type Paper } from '../cutting/tiling';
import { hairMm, moved, type FlatDrawing, type Primitive } from './primitives';

export const mostPages = 30;
/** Margin no printer reaches, strip at the foot for ruler and caption, overlap of neighbouring pages, mm. */
export const pageLayout = { margin: 10, footer: 14, overlap: 10 } as const;
export const rulerMm = 100;

/** One sheet of paper at 1:1: what of the drawing it shows, clipped to its usable box, and the marks round it. */
export interface PaperPage {
  widthMm: number;
  heightMm: number;
  usable: { x: number; y: number; w: number; h: number };
  drawing: Primitive[];
  marks: Primitive[];
  row: number;
  column: number;
}

/** A ruler of 100 mm with a tick every ten, lying or upright, its ends exactly on its first and last tick. */
export function ruler(x: number, y: number, upright: boolean): Primitive[] {
  const at = (along: number, off: number): [number, number] => (upright ? [x + off, y + along] : [x + along, y + off]);
  return [
    { kind: 'path', points: [at(0, 0), at(rulerMm, 0)], weightMm: hairMm },
    ...Array.from({ length: 11 }, (_, i): Primitive => {
      const tick = i % 5 ? 1.6 : 3;
      return { kind: 'path', points: [at(i * 10, 0), at(i * 10, tick)], weightMm: hairMm };
    }),
  ];
}

/** A register mark: a cross of 8 mm in a box of 4, in the middle of an overlap, so that it meets itself on the next page. */
const register = (x: number, y: number): Primitive[] => [
  {
    kind: 'path',
    points: [
      [x - 4, y],
      [x + 4, y],
    ],
    weightMm: 0.2,
  },
  {
    kind: 'path',
    points: [
      [x, y - 4],
      [x, y + 4],
    ],
    weightMm: 0.2,
  },
  {
    kind: 'path',
    points: [
      [x - 2, y - 2],
      [x + 2, y - 2],
      [x + 2, y + 2],
      [x - 2, y + 2],
    ],
    closed: true,
    weightMm: 0.2,
  },
];

/** A drawing on sheets of paper at its own size; row 1 is the bottom. Refused over thirty pages. */
export function paperPages(
  d: FlatDrawing,
  paper: Paper,
  caption: (row: number, column: number, pages: number) => string,
): PaperPage[] {
  const { margin, footer, overlap } = pageLayout;
  const t = tiling({ W: d.widthMm, H: d.heightMm, paper, ...pageLayout });
  if (t.pages > mostPages)
    throw new RefusedInput({ field: 'pages', code: 'too_many', value: t.pages, allowed: { max: mostPages } });
  const usable = { x: margin, y: margin + footer, w: t.usable[0], h: t.usable[1] };
  const pages: PaperPage[] = [];
  for (let row = 0; row < t.ny; row++)
    for (let column = 0; column < t.nx; column++) {
      const marks: Primitive[] = [...ruler(margin, margin + 4, false), ...ruler(margin - 5, usable.y, true)];
      const [left, right] = [usable.x + overlap / 2, usable.x + usable.w - overlap / 2];
      const [foot, head] = [usable.y + overlap / 2, usable.y + usable.h - overlap / 2];
      const [midX, midY] = [usable.x + usable.w / 2, usable.y + usable.h / 2];
      const spots: [boolean, number, number][] = [
        [column > 0, left, midY],
        [column < t.nx - 1, right, midY],
        [row > 0, midX, foot],
        [row < t.ny - 1, midX, head],
        [column > 0 && row > 0, left, foot],
        [column < t.nx - 1 && row > 0, right, foot],
        [column > 0 && row < t.ny - 1, left, head],
        [column < t.nx - 1 && row < t.ny - 1, right, head],
      ];
      for (const [wanted, x, y] of spots) if (wanted) marks.push(...register(x, y));
      const words = caption(row + 1, column + 1, t.pages);
      marks.push(
        { kind: 'text', x: margin + rulerMm + 4, y: margin + 4, text: '100 mm, 3 15/16 in', sizeMm: 3 },
        { kind: 'text', x: margin, y: margin, text: words, sizeMm: 3 },
      );
      pages.push({
        widthMm: t.page[0],
        heightMm: t.page[1],
        usable,
        drawing: moved(d.items, usable.x - column * t.step[0], usable.y - row * t.step[1]),
        marks,
        row: row + 1,
        column: column + 1,
      });
    }
  return pages;
}
