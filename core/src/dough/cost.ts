import type { FormulaPart } from './formula';

export interface Cost {
  /** In whatever money the prices are in. */
  total: number;
  /** Ingredients without a price; water is free. */
  missing: string[];
}

/** What a formula costs by prices a kilogram; what has no price is named, not guessed. */
export function costOf(parts: readonly FormulaPart[], pricePerKg: ReadonlyMap<string, number>): Cost {
  const paid = parts.filter((p) => p.id !== 'water' && p.grams > 0);
  return {
    total: paid.reduce((sum, p) => sum + ((pricePerKg.get(p.id) ?? 0) * p.grams) / 1000, 0),
    missing: [...new Set(paid.filter((p) => !pricePerKg.has(p.id)).map((p) => p.id))],
  };
}
