import { baseCells, fillingCells, topCells, type BakeSetup } from './bakeSetup';

const most = topCells + fillingCells + baseCells + 2;
const array = () => new Float64Array(most);

/**
 * The vertical stack of one bake, top to bottom: lid cells (graded, the outermost thinnest; none in an open pie), filling, base,
 * vessel, support.
 * The arrays are shared by all bakes of this thread: one simulation at a time.
 */
export const stack = {
  n: 0,
  topCount: topCells,
  iFilling: topCells,
  iBase: topCells + fillingCells,
  iVessel: -1,
  iSupport: -1,
  baseCount: 0,
  /** None in an empty case, which is baked before it is filled. */
  fillingCount: fillingCells,
  T: array(),
  X: array(),
  dz0: array(),
  dz: array(),
  swollen: array(),
  swellTo: array(),
  dryMass: array(),
  /** Work of the step. */
  k: array(),
  C: array(),
  p: array(),
  pT: array(),
  pX: array(),
  delta: array(),
  g: array(),
  G: array(),
  moistureG: array(),
};

/** Share of its water a base comes with: all of it, or what a blind bake left. */
const waterLeft = ({ base }: BakeSetup['spec']): number => base?.waterLeft ?? (base?.blind ? blindWaterLeft : 1);
/** Of a base baked blind, where no more is known of it. */
const blindWaterLeft = 0.35;

const shareOfSwelling = { top: 1, base: 0.25 };

/** Lays the cells and initial state of a bake. */
export function layStack(s: BakeSetup): void {
  const { spec } = s;
  stack.topCount = s.top ? topCells : 0;
  stack.iFilling = stack.topCount;
  stack.fillingCount = spec.empty ? 0 : fillingCells;
  stack.iBase = stack.topCount + stack.fillingCount;
  stack.baseCount = s.base ? baseCells : 0;
  let n = stack.topCount + stack.fillingCount + stack.baseCount;
  stack.iVessel = s.vessel ? n++ : -1;
  stack.iSupport = s.support ? n++ : -1;
  stack.n = n;
  stack.swollen.fill(1);
  if (spec.top) {
    const thickness = spec.top.tMm / 1000;
    const grading = Array.from({ length: topCells }, (_, j) => 1.2 ** j);
    const total = grading.reduce((a, b) => a + b, 0);
    crustCells(
      0,
      grading.map((x) => (x / total) * thickness),
      s,
      'top',
    );
  }
  for (let i = stack.iFilling; i < stack.iBase; i++) {
    stack.dz0[i] = stack.dz[i] = s.depth / fillingCells;
    stack.T[i] = s.fillingStartC;
    stack.X[i] = 0;
    stack.dryMass[i] = 0;
  }
  if (s.base && spec.base)
    crustCells(
      stack.iBase,
      Array.from({ length: baseCells }, () => (spec.base as { tMm: number }).tMm / 1000 / baseCells),
      s,
      'base',
    );
  if (s.vessel) {
    stack.dz[stack.iVessel] = s.vessel.tM;
    stack.T[stack.iVessel] = s.vessel.startC;
  }
  if (s.support) {
    stack.dz[stack.iSupport] = s.support.tM;
    stack.T[stack.iSupport] = spec.supportPreheated ? (spec.oven.steps[0]?.setC ?? 0) + (spec.oven.offsetC ?? 0) : 22;
  }
}

function crustCells(start: number, thicknesses: number[], s: BakeSetup, which: 'top' | 'base'): void {
  const crust = which === 'top' ? s.top : s.base;
  if (!crust) return;
  const whole = thicknesses.reduce((a, b) => a + b, 0);
  const share = shareOfSwelling[which];
  const S = 1 + (crust.swell - 1) * share;
  let depth = 0;
  thicknesses.forEach((t, j) => {
    const i = start + j;
    const middle = (depth + t / 2) / whole;
    depth += t;
    const outer = which === 'top' ? middle < 1 / 3 : middle > 2 / 3;
    stack.swellTo[i] = !crust.laminated ? S : outer ? 1.1 : Math.max(1, 1.5 * (S - 1.1 / 3));
    stack.dz0[i] = stack.dz[i] = t;
    stack.T[i] = s.crustStartC;
    stack.X[i] = crust.X0 * (which === 'base' ? waterLeft(s.spec) : 1);
    stack.dryMass[i] = (crust.density / (1 + crust.X0)) * t;
  });
}
