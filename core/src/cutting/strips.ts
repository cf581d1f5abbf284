import { RefusedInput, within } from '../quantities/refusal';

export interface StripRows {
  /** Rows across the sheet; null when a strip is longer than it: two have to be joined. */
  rows: number | null;
  /** Row of each strip, in the order they were given. */
  assign: number[];
  /** No fewer rows could do. */
  exact: boolean;
  tooLong: number[];
}

const mostExact = 18;
const mostNodes = 200_000;

/**
 * Strips of one width and given lengths (mm) in the fewest rows of a sheet of length L: longest first where they fit first,
 * then, up to eighteen strips, every other way as long as it could be better.
 */
export function stripRows(o: { lengths: readonly number[]; L: number }): StripRows {
  const L = within(o.L, 20, 3000, 'L');
  if (o.lengths.length > 400)
    throw new RefusedInput({ field: 'lengths', code: 'too_many', value: o.lengths.length, allowed: { max: 400 } });
  const lengths = o.lengths.map((l) => within(l, 1, 5000, 'lengths'));
  const tooLong = lengths.flatMap((l, i) => (l > L + 1e-9 ? [i] : []));
  if (tooLong.length) return { rows: null, assign: [], exact: true, tooLong };
  const order = lengths.map((_, i) => i).sort((a, b) => lengths[b] - lengths[a] || a - b);
  const least = Math.ceil(lengths.reduce((sum, l) => sum + l, 0) / L - 1e-9);
  let best = firstFit(order, lengths, L);
  let exact = best.rows === least;
  if (!exact && lengths.length <= mostExact) {
    let nodes = 0;
    const assign = new Array<number>(lengths.length).fill(0);
    const free: number[] = [];
    const place = (k: number): void => {
      if (free.length >= best.rows || nodes++ > mostNodes) return;
      const i = order[k];
      if (i === undefined) {
        best = { rows: free.length, assign: [...assign] };
        return;
      }
      const l = lengths[i];
      const tried = new Set<number>();
      for (let row = 0; row < free.length && best.rows > least; row++) {
        const room = free[row];
        if (room < l - 1e-9 || tried.has(room)) continue;
        tried.add(room);
        free[row] = room - l;
        assign[i] = row;
        place(k + 1);
        free[row] = room;
      }
      if (free.length + 1 < best.rows) {
        free.push(L - l);
        assign[i] = free.length - 1;
        place(k + 1);
        free.pop();
      }
    };
    place(0);
    exact = nodes <= mostNodes;
  }
  return { rows: best.rows, assign: best.assign, exact, tooLong };
}

function firstFit(order: readonly number[], lengths: readonly number[], L: number): { rows: number; assign: number[] } {
  const free: number[] = [];
  const assign = new Array<number>(lengths.length).fill(0);
  for (const i of order) {
    const l = lengths[i];
    let row = free.findIndex((room) => room >= l - 1e-9);
    if (row < 0) row = free.push(L) - 1;
    free[row] = free[row] - l;
    assign[i] = row;
  }
  return { rows: free.length, assign };
}
