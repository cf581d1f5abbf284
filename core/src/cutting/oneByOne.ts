import { within } from '../quantities/refusal';
import { ballMass } from './piece';
import type { Generation, ReRollPlan } from './reRolls';
import { shapeArea, type CutShape } from './shape';
import { sheetArea, type Sheet } from './sheet';

interface Made {
  mass: number;
  plan: ReRollPlan;
}

const planOf = (generation: Generation): Made => ({
  mass: generation.mass,
  plan: {
    gens: [generation],
    pieces: generation.n,
    saved: generation.scrap,
    lost: 0,
    stop: 'enough',
    scrapPct: (100 * generation.scrap) / generation.mass,
    massError: 0,
  },
});

/** A piece that comes out at the size it is made at. */
const asWanted = (size: number, t: number) => ({
  shrinkPct: 0,
  cutter: size,
  roll: t,
  finD: size,
  finT: t,
  finAcross: size,
  stretch: [1, 1] as [number, number],
});

/**
 * N rounds of D mm at t mm, each rolled from a ball of its own: equal masses `πD²tρ/4`, nothing left over. g, mm, g/cm³.
 * Refuses what cannot be rolled (D 5–1000 mm, t 0.2–60 mm).
 * @example ballsPlan({ D: 190, t: 3, rho: 1.2, N: 7 }).mass // 714.5
 */
export function ballsPlan(o: { D: number; t: number; rho: number; N: number }): Made {
  const D = within(o.D, 5, 1000, 'D');
  const each = ballMass(D, within(o.t, 0.2, 60, 't'), o.rho);
  const N = within(o.N, 1, 200, 'N');
  return planOf({
    ...asWanted(D, o.t),
    mass: N * each,
    sheets: N,
    sheet: { shape: 'round', d: D },
    shape: { kind: 'disc', d: D },
    capacity: N,
    n: N,
    pieceMass: each,
    scrap: 0,
  });
}

/** What a sheet is larger by at its edges, to go over the heaps of filling, mm (estimate). */
const overHeapsMm = 10;

/**
 * N rounds of D mm cut after they are filled and closed, through both layers at once: folded, one row of heaps along a strip
 * whose other half comes over them; covered, rows of heaps under a second sheet. The grid with the least dough is taken;
 * nothing is rolled again, for the trimmings are two layers. g, mm, g/cm³. Refuses a round no sheet holds.
 */
export function closedFirstPlan(o: {
  D: number;
  t: number;
  rho: number;
  N: number;
  covered: boolean;
  trim: number;
  gap: number;
  long: number;
  wide: number;
}): Made {
  const edge = 2 * (o.trim + overHeapsMm);
  const D = within(o.D, 5, Math.min(o.long, o.wide) - edge, 'D');
  const N = within(o.N, 1, 200, 'N');
  const fit = (mm: number) => Math.max(1, Math.floor((mm - edge + o.gap + 1e-9) / (D + o.gap)));
  const side = (n: number) => n * (D + o.gap) - o.gap + edge;
  const [cols, rows] = [fit(o.long), o.covered ? fit(o.wide) : 1];
  const grids = Array.from({ length: cols }, (_, i) => i + 1).flatMap((c) =>
    Array.from({ length: rows }, (_, j) => ({ c, r: j + 1, times: Math.ceil(N / (c * (j + 1))) })),
  );
  const area = (g: (typeof grids)[number]) => g.times * side(g.c) * side(g.r);
  const { c, r, times } = grids.reduce((best, g) => (area(g) < area(best) - 1e-9 ? g : best));
  const layers = o.covered ? 2 : 1;
  const sheet: Sheet = { shape: 'rect', w: side(c), h: side(r) };
  const shape: CutShape = { kind: 'disc', d: D };
  const grams = (mm2: number) => (mm2 * within(o.t, 0.2, 60, 't') * o.rho) / 1000;
  const mass = layers * times * grams(sheetArea(sheet));
  const pieceMass = grams(shapeArea(shape));
  return planOf({
    ...asWanted(D, o.t),
    mass,
    sheets: layers * times,
    sheet,
    shape,
    capacity: layers * times * c * r,
    n: layers * N,
    pieceMass,
    scrap: mass - layers * N * pieceMass,
  });
}

/**
 * N pieces of a × b mm cut across a strip as wide as they are long: one cut between two, only the edges trimmed. Strips no longer
 * than `long` mm, all alike. Refuses a piece that no strip of that length holds.
 */
export function stripPlan(o: {
  a: number;
  b: number;
  t: number;
  rho: number;
  N: number;
  trim: number;
  long: number;
}): Made {
  const most = Math.floor((o.long - 2 * o.trim + 1e-9) / within(o.a, 5, o.long - 2 * o.trim, 'a'));
  const N = within(o.N, 1, 200, 'N');
  const sheets = Math.ceil(N / most);
  const each = Math.ceil(N / sheets);
  const sheet: Sheet = { shape: 'rect', w: each * o.a + 2 * o.trim, h: o.b + 2 * o.trim };
  const shape: CutShape = { kind: 'rect', a: o.a, b: o.b };
  const grams = (mm2: number) => (mm2 * within(o.t, 0.2, 60, 't') * o.rho) / 1000;
  const mass = sheets * grams(sheetArea(sheet));
  const pieceMass = grams(shapeArea(shape));
  return planOf({
    ...asWanted(o.a, o.t),
    mass,
    sheets,
    sheet,
    shape,
    capacity: sheets * each,
    n: N,
    pieceMass,
    scrap: mass - N * pieceMass,
  });
}
