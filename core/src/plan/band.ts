import { fatWindow } from '../cold/windows';
import { doughState } from '../cold/windows';
import type { Pastry } from './inputs';

export interface Band {
  low: number;
  high: number;
  soft: number;
  leak: number;
}

/** Degrees kept in hand under the soft limit of a rubbed-in dough: an estimate of ours. */
const rubbedInMarginK = 2;

/**
 * The degrees in which this fat can be worked in this pastry. Laminated: from the brittle limit to the top of the ideal
 * window. Rubbed in: from where a short dough stops being stiff to two degrees under soft. Oil has no window: null.
 */
export function workBand(pastry: Pastry, fat: string): Band | null {
  const window = fatWindow(fat);
  if (!window) return null;
  if (pastry === 'roughPuff')
    return { low: window.brittleBelow, high: window.idealHigh, soft: window.softAbove, leak: window.leakAbove };
  const { stiffBelow } = doughState(10, 0.6, fat);
  const high = window.softAbove - rubbedInMarginK;
  return { low: Math.min(stiffBelow, high - 2), high, soft: window.softAbove, leak: window.leakAbove };
}
