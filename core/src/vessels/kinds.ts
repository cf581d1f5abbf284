import type { Vessel } from './vessel';

/** Dishes by what they are called, each with sizes to begin from, mm: ordinary ones, to be put right with a ruler (estimates). */
export const vesselKinds = {
  piePlate: { form: 'round', top: 240, bottom: 190, depth: 40, rim: 14 },
  straightTin: { form: 'round', top: 200, bottom: 200, depth: 70 },
  looseBottom: { form: 'round', top: 230, bottom: 230, depth: 35 },
  fluted: { form: 'round', top: 240, bottom: 230, depth: 28, flute: 1.11 },
  muffinCup: { form: 'round', top: 70, bottom: 52, depth: 32, rim: 4 },
  miniCup: { form: 'round', top: 45, bottom: 33, depth: 20, rim: 3 },
  ramekin: { form: 'round', top: 85, bottom: 85, depth: 45, rim: 5 },
  skillet: { form: 'round', top: 250, bottom: 210, depth: 48, rim: 4 },
  ovalDish: { form: 'oval', top: [300, 210], bottom: [260, 170], depth: 50, rim: 14 },
  roastingTin: { form: 'rect', top: [330, 240], bottom: [300, 210], depth: 60, rim: 6, corner: 25 },
  tray: { form: 'rect', top: [350, 250], bottom: [345, 245], depth: 25, corner: 12 },
} as const satisfies Record<string, Vessel>;
export type VesselKind = keyof typeof vesselKinds;
