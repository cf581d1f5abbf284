import { planReRolls, type ReRollPlan } from './reRolls';

export const scrapFates = ['keep', 'minis', 'twists', 'none'] as const;
export type ScrapFate = (typeof scrapFates)[number];

/** What becomes of what is left when all is cut. */
export interface ScrapPlan {
  fate: ScrapFate;
  /** Minis or twists it makes. */
  n: number;
  sizeMm: number;
  /** Kept for the next dough, g. */
  keptG: number;
}

/** A twist is a strip as wide as two fingers and as long as a hand, mm. */
export const twist = { widthMm: 18, lengthMm: 160 };
/** Less than this is not worth a box, g (judgement). */
const worthKeepingG = 20;

/** Minis from a smaller cutter, twists in strips, or a box in the cold for the next dough. */
export function planScraps(o: {
  fate: ScrapFate;
  scrapG: number;
  miniMm: number;
  thicknessMm: number;
  rho: number;
  generation: number;
}): ScrapPlan {
  const nothing = { fate: o.fate, n: 0, sizeMm: 0, keptG: 0 };
  if (o.fate === 'none' || o.scrapG < 1) return nothing;
  if (o.fate === 'keep') return { ...nothing, keptG: o.scrapG >= worthKeepingG ? o.scrapG : 0 };
  if (o.fate === 'minis') {
    const plan: ReRollPlan = planReRolls({
      mass: o.scrapG,
      D: o.miniMm,
      t: o.thicknessMm,
      rho: o.rho,
      // it was rolled so often before
      shrink0: Math.min(40, 2 + 3 * o.generation),
      maxRerolls: 0,
      trim: 2,
    });
    return { ...nothing, n: plan.pieces, sizeMm: o.miniMm, keptG: plan.saved };
  }
  const area = (1000 * o.scrapG) / (o.rho * o.thicknessMm);
  const side = Math.sqrt(area);
  const lengthMm = Math.min(twist.lengthMm, side);
  const across = Math.floor(side / twist.widthMm);
  const n = across * Math.max(1, Math.floor(side / lengthMm));
  return { ...nothing, n, sizeMm: across > 0 ? lengthMm : 0, keptG: across > 0 ? 0 : o.scrapG };
}
