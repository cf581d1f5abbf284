import { forecastAt, minuteOf, type ColdLine, type Stretch } from '@crustallum/core/plan/coldLine/line';
import { inTheCold, isWait, type BenchRun, type BenchState } from './run';

export type Feel = 'chilled' | 'works' | 'warm' | 'cold';

/** How the piece in hand stands against its band at this moment, by reckoning. */
export interface Warmth {
  stretch: Stretch;
  /** °C of the fat, or % moisture of the leaf. */
  value: number;
  /** The minute of its stretch it has warmed (or dried) to. */
  minute: number;
  /** Minutes until it leaves the band; negative when it has. */
  leftMin: number;
  /** Minutes until it is warm enough to be worked; 0 when it is. */
  standMin: number;
  feel: Feel;
}

/** Null where nothing warms: in a wait, before it is begun, after the last step, or where the fat never gets too soft within two hours. */
export function warmthNow(run: BenchRun, state: BenchState, now: number, pulled?: ColdLine): Warmth | null {
  const step = state.standing === 'inHand' ? state.step : undefined;
  const line = step && !isWait(step) ? (pulled ?? run.plan.items[step.itemIndex]?.line) : undefined;
  const stretch = line?.stretches.find((s) => s.stepId === step?.id);
  if (!line || !stretch || stretch.leavesBandAt === null) return null;
  const leaf = line.medium === 'leaf';
  const edge = leaf ? line.band.low : line.band.high;
  const surroundings = leaf ? 0 : run.plan.kitchen.roomC;
  const warmed = Math.max(0, state.warming.minute + (now - state.warming.since) / 60_000);
  const value = state.cold ? inTheCold(state.cold, now) : forecastAt(stretch, edge, surroundings, warmed);
  const minute = state.cold ? minuteOf(stretch, edge, value) : warmed;
  const leftMin = stretch.leavesBandAt - minute;
  const standMin = leaf || value >= line.band.low ? 0 : minuteOf(stretch, edge, line.band.low) - minute;
  const feel = state.cold ? 'cold' : leftMin < 0 ? 'warm' : standMin > 0 ? 'chilled' : 'works';
  return { stretch, value, minute, leftMin, standMin, feel };
}

/** The calls made while the minutes run out: at three and at one, each once. */
export const callsBetween = (before: number, after: number): number =>
  [3, 1].filter((mark) => before > mark && after <= mark).length;
