import { RefusedInput, within } from '../quantities/refusal';
import { cutterFor, type CutterChoice, type CutterPolicy } from './cutter';
import { rowPattern } from './rowPatterns';
import type { Sheet } from './sheet';

export interface ReRollOptions {
  /** g */
  mass: number;
  D: number;
  t: number;
  rho: number;
  trim?: number;
  gap?: number;
  lossPct?: number;
  shrink0?: number;
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
}

export interface Generation extends CutterChoice {
  /** Shrink this roll of the dough is expected to have, %. */
  shrinkPct: number;
  mass: number;
  sheets: number;
  sheet: Sheet;
  /** Discs the sheet(s) could give; n is what is cut. */
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

interface Defaults {
  trim: number;
  gap: number;
  loss: number;
  shrink0: number;
  step: number;
  policy: CutterPolicy;
  maxRerolls: number;
  wmax: number;
  hmax: number;
  aspect: number;
}

function settings(o: Omit<ReRollOptions, 'mass'>): Defaults {
  return {
    trim: within(o.trim ?? 5, 0, 60, 'trim'),
    gap: within(o.gap ?? 2, 0, 30, 'gap'),
    loss: within(o.lossPct ?? 2, 0, 30, 'lossPct') / 100,
    shrink0: within(o.shrink0 ?? 2, 0, 40, 'shrink0'),
    step: within(o.shrinkStep ?? 3, 0, 40, 'shrinkStep'),
    policy: o.policy ?? 'compensate',
    maxRerolls: within(o.maxRerolls ?? 2, 0, 10, 'maxRerolls'),
    wmax: within(o.wmax ?? 400, 20, 2000, 'wmax'),
    hmax: within(o.hmax ?? 600, 20, 2000, 'hmax'),
    aspect: within(o.aspectMax ?? 2, 1, 10, 'aspectMax'),
  };
}

/** The permitted sheet of a given area that holds most discs, by rows only. */
function bestSheet(area: number, cutter: number, s: Defaults): { sheet: Sheet; n: number } {
  const delta = cutter + s.gap;
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
  if (d <= short) candidates.push({ shape: 'round', d });
  for (let i = 2; (i * delta) / 2 + 2 * s.trim - s.gap <= long; i++) rect((i * delta) / 2 + 2 * s.trim - s.gap);
  for (const ratio of [1.25, 1.5, 1.75, 2]) rect(Math.sqrt(area / ratio));
  let best: { sheet: Sheet; n: number } = { sheet: { shape: 'square', w: side }, n: 0 };
  for (const sheet of candidates) {
    if (smallest(sheet) < 20) continue;
    const { n } = rowPattern({ sheet, d: cutter, trim: s.trim, gap: s.gap }, 6);
    if (n > best.n) best = { sheet, n };
  }
  return best;
}

const smallest = (s: Sheet): number => (s.shape === 'round' ? s.d : s.shape === 'square' ? s.w : Math.min(s.w, s.h));

/** Cutter, rolling thickness and shrink of generation g, whose dough shrinks more with every re-roll (40 % at most). */
const generationCutter = (
  o: Pick<ReRollOptions, 'D' | 't' | 'cutterOnHand' | 'cutters'>,
  s: Defaults,
  g: number,
): CutterChoice & { shrinkPct: number } => {
  const shrinkPct = Math.min(40, s.shrink0 + g * s.step);
  const { D, t, cutterOnHand, cutters } = o;
  return { ...cutterFor({ policy: s.policy, D, t, shrinkPct, cutterOnHand, cutters }), shrinkPct };
};
const pieceMassG = (choice: { cutter: number; roll: number }, rho: number): number =>
  ((Math.PI / 4) * choice.cutter ** 2 * choice.roll * rho) / 1000;

/** Cuts a mass of dough to the end: first sheet, then re-rolls with growing shrink. Mass = pieces + saved + lost, always. */
export function planReRolls(o: ReRollOptions): ReRollPlan {
  const s = settings(o);
  const total = within(o.mass, 1, 20_000, 'mass');
  within(o.D, 5, 1000, 'D');
  within(o.t, 0.2, 60, 't');
  within(o.rho, 0.5, 1.6, 'rho');
  const need = o.need === undefined ? Infinity : within(o.need, 1, 1000, 'need');
  const gens: Generation[] = [];
  let mass = total;
  let pieces = 0;
  let pieceSum = 0;
  let lost = 0;
  let saved: number;
  let stop: ReRollStop;
  for (let g = 0; ; g++) {
    const choice = generationCutter(o, s, g);
    const pieceMass = pieceMassG(choice, o.rho);
    const area = (1000 * mass) / (o.rho * choice.roll);
    const sheets = Math.max(1, Math.ceil(area / (s.wmax * s.hmax) - 1e-9));
    const { sheet, n: perSheet } = bestSheet(area / sheets, choice.cutter, s);
    const capacity = perSheet * sheets;
    if (capacity === 0) {
      stop = g === 0 ? 'toosmall' : 'nofit';
      saved = mass;
      if (g === 0) gens.push({ ...choice, mass, sheets, sheet, capacity, n: 0, pieceMass, scrap: mass });
      else {
        const last = gens[gens.length - 1] as Generation;
        lost -= last.scrap * s.loss;
        saved = last.scrap;
      }
      break;
    }
    const n = Math.min(need - pieces, capacity);
    const scrap = mass - n * pieceMass;
    gens.push({ ...choice, mass, sheets, sheet, capacity, n, pieceMass, scrap });
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
export function minimumDough(o: Omit<ReRollOptions, 'mass' | 'need'> & { N: number }): {
  mass: number;
  plan: ReRollPlan;
} {
  const N = within(o.N, 1, 200, 'N');
  const s = settings(o);
  let lightest = Infinity;
  for (let g = 0; g <= s.maxRerolls; g++) {
    const choice = generationCutter(o, s, g);
    lightest = Math.min(lightest, pieceMassG(choice, o.rho));
  }
  const start = N * lightest;
  const step = Math.max(1, start / 400);
  const reached = (mass: number) => planReRolls({ ...o, mass, need: N }).pieces >= N;
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
  return { mass, plan: planReRolls({ ...o, mass, need: N }) };
}
