import type { BakeSpec } from './bakeInput';
import { fillingKinds } from './tables';

/** Still air of a home freezer, W/(m² K), and frozen filling, W/(m K) (estimates). */
const freezerH = 8;
const frozenK = 1.2;
const freezesAtC = -1.5;
const latentJKg = 0.92 * 3.34e5;

/**
 * Minutes until a raw piece lying open in a freezer (°C) is hard through: Plank's formula for a slab of its height, to the half hour; an estimate.
 */
export function freezingMinutes(spec: BakeSpec, freezerC: number): number {
  const f = fillingKinds[spec.filling.type];
  const heightM = (spec.filling.depthMm + (spec.top?.tMm ?? 0) + (spec.base?.tMm ?? 0)) / 1000;
  const seconds =
    ((f.density * f.water * latentJKg) / Math.max(1, freezesAtC - freezerC)) *
    (heightM / (2 * freezerH) + (heightM * heightM) / (8 * frozenK));
  return Math.ceil(seconds / 1800) * 30;
}
