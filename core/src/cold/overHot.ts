import { lookup, type Material } from './material';

/** What passes from a filling to dough, W/(m² K): steam and air over a gap (as in the bake), or touching. Room air on the other side. */
const through = { gap: (mm: number) => 12 + 138 * Math.exp(-mm / 2), touching: 300 } as const;
const toRoom = 9;

/**
 * Minutes until the fat of a cold sheet softens that lies over a hot filling, or under it: one body warmed from the filling and
 * cooled by the room, `T = Te + (T0 − Te)·e^(−t/τ)`, with the dough's heat capacity between the two. An estimate that errs on
 * the short side: the filling is taken to stay hot. Null where it never gets so warm.
 */
export function minutesOverHot(o: {
  pastry: Material;
  thicknessM: number;
  startC: number;
  limitC: number;
  fillingC: number;
  /** Air between them, mm; null where they touch. */
  gapMm: number | null;
  roomC: number;
}): number | null {
  const g = o.gapMm === null ? through.touching : through.gap(o.gapMm);
  const endC = (g * o.fillingC + toRoom * o.roomC) / (g + toRoom);
  if (o.startC >= o.limitC) return 0;
  if (endC <= o.limitC) return null;
  const heat = (lookup(o.pastry.enthalpy, o.limitC) - lookup(o.pastry.enthalpy, o.startC)) / (o.limitC - o.startC);
  const tau = (o.pastry.densityKgM3 * heat * o.thicknessM) / (g + toRoom);
  return (tau * Math.log((endC - o.startC) / (endC - o.limitC))) / 60;
}
