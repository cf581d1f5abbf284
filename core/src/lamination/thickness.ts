import { RefusedInput, within } from '../quantities/refusal';
import { layers, panels, startStack, type Fold, type Layers, type Lock, type Stuff } from './layers';

/** Thresholds on nominal mean thickness, µm. Ours, not measured: starch granules of 15–35 µm make thinner layers an index only. */
export const filmBands = {
  puff: { fatOk: 8, fatMerge: 3, doughOk: 12, doughMerge: 5 },
  yeasted: { fatOk: 30, fatMerge: 12, doughOk: 80, doughMerge: 40 },
} as const;
export type LaminateKind = keyof typeof filmBands;
export type FilmBand = 'distinct' | 'thinning' | 'merging';

const band = (thickness: number, ok: number, merge: number): FilmBand =>
  thickness >= ok ? 'distinct' : thickness >= merge ? 'thinning' : 'merging';

/** Volume share of fat in the laminate. Masses in any one unit, densities in any one unit. */
export function fatVolumeShare(fatMass: number, doughMass: number, fatDensity = 940, doughDensity = 1190): number {
  const fat = fatMass / fatDensity;
  return fat / (fat + doughMass / doughDensity);
}

export interface LayerThickness extends Layers {
  fatUm: number;
  doughUm: number;
  fatBand: FilmBand;
  doughBand: FilmBand;
  spread: { fat: { min: number; max: number }; dough: { min: number; max: number } } | null;
}

/** Mean layer thickness of a finished sheet, its band, and for at most 20 000 layers the thinnest and thickest of each kind. */
export function layerThickness(o: {
  lock: Lock;
  folds: readonly Fold[];
  thicknessM: number;
  phiFat: number;
  kind?: LaminateKind;
  /** Portions of fat spread turn by turn, in place of a lock. */
  portions?: number;
}): LayerThickness {
  const thicknessUm = within(o.thicknessM, 1e-5, 0.2, 'thicknessM') * 1e6;
  const phi = within(o.phiFat, 0, 1, 'phiFat');
  const counted = layers(o.lock, o.folds, o.portions);
  if (counted.fat === 0)
    throw new RefusedInput({ field: 'folds', code: 'empty', value: o.folds, allowed: 'a turn for every portion' });
  const limits = filmBands[o.kind ?? 'puff'];
  const fatUm = (thicknessUm * phi) / counted.fat;
  const doughUm = (thicknessUm * (1 - phi)) / counted.dough;
  const stack = counted.distinct <= 20_000 ? stackOf(o.lock, o.folds, phi, o.portions) : null;
  const extremes = (kind: Stuff) => {
    const values = (stack ?? []).filter((s) => s.kind === kind).map((s) => s.share * thicknessUm);
    return { min: values.reduce((a, b) => Math.min(a, b), Infinity), max: values.reduce((a, b) => Math.max(a, b), 0) };
  };
  return {
    ...counted,
    fatUm,
    doughUm,
    fatBand: band(fatUm, limits.fatOk, limits.fatMerge),
    doughBand: band(doughUm, limits.doughOk, limits.doughMerge),
    spread: stack && { fat: extremes('F'), dough: extremes('D') },
  };
}

export interface StackLayer {
  kind: Stuff;
  /** Share of the sheet's thickness. */
  share: number;
}

/** The explicit stack of a sheet, bottom to top, its shares summing to 1: what the section through the sheet is drawn from. */
export function stackOf(lock: Lock, folds: readonly Fold[], phiFat: number, portions = 0): StackLayer[] {
  const base = startStack(lock, portions);
  const fats = base.filter((s) => s === 'F').length;
  const spread = Math.min(portions, folds.length);
  let stack: StackLayer[] = base.map((kind) => ({
    kind,
    share: kind === 'F' ? phiFat / fats : (1 - phiFat) / (base.length - fats),
  }));
  folds.forEach((fold, turn) => {
    const pattern = panels(fold);
    const n = pattern.length;
    const next: StackLayer[] = [];
    const lay = ({ kind, share }: StackLayer) => {
      const last = next[next.length - 1];
      if (last && last.kind === kind) last.share += share;
      else next.push({ kind, share });
    };
    [...pattern].forEach((orientation, i) => {
      const panel = orientation === 'U' ? stack : [...stack].reverse();
      for (const layer of panel) lay({ kind: layer.kind, share: layer.share / n });
      if (turn < spread && i < n - 1) lay({ kind: 'F', share: phiFat / spread / (n - 1) });
    });
    stack = next;
  });
  return stack;
}

/** Rolling passes of equal ratio from one thickness to another, at most `maxRatio` each (estimate 1.5; 1.3 for cold or torn dough). */
export function passes(from: number, to: number, maxRatio = 1.5): { n: number; ratio: number; thicknesses: number[] } {
  within(from, 1e-5, 1000, 'from');
  within(to, 1e-5, from, 'to');
  within(maxRatio, 1.01, 5, 'maxRatio');
  const n = from === to ? 0 : Math.max(1, Math.ceil(Math.log(from / to) / Math.log(maxRatio) - 1e-9));
  const ratio = n === 0 ? 1 : (from / to) ** (1 / n);
  return { n, ratio, thicknesses: Array.from({ length: n }, (_, i) => from / ratio ** (i + 1)) };
}
