import { RefusedInput, rowOf, within } from '../quantities/refusal';

/** Strength relative to an egg-brushed pressed seam (estimates). */
export const glues = { none: 0.3, water: 0.6, milk: 0.65, egg: 1 } as const;
export type Glue = keyof typeof glues;

/**
 * Crimps with their relative strength, the length one pinch takes, mm, and what lid and base hang over the rim for it, mm: a
 * fork presses what is there, a fold or rope needs dough to turn (estimates).
 */
export const crimps = {
  fork: { strength: 0.8, pitchMm: 18, minutesPerMetre: 2, lidOverMm: 5, baseOverMm: 5 },
  flute: { strength: 1.1, pitchMm: 22, minutesPerMetre: 4, lidOverMm: 15, baseOverMm: 10 },
  rope: { strength: 1.35, pitchMm: 12, minutesPerMetre: 5, lidOverMm: 15, baseOverMm: 12 },
  foldunder: { strength: 1.2, pitchMm: 30, minutesPerMetre: 4, lidOverMm: 20, baseOverMm: 8 },
  roll: { strength: 1.3, pitchMm: 40, minutesPerMetre: 2, lidOverMm: 8, baseOverMm: 20 },
  tool: { strength: 1.15, pitchMm: 60, minutesPerMetre: 1, lidOverMm: 6, baseOverMm: 6 },
} as const;
export type Crimp = keyof typeof crimps;

/**
 * Glue and crimp together: the larger plus 0.15.
 * @example sealStrength('egg', 'fork') // 1.15
 */
export const sealStrength = (glue: string, crimp: string): number =>
  Math.max(rowOf<number>(glues, glue, 'glue'), rowOf<{ strength: number }>(crimps, crimp, 'crimp').strength) + 0.15;

export type VentSpec =
  | { kind: 'slits'; n: number; lengthMm: number; openMm?: number }
  | { kind: 'holes' | 'chimney'; n: number; dMm: number }
  | { kind: 'lattice'; openShare: number; areaMm2: number }
  | { kind: 'none' };

/**
 * Open area of the vents, mm².
 * @example ventArea({ kind: 'slits', n: 2, lengthMm: 15 }) // 30
 */
export function ventArea(v: VentSpec): number {
  switch (v.kind) {
    case 'slits':
      return within(v.n, 0, 100, 'n') * within(v.lengthMm, 0, 500, 'lengthMm') * (v.openMm ?? 1);
    case 'holes':
    case 'chimney':
      return (within(v.n, 0, 100, 'n') * Math.PI * within(v.dMm, 0, 200, 'dMm') ** 2) / 4;
    case 'lattice':
      return within(v.openShare, 0, 1, 'openShare') * v.areaMm2;
    case 'none':
      return 0;
    default:
      throw new RefusedInput({
        field: 'kind',
        code: 'unknown',
        value: (v as { kind: string }).kind,
        allowed: ['slits', 'holes', 'chimney', 'lattice', 'none'],
      });
  }
}

export interface VentNeed {
  steamDesignGMin: number;
  needMm2: number;
  pressureRatio: number;
  leakIndex: number;
  leak: 'low' | 'moderate' | 'high';
  puffed: boolean;
}

/** Vents against steam, and how likely the seam leaks. The whole section is an estimate. */
export function vents(o: {
  areaM2: number;
  wet: number;
  steamMaxGMin?: number;
  ventMm2: number;
  sealStrength?: number;
  fillRatio?: number;
  boilBeforeEndMin?: number;
}): VentNeed {
  const A = within(o.areaM2, 1e-6, 5, 'areaM2');
  const wet = within(o.wet, 0, 2, 'wet');
  const vent = within(o.ventMm2, 0, 1e6, 'ventMm2');
  const steamDesignGMin = Math.max(o.steamMaxGMin ?? 0, 16.6 * A * (0.4 + 0.6 * Math.min(1.2, wet)));
  const flux = 0.6 * Math.sqrt(2 * 0.6 * 40);
  const needMm2 = ((30 * (steamDesignGMin / 6e4)) / flux) * 1e6;
  const pressureRatio = needMm2 / (vent + 3 + 400 * A);
  const seal = o.sealStrength ?? crimps.fork.strength;
  const x =
    -3.2 +
    8 * Math.max(0, (o.fillRatio ?? 0.9) - 1) +
    1.6 * wet +
    0.05 * (o.boilBeforeEndMin ?? 0) +
    1.5 * Math.min(2, Math.max(0, pressureRatio - 1)) -
    1.5 * (seal - 0.8);
  const leakIndex = 1 / (1 + Math.exp(-x));
  return {
    steamDesignGMin,
    needMm2,
    pressureRatio,
    leakIndex,
    leak: leakIndex < 0.15 ? 'low' : leakIndex < 0.4 ? 'moderate' : 'high',
    puffed: vent < 0.3 * needMm2,
  };
}
