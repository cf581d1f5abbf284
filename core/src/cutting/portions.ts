import { RefusedInput, within } from '../quantities/refusal';

/**
 * Whole grams for N portions of M grams, by weights or alike: everybody's floor, the grams left over one each to the largest
 * fractions (the earlier portion where they tie). Refuses fewer grams than portions.
 * @example targets(1000, 3) // [ 334, 333, 333 ]
 */
export function targets(massG: number, portions: number, weights?: readonly number[]): number[] {
  within(portions, 1, 200, 'N');
  within(massG, portions, 1_000_000, 'M');
  const shares = weights ?? Array.from({ length: portions }, () => 1);
  if (shares.length !== portions)
    throw new RefusedInput({ field: 'weights', code: 'out_of_range', value: shares.length, allowed: portions });
  const sum = shares.reduce((total, w, i) => total + within(w, 0.01, 1000, `weights.${i}`), 0);
  const exact = shares.map((w) => (massG * w) / sum);
  const whole = exact.map((v) => Math.floor(v + 1e-9));
  const left = Math.round(massG) - whole.reduce((total, v) => total + v, 0);
  const order = exact
    .map((v, i) => ({ i, fraction: v - Math.floor(v + 1e-9) }))
    .sort((a, b) => b.fraction - a.fraction || a.i - b.i);
  for (let k = 0; k < left; k++) {
    const next = order[k % portions] as { i: number };
    whole[next.i] = whole[next.i] + 1;
  }
  return whole;
}

export interface Move {
  from: number;
  /** Index of a portion; the number of portions means the bowl. */
  to: number;
  g: number;
}

export interface Moves {
  feasible: boolean;
  moves: Move[];
  count: number;
  /** Found by looking at every grouping; false above fourteen, where it is a good guess. */
  exact: boolean;
  /** Where it cannot be: grams too many (or, below nothing, too few), and the target that could be met. */
  gapG: number;
  proposeG: number | null;
}

const mostExact = 14;

/**
 * Fewest moves of grams that bring measured portions within a tolerance of their targets, with a bowl that may give and take.
 * A group that can be settled inside itself needs one move fewer than it has members, so the fewest moves come from the most
 * such groups: exact by looking at all groupings up to 14 portions, bowl included; above, pairs and triples first.
 * @example fewestMoves([95, 105], [100, 100], 2).moves // [ { from: 1, to: 0, g: 3 } ]
 */
export function fewestMoves(
  measured: readonly number[],
  wanted: readonly number[],
  toleranceG: number,
  bowlG?: number,
): Moves {
  const n = measured.length;
  if (n === 0 || wanted.length !== n)
    throw new RefusedInput({ field: 'T', code: 'out_of_range', value: wanted.length, allowed: n || 'some portions' });
  within(toleranceG, 0, 10_000, 'tol');
  const off = measured.map((m, i) => within(m, 0, 1e6, `m.${i}`) - within(wanted[i], 0, 1e6, `T.${i}`));
  const hasBowl = bowlG !== undefined;
  const bowl = hasBowl ? within(bowlG, 0, 1e6, 'rest') : 0;
  const sum = off.reduce((total, d) => total + d, 0);
  const short = hasBowl ? sum + bowl < -n * toleranceG - 1e-9 : Math.abs(sum) > n * toleranceG + 1e-9;
  if (short) {
    const gapG = hasBowl ? sum + bowl : sum;
    const base = wanted.reduce((total, t) => total + t, 0) / n;
    return { feasible: false, moves: [], count: 0, exact: true, gapG, proposeG: base + Math.trunc(gapG / n) };
  }
  const nodes = n + (hasBowl ? 1 : 0);
  const groups =
    nodes <= mostExact
      ? bestGroups(off, toleranceG, hasBowl ? bowl : null)
      : goodGroups(off, toleranceG, hasBowl ? bowl : null);
  const moves = groups.flatMap((g) => settle(g, off, toleranceG, n, bowl));
  return { feasible: true, moves, count: moves.length, exact: nodes <= mostExact, gapG: sum, proposeG: null };
}

const settles = (members: readonly number[], off: readonly number[], tol: number, bowl: number | null): boolean => {
  const n = off.length;
  const own = members.filter((i) => i < n);
  const sum = own.reduce((total, i) => total + off[i], 0);
  return own.length < members.length
    ? sum + (bowl ?? 0) >= -own.length * tol - 1e-9
    : Math.abs(sum) <= own.length * tol + 1e-9;
};

/** The grouping with the most groups that settle inside themselves: subsets, each once. */
function bestGroups(off: readonly number[], tol: number, bowl: number | null): number[][] {
  const nodes = off.length + (bowl === null ? 0 : 1);
  const all = (1 << nodes) - 1;
  const membersOf = (mask: number) => Array.from({ length: nodes }, (_, i) => i).filter((i) => mask & (1 << i));
  const fits = new Uint8Array(all + 1);
  for (let mask = 1; mask <= all; mask++) fits[mask] = settles(membersOf(mask), off, tol, bowl) ? 1 : 0;
  const best = new Int8Array(all + 1).fill(-1);
  const via = new Int32Array(all + 1);
  best[0] = 0;
  for (let mask = 1; mask <= all; mask++) {
    // the lowest member is in some group: only those need be tried
    const lowest = mask & -mask;
    const rest = mask ^ lowest;
    for (let sub = rest; ; sub = (sub - 1) & rest) {
      const group = sub | lowest;
      const before = best[mask ^ group];
      if (fits[group] && before >= 0 && before + 1 > best[mask]) {
        best[mask] = before + 1;
        via[mask] = group;
      }
      if (sub === 0) break;
    }
  }
  const groups: number[][] = [];
  for (let mask = all; mask > 0 && best[mask] > 0; mask ^= via[mask]) groups.push(membersOf(via[mask]));
  return groups;
}

/** Above fourteen: portions that are right stand alone, then pairs, then triples, the rest in one chain with the bowl. */
function goodGroups(off: readonly number[], tol: number, bowl: number | null): number[][] {
  const n = off.length;
  const groups: number[][] = [];
  const alone = new Set<number>();
  for (let i = 0; i < n; i++) if (Math.abs(off[i]) <= tol + 1e-9) alone.add(i);
  const open = Array.from({ length: n }, (_, i) => i)
    .filter((i) => !alone.has(i))
    .sort((a, b) => Math.abs(off[b]) - Math.abs(off[a]) || a - b);
  const take = (members: number[]) => {
    groups.push(members);
    for (const i of members) open.splice(open.indexOf(i), 1);
  };
  for (let a = 0; a < open.length; a++) {
    const b = open.findIndex((j, k) => k > a && settles([open[a], j], off, tol, null));
    if (b < 0) continue;
    take([open[a], open[b]]);
    a = -1;
  }
  triples: for (let a = 0; a < open.length; a++)
    for (let b = a + 1; b < open.length; b++)
      for (let c = b + 1; c < open.length; c++) {
        const three = [open[a], open[b], open[c]] as number[];
        if (!settles(three, off, tol, null)) continue;
        take(three);
        a = -1;
        continue triples;
      }
  const chain = [...open, ...(bowl === null ? [] : [n])];
  const helpers = [...alone].sort((a, b) => Math.abs(off[b]) - Math.abs(off[a]) || a - b);
  while (open.length > 0 && !settles(chain, off, tol, bowl)) {
    const sum = chain.filter((i) => i < n).reduce((total, i) => total + off[i], 0);
    const k = helpers.findIndex((i) => Math.sign(off[i]) !== Math.sign(sum));
    const [helper] = helpers.splice(Math.max(0, k), 1);
    if (helper === undefined) break;
    chain.push(helper);
    alone.delete(helper);
  }
  if (open.length > 0) groups.push(chain);
  for (const i of alone) groups.push([i]);
  return groups;
}

/** The grams of one group: what its tolerances and the bowl do not take goes from the largest giver to the largest taker. */
function settle(
  group: readonly number[],
  off: readonly number[],
  tol: number,
  bowlIndex: number,
  bowlG: number,
): Move[] {
  const own = group.filter((i) => i < bowlIndex);
  const withBowl = own.length < group.length;
  const must = new Map(own.map((i) => [i, Math.max(-tol, Math.min(tol, off[i]))]));
  // how much each has to give away (or take, below nothing) to end at its allowed deviation
  const give = new Map(own.map((i) => [i, off[i] - (must.get(i) as number)]));
  let left = [...give.values()].reduce((total, v) => total + v, 0);
  if (withBowl) {
    // the bowl takes all there is to take, and gives no more than it has
    const from = Math.min(bowlG, -left);
    give.set(bowlIndex, from);
    left += from;
  }
  for (const i of own) {
    if (Math.abs(left) < 1e-9) break;
    const room = left > 0 ? tol - (must.get(i) as number) : -tol - (must.get(i) as number);
    const share = left > 0 ? Math.min(left, room) : Math.max(left, room);
    give.set(i, (give.get(i) as number) - share);
    left -= share;
  }
  const moves: Move[] = [];
  for (;;) {
    const open = [...give].filter(([, v]) => Math.abs(v) > 1e-9);
    const givers = open.filter(([, v]) => v > 0).sort((a, b) => b[1] - a[1] || a[0] - b[0]);
    const takers = open.filter(([, v]) => v < 0).sort((a, b) => a[1] - b[1] || a[0] - b[0]);
    const [giver, taker] = [givers[0], takers[0]];
    if (!giver || !taker) return moves;
    const match = givers.flatMap((g) =>
      takers.filter((t) => Math.abs(g[1] + t[1]) < 1e-9).map((t) => [g, t] as const),
    )[0];
    const [[from, has], [to, wants]] = match ?? [giver, taker];
    const g = Math.min(has, -wants);
    moves.push({ from, to, g });
    give.set(from, has - g);
    give.set(to, wants + g);
  }
}
