import { blendWindow } from '../../cold/windows';
import type { Pastry } from '../../contracts/products';
import type { FatShare } from '../../ingredients/massFractions';

export interface Band {
  low: number;
  high: number;
  soft: number;
  leak: number;
}

/** Degrees kept in hand under the soft limit of a rubbed-in dough: an estimate of ours. */
const rubbedInMarginK = 2;

/**
 * The degrees in which its fat can be worked in a pastry; several fats by their shares. Laminated: from the brittle limit to
 * the top of the ideal window. Rubbed in: from where a short dough stops being stiff to two degrees under soft. Oil has no
 * window: null.
 */
export function workBand(pastry: Pastry, fat: string, fats: readonly FatShare[] = [{ fat, share: 1 }]): Band | null {
  const window = blendWindow(fats);
  if (!window) return null;
  if (pastry === 'roughPuff')
    return { low: window.brittleBelow, high: window.idealHigh, soft: window.softAbove, leak: window.leakAbove };
  // a short dough is stiff until its fat gives under the fingers
  const stiffBelow = Math.max(4, window.handLow + 4);
  const high = window.softAbove - rubbedInMarginK;
  return { low: Math.min(stiffBelow, high - 2), high, soft: window.softAbove, leak: window.leakAbove };
}
