import type { Sheet } from '../cutting/sheet';

/** Pieces by their middles and the largest of their sides, mm. */
export interface OrderedPiece {
  x: number;
  y: number;
  sizeMm: number;
}

/**
 * The order to cut in: larger pieces first; rows from the bottom edge (members within 0.4 of a size of the first), walked back and
 * forth, so that offcuts stay in one piece and the first cut is at a corner. Indices into the list given.
 */
export function cutOrder(pieces: readonly OrderedPiece[]): number[] {
  const order: number[] = [];
  const sizes = [...new Set(pieces.map((p) => Math.round(p.sizeMm * 10)))].sort((a, b) => b - a);
  for (const size of sizes) {
    const left = pieces.flatMap((p, i) => (Math.round(p.sizeMm * 10) === size ? [i] : []));
    const at = (i: number) => pieces[i];
    left.sort((a, b) => at(a).y - at(b).y || at(a).x - at(b).x || a - b);
    for (let row = 0; left.length > 0; row++) {
      const foot = at(left[0]).y;
      const members = left.filter((i) => at(i).y - foot < 0.4 * (size / 10));
      members.sort((a, b) => (row % 2 ? at(b).x - at(a).x : at(a).x - at(b).x) || a - b);
      order.push(...members);
      for (const i of members) left.splice(left.indexOf(i), 1);
    }
  }
  return order;
}

/**
 * The order of a layout's pieces, the sheet lying lengthways before the cook: the one numbering of screen, template and list.
 * Middles in mm from the sheet's lower left corner; indices into them.
 */
export function layingOrder(sheet: Sheet, centres: readonly (readonly [number, number])[], sizeMm: number): number[] {
  const upright = sheet.shape === 'rect' && sheet.h > sheet.w;
  const w = sheet.shape === 'round' ? sheet.d : sheet.w;
  return cutOrder(centres.map(([x, y]) => (upright ? { x: y, y: w - x, sizeMm } : { x, y, sizeMm })));
}
