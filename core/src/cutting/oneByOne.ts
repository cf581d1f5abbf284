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
