import { RefusedInput, rowOf, within } from '../quantities/refusal';

/**
 * What a rim is brushed with: its strength where it is only pressed, relative to an egg-brushed rim, and what it makes of a
 * crimp's strength (estimates).
 */
export const glues = {
  none: { strength: 0.3, underCrimp: 0.75 },
  water: { strength: 0.6, underCrimp: 0.95 },
  milk: { strength: 0.65, underCrimp: 0.97 },
  egg: { strength: 1, underCrimp: 1.1 },
} as const;
export type Glue = keyof typeof glues;

/**
 * Crimps with their relative strength, the length one pinch takes, mm, and what lid and base hang over the rim for it, mm: a
 * fork presses what is there, a fold or rope needs dough to turn (estimates). A rim only pressed is as strong as its glue.
 */
export const crimps = {
  pressed: { strength: null, pitchMm: 30, minutesPerMetre: 1, lidOverMm: 4, baseOverMm: 4 },
  fork: { strength: 0.8, pitchMm: 18, minutesPerMetre: 2, lidOverMm: 5, baseOverMm: 5 },
  flute: { strength: 1.1, pitchMm: 22, minutesPerMetre: 4, lidOverMm: 15, baseOverMm: 10 },
  rope: { strength: 1.35, pitchMm: 12, minutesPerMetre: 5, lidOverMm: 15, baseOverMm: 12 },
  foldunder: { strength: 1.2, pitchMm: 30, minutesPerMetre: 4, lidOverMm: 20, baseOverMm: 8 },
  roll: { strength: 1.3, pitchMm: 40, minutesPerMetre: 2, lidOverMm: 8, baseOverMm: 20 },
  tool: { strength: 1.15, pitchMm: 60, minutesPerMetre: 1, lidOverMm: 6, baseOverMm: 6 },
} as const;
export type Crimp = keyof typeof crimps;

/** A rim narrower than this holds less, by its share; one with filling or fat on it holds so much of what it would (estimates). */
export const fullRimMm = 8;
const soiledShare = 0.6;

/**
 * Strength of a seam relative to an egg-brushed rim pressed by hand: the crimp times what its glue makes of it, less where the
 * rim is narrow or soiled. Estimates.
 * @example sealStrength('egg', 'fork', { rimMm: 4 }) // 0.44
 */
export function sealStrength(
  glue: string,
  crimp: string,
  { rimMm = fullRimMm, soiled = false }: { rimMm?: number; soiled?: boolean } = {},
): number {
  const { strength, underCrimp } = rowOf<(typeof glues)[Glue]>(glues, glue, 'glue');
  const crimped = rowOf<(typeof crimps)[Crimp]>(crimps, crimp, 'crimp').strength;
  const whole = crimped === null ? strength : crimped * underCrimp;
  return whole * Math.min(1, within(rimMm, 0, 200, 'rimMm') / fullRimMm) * (soiled ? soiledShare : 1);
}

/** Ways to open a lid for steam. */
export const ventKinds = ['slits', 'holes', 'chimney', 'none'] as const;
export type VentKind = (typeof ventKinds)[number];

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
  /** What adds to the chance of a leak, the largest first; weights of the same scale, those that add nothing left out. */
  causes: { cause: LeakCause; weight: number }[];
}

export const leakCauses = ['full', 'wet', 'vents', 'boiling', 'seam'] as const;
export type LeakCause = (typeof leakCauses)[number];

/** Where nothing is said of the seam: a fork's (estimate). */
const usualStrength = 0.8;
/** Layers of a laminated lid close over what was cut: so many times the vent (estimate). */
export const layeredVentMultiple = 1.5;

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
  const seal = o.sealStrength ?? usualStrength;
  const weights: Record<LeakCause, number> = {
    full: 8 * Math.max(0, (o.fillRatio ?? 0.9) - 1),
    wet: 1.6 * wet,
    vents: 1.5 * Math.min(2, Math.max(0, pressureRatio - 1)),
    boiling: 0.05 * (o.boilBeforeEndMin ?? 0),
    seam: -1.5 * (seal - 0.8),
  };
  const x = leakCauses.reduce((sum, cause) => sum + weights[cause], -3.2);
  const leakIndex = 1 / (1 + Math.exp(-x));
  return {
    steamDesignGMin,
    needMm2,
    pressureRatio,
    leakIndex,
    leak: leakIndex < 0.15 ? 'low' : leakIndex < 0.4 ? 'moderate' : 'high',
    puffed: vent < 0.3 * needMm2,
    causes: leakCauses
      .map((cause) => ({ cause, weight: weights[cause] }))
      .filter((c) => c.weight > 0)
      .sort((a, b) => b.weight - a.weight),
  };
}
