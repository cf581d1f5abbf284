import { RefusedInput, within } from '../quantities/refusal';
import { trueRatios, type FormulaPart, type TrueRatios } from './formula';

export interface OverPour {
  id: string;
  overG: number;
  /** Take the excess out again: possible with what is dry and lies on top, not with what has been mixed in. */
  putBack: { grams: number };
  /** Scale everything else up to it: by how much, and to how much dough. */
  scaleUp: { factor: number; totalG: number; addG: FormulaPart[] };
  /** Leave it: what the dough becomes. */
  accept: { before: TrueRatios; after: TrueRatios };
}

/**
 * What to do with one ingredient that went in over its target: put back, scale the rest, or accept and see what it becomes.
 * `parts` is the formula aimed at; `weighedG` what the scale read. Refuses what is not over.
 */
export function overPour(parts: readonly FormulaPart[], id: string, weighedG: number): OverPour {
  const part = parts.find((p) => p.id === id);
  if (!part) throw new RefusedInput({ field: 'id', code: 'unknown', value: id, allowed: parts.map((p) => p.id) });
  within(weighedG, part.grams, 100_000, 'weighedG');
  within(part.grams, 0.01, 100_000, 'parts.grams');
  const factor = weighedG / part.grams;
  const grown = parts.map((p) => ({ ...p, grams: p.grams * factor }));
  return {
    id,
    overG: weighedG - part.grams,
    putBack: { grams: weighedG - part.grams },
    scaleUp: {
      factor,
      totalG: grown.reduce((sum, p) => sum + p.grams, 0),
      addG: parts.filter((p) => p.id !== id).map((p) => ({ ...p, grams: p.grams * (factor - 1) })),
    },
    accept: {
      before: trueRatios(parts),
      after: trueRatios(parts.map((p) => (p.id === id ? { ...p, grams: weighedG } : p))),
    },
  };
}

export interface UnderWeigh {
  id: string;
  missingG: number;
  /** Make less of it all: by how much, to how much dough, and what must come out again of what lies in already. */
  scaleDown: { factor: number; totalG: number; takeOutG: FormulaPart[] };
  /** Go on with what there is: what the dough becomes. */
  accept: { before: TrueRatios; after: TrueRatios };
}

/**
 * What to do with one ingredient there is too little of: make it all smaller, or go on and see what the dough becomes. `parts` is
 * the formula aimed at, in the order it is weighed; `weighedG` what there is. Refuses what is not under its target.
 * @example underWeigh([{ id: 'flour', grams: 200 }, { id: 'butter', grams: 100 }], 'butter', 80).scaleDown.factor // 0.8
 */
export function underWeigh(parts: readonly FormulaPart[], id: string, weighedG: number): UnderWeigh {
  const at = parts.findIndex((p) => p.id === id);
  const part = parts[at];
  if (!part) throw new RefusedInput({ field: 'id', code: 'unknown', value: id, allowed: parts.map((p) => p.id) });
  within(part.grams, 0.01, 100_000, 'parts.grams');
  const weighed = within(weighedG, 0, part.grams, 'weighedG');
  const factor = weighed / part.grams;
  return {
    id,
    missingG: part.grams - weighed,
    scaleDown: {
      factor,
      totalG: parts.reduce((sum, p) => sum + p.grams * factor, 0),
      takeOutG: parts.slice(0, at).map((p) => ({ ...p, grams: p.grams * (1 - factor) })),
    },
    accept: {
      before: trueRatios(parts),
      after: trueRatios(parts.map((p) => (p.id === id ? { ...p, grams: weighed } : p))),
    },
  };
}

export const feelTests = ['crumbly', 'holds', 'sticks', 'cracks'] as const;
export type Feel = (typeof feelTests)[number];

export interface ByFeel {
  firstLotG: number;
  pouredG: number;
  /** What is left of the planned liquid; negative when more went in. */
  leftG: number;
  toFlourPct: number;
  /** What the flour seems to take against the table, a multiple; null until the dough holds. */
  absorptionFactor: number | null;
  next: 'pourMore' | 'stop' | 'dust' | 'restThenLook';
}

/**
 * Liquid by feel: the first lot, what was topped up, and what the feel says to do. When the dough holds, what went in
 * against what was planned is what this flour took: the learnt absorption. Flour dusted in counts as flour.
 */
export function byFeel(o: {
  plannedG: number;
  flourG: number;
  firstLotPct: number;
  topUpsG: readonly number[];
  /** Flour dusted in because it stuck, g. */
  dustedG?: number;
  feel: Feel;
}): ByFeel {
  const planned = within(o.plannedG, 0, 20_000, 'plannedG');
  const flour = within(o.flourG, 1, 50_000, 'flourG');
  const withDust = flour + within(o.dustedG ?? 0, 0, 5000, 'dustedG');
  const firstLotG = (planned * within(o.firstLotPct, 10, 100, 'firstLotPct')) / 100;
  const pouredG = o.topUpsG.reduce((sum, g, i) => sum + within(g, 0, 5000, `topUpsG.${i}`), firstLotG);
  const next = { crumbly: 'pourMore', holds: 'stop', sticks: 'dust', cracks: 'restThenLook' } as const;
  return {
    firstLotG,
    pouredG,
    leftG: planned - pouredG,
    toFlourPct: (100 * pouredG) / withDust,
    absorptionFactor: o.feel === 'holds' && planned > 0 ? ((pouredG / planned) * flour) / withDust : null,
    next: next[o.feel],
  };
}
