/** Parts of a filling that are small recipes of their own, made before the rest. */
export const aheadKinds = ['marinade', 'stock', 'cultured', 'soaked'] as const;
export type AheadKind = (typeof aheadKinds)[number];

/** Made of its list alone: the part itself is not bought. What is marinated or soaked is, and its list beside it. */
export const madeOfItsList: ReadonlySet<AheadKind> = new Set<AheadKind>(['stock', 'cultured']);

/** Minutes of hands for it, where it stands, and how long it usually does, h (ordinary practice; estimates). */
export const aheadWays: Record<AheadKind, { handsMin: number; place: 'fridge' | 'room' | 'hob'; usualHours: number }> =
  {
    marinade: { handsMin: 10, place: 'fridge', usualHours: 12 },
    stock: { handsMin: 15, place: 'hob', usualHours: 4 },
    cultured: { handsMin: 5, place: 'room', usualHours: 24 },
    // cold, whatever it is: salted fish and pulses alike
    soaked: { handsMin: 3, place: 'fridge', usualHours: 12 },
  };
