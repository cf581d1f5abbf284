import type { Figure } from '../plan/figure';
import type { Problem } from '../plan/problem';
import type { TimedStep } from '../plan/steps/codes';
import type { OvenRun } from './ovenRuns';

export interface ClockPlan {
  /** Local date and time at the table: what all minutes count from. */
  serveAt: string;
  /** Every step of every item, minutes relative to the table (0), sorted by start. */
  steps: TimedStep[];
  /** First bench step, minutes before the table (negative). */
  startMin: number;
  figures: Record<'start' | 'hands' | 'oven', Figure>;
  problems: Problem[];
  hands: { cook: string; minutes: number }[];
  /** Rests between the work that the day makes longer than they have to be: the Cold Line follows them. */
  lengthened: Lengthened[];
  /** Bakes in order; `setC` is the first heat of each. */
  ovenRuns: (OvenRun & { setC: number; preheatFromMin: number })[];
}

/** A rest that lasts so much longer than it has to, min. */
export interface Lengthened {
  itemIndex: number;
  stepId: string;
  minutes: number;
}
