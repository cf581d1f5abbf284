import { RefusedInput, within } from '../quantities/refusal';
import { cutterFor, type CutterChoice, type CutterPolicy } from './cutter';
import { packerOf, type Packer } from './packer';
import { scaledShape, shapeArea, type CutShape } from './shape';
import { sheetArea, type Sheet } from './sheet';

export interface ReRollOptions {
  /** g */
  mass: number;
  D: number;
  /** What is cut, at its wanted size; a disc of D where it is not given. */
  shape?: CutShape;
  t: number;
  rho: number;
  trim?: number;
  gap?: number;
  lossPct?: number;
  shrink0?: number;
  /** Shrink across the last roll, where it is not the same as along it. */
  shrinkAcross0?: number;
  shrinkStep?: number;
  policy?: CutterPolicy;
  cutterOnHand?: number;
  cutters?: readonly number[];
  maxRerolls?: number;
  minScrap?: number;
  wmax?: number;
  hmax?: number;
  aspectMax?: number;
  /** Pieces wanted; without it, as many as the dough gives. */
  need?: number;
  /** The first sheet as it is: its size, and how many are laid on it where not in rows. */
  first?: { sheet: Sheet; n?: number };
}

export interface Generation extends CutterChoice {
  /** Shrink this roll of the dough is expected to have, %. */
  shrinkPct: number;
  mass: number;
  sheets: number;
  sheet: Sheet;
  shape: CutShape;
  /** Pieces the sheet(s) could give; n is what is cut. */
  capacity: number;
  n: number;
  pieceMass: number;
  scrap: number;
}

export type ReRollStop = 'enough' | 'rerolls' | 'minscrap' | 'nofit' | 'toosmall';

export interface ReRollPlan {
  gens: Generation[];
  pieces: number;
  saved: number;
  lost: number;
  stop: ReRollStop;
  scrapPct: number;
  massError: number;
}

type Settings = ReturnType<typeof settings>;

function settings(o: Omit<ReRollOptions, 'mass'>) {
  const shrink0 = within(o.shrink0 ?? 2, 0, 40, 'shrink0');
  const shape: CutShape = o.shape ?? { kind: 'disc', d: within(o.D, 5, 1000, 'D') };
  return {
    D: within(o.D, 5, 1000, 'D'),
    t: within(o.t, 0.2, 60, 't'),
    rho: within(o.rho, 0.5, 1.6, 'rho'),
    shape,
    area: within(shapeArea(shape), 15, 1e6, 'shape'),
    trim: within(o.trim ?? 5, 0, 60, 'trim'),
    gap: within(o.gap ?? 2, 0, 30, 'gap'),
    loss: within(o.lossPct ?? 2, 0, 30, 'lossPct') / 100,
    shrink0,
    across0: within(o.shrinkAcross0 ?? shrink0, 0, 40, 'shrinkAcross0'),
    step: within(o.shrinkStep ?? 3, 0, 40, 'shrinkStep'),
    policy: o.policy ?? 'compensate',
    maxRerolls: within(o.maxRerolls ?? 2, 0, 10, 'maxRerolls'),
    wmax: within(o.wmax ?? 400, 20, 2000, 'wmax'),
    hmax: within(o.hmax ?? 600, 20, 2000, 'hmax'),
    aspect: within(o.aspectMax ?? 2, 1, 10, 'aspectMax'),
    cutterOnHand: o.cutterOnHand,
    cutters: o.cutters,
  };
}

/** The permitted sheet of a given area that holds most pieces, by rows or a grid only. */
function bestSheet(area: number, packer: Packer, s: Settings): { sheet: Sheet; n: number } {
  const [short, long] = [Math.min(s.wmax, s.hmax), Math.max(s.wmax, s.hmax)];
  const candidates: Sheet[] = [];
  const side = Math.sqrt(area);
  const rect = (w: number) => {
    const h = area / w;
    const [a, b] = [Math.min(w, h), Math.max(w, h)];
    if (a <= short + 1e-9 && b <= long + 1e-9 && b / a <= s.aspect + 1e-9) candidates.push({ shape: 'rect', w, h });
  };
  if (side <= short) candidates.push({ shape: 'square', w: side });
  const d = Math.sqrt((4 * area) / Math.PI);
  if (d <= short && packer.shape.kind === 'disc') candidates.push({ shape: 'round', d });
  for (const w of packer.sides(long)) rect(w);
  for (const ratio of [1.25, 1.5, 1.75, 2]) rect(Math.sqrt(area / ratio));
  let best: { sheet: Sheet; n: number } = { sheet: { shape: 'square', w: side }, n: 0 };
  for (const sheet of candidates) {
    if (smallest(sheet) < 20) continue;
    const n = packer.count(sheet);
    if (n > best.n) best = { sheet, n };
  }
  return best;
}

const smallest = (s: Sheet): number => (s.shape === 'round' ? s.d : s.shape === 'square' ? s.w : Math.min(s.w, s.h));

interface Cut extends CutterChoice {
  shrinkPct: number;
  shape: CutShape;
  pieceMass: number;
  packer: Packer;
}

/** Cutter, rolling thickness and shrink of generation g, whose dough shrinks more with every re-roll (40 % at most). */
function generationCut(s: Settings, g: number): Cut {
  const more = (first: number) => Math.min(40, first + g * s.step);
  const shrinkPct = more(s.shrink0);
  const choice = cutterFor({ ...s, shrinkPct, acrossPct: more(s.across0), bothWays: s.shape.kind !== 'disc' });
  const shape = scaledShape(s.shape, ...choice.stretch);
  const quarterTurns = s.shrink0 === s.across0;
  return {
    ...choice,
    shrinkPct,
    shape,
    pieceMass: (shapeArea(shape) * choice.roll * s.rho) / 1000,
    packer: packerOf(shape, { trim: s.trim, gap: s.gap, quarterTurns }),
  };
}

/** Cuts a mass of dough to the end: first sheet, then re-rolls with growing shrink. Mass = pieces + saved + lost, always. */
export function planReRolls(o: ReRollOptions): ReRollPlan {
  const s = settings(o);
  return planWith(
    o,
    s,
    Array.from({ length: s.maxRerolls + 1 }, (_, g) => generationCut(s, g)),
  );
}

function planWith(o: ReRollOptions, s: Settings, cuts: readonly Cut[]): ReRollPlan {
  const total = within(o.mass, 1, 20_000, 'mass');
  const need = o.need === undefined ? Infinity : within(o.need, 1, 1000, 'need');
  const gens: Generation[] = [];
  let mass = total;
  let pieces = 0;
  let pieceSum = 0;
  let lost = 0;
  let saved: number;
  let stop: ReRollStop;
  for (let g = 0; ; g++) {
    const { packer, ...cut } = cuts[g];
    const { pieceMass } = cut;
    const area = (1000 * mass) / (s.rho * cut.roll);
    const given = g === 0 ? o.first : undefined;
    const sheets = Math.max(
      1,
      given ? Math.round(area / sheetArea(given.sheet)) : Math.ceil(area / (s.wmax * s.hmax) - 1e-9),
    );
    const { sheet, n: perSheet } = given
      ? { sheet: given.sheet, n: given.n ?? packer.count(given.sheet) }
      : bestSheet(area / sheets, packer, s);
    const capacity = Math.min(perSheet * sheets, Math.floor(mass / pieceMass + 1e-9));
    if (capacity === 0) {
      stop = g === 0 ? 'toosmall' : 'nofit';
      saved = mass;
      if (g === 0) gens.push({ ...cut, mass, sheets, sheet, capacity, n: 0, scrap: mass });
      else {
        const last = gens[gens.length - 1];
        lost -= last.scrap * s.loss;
        saved = last.scrap;
      }
      break;
    }
    const n = Math.min(need - pieces, capacity);
    const scrap = mass - n * pieceMass;
    gens.push({ ...cut, mass, sheets, sheet, capacity, n, scrap });
    pieces += n;
    pieceSum += n * pieceMass;
    saved = scrap;
    const minScrap = o.minScrap ?? Math.max(60, 1.2 * pieceMass);
    if (pieces >= need) stop = 'enough';
    else if (g >= s.maxRerolls) stop = 'rerolls';
    else if (scrap < minScrap) stop = 'minscrap';
    else {
      lost += scrap * s.loss;
      mass = scrap * (1 - s.loss);
      continue;
    }
    break;
  }
  return {
    gens,
    pieces,
    saved,
    lost,
    stop,
    scrapPct: (100 * (saved + lost)) / total,
    massError: total - pieceSum - saved - lost,
  };
}

/** Least dough (g, in 5 g steps) whose plan reaches N pieces; refused when even six times the bare pieces would not do. */
export function minimumDough(o: Omit<ReRollOptions, 'mass' | 'need' | 'first'> & { N: number }): {
  mass: number;
  plan: ReRollPlan;
} {
  const N = within(o.N, 1, 200, 'N');
  const s = settings(o);
  const cuts = Array.from({ length: s.maxRerolls + 1 }, (_, g) => generationCut(s, g));
  const planned = (mass: number) => planWith({ ...o, mass, need: N }, s, cuts);
  const start = N * Math.min(...cuts.map((c) => c.pieceMass));
  const step = Math.max(1, start / 400);
  const reached = (mass: number) => planned(mass).pieces >= N;
  let mass = Math.max(1, start);
  while (!reached(mass)) {
    mass += step;
    if (mass > 6 * start || mass > 20_000)
      throw new RefusedInput({
        field: 'D',
        code: 'piece_bigger_than_bench',
        value: o.D,
        allowed: { wmax: s.wmax, hmax: s.hmax },
      });
  }
  mass = Math.ceil(mass / 5) * 5;
  while (!reached(mass)) mass += 5;
  return { mass, plan: planned(mass) };
}

/** Sheets of one given size that N pieces take, re-rolls counted: the fewest, at most twelve; null when even those give fewer. */
export function sheetsFor(
  o: Omit<ReRollOptions, 'mass' | 'need' | 'first'> & { N: number; first: { sheet: Sheet; n?: number } },
): { mass: number; plan: ReRollPlan } {
  const N = within(o.N, 1, 200, 'N');
  const s = settings(o);
  const cuts = Array.from({ length: s.maxRerolls + 1 }, (_, g) => generationCut(s, g));
  const one = (sheetArea(o.first.sheet) * cuts[0].roll * s.rho) / 1000;
  let best: { mass: number; plan: ReRollPlan } | null = null;
  for (let sheets = 1; sheets <= 12 && sheets * one <= 20_000; sheets++) {
    const plan = planWith({ ...o, mass: Math.max(1, sheets * one), need: N }, s, cuts);
    if (!best || plan.pieces > best.plan.pieces) best = { mass: sheets * one, plan };
    if (plan.pieces >= N || plan.pieces === 0) break;
  }
  if (best) return best;
  throw new RefusedInput({ field: 'sheet', code: 'out_of_range', value: one, allowed: { max: 20_000 } });
}

/** The largest size of piece, mm, of which a mass of dough gives N; to half a millimetre. Null when not even 20 mm does. */
export function sizeForDough(
  o: Omit<ReRollOptions, 'need' | 'first'> & { N: number },
): { D: number; plan: ReRollPlan } | null {
  const N = within(o.N, 1, 200, 'N');
  const planned = (D: number): ReRollPlan | null => {
    const shape = o.shape && scaledShape(o.shape, D / o.D, D / o.D);
    const plan = planReRolls({ ...o, D, ...(shape ? { shape } : {}), need: N });
    return plan.pieces >= N ? plan : null;
  };
  // the count is not strictly monotonic in the size: halve to the neighbourhood, then look through it from above
  let [low, high] = [20, 400];
  while (high - low > 4) {
    const middle = (low + high) / 2;
    if (planned(middle)) low = middle;
    else high = middle;
  }
  for (let D = Math.ceil((high + 6) * 2) / 2; D >= 20 && D > low - 8; D -= 0.5) {
    const plan = planned(D);
    if (plan) return { D, plan };
  }
  return null;
}
