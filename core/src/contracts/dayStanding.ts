import type { BakeHead } from './bake';

/** After so long a day that was written down in part is over, ms. */
const graceMs = 12 * 3_600_000;

export type DayStanding = 'running' | 'planned' | 'unwritten' | 'done';

/** Where a day stands: at the bench, still to come, been but not written down, or done: every pie of it is in the log, or some are and it is over. */
export function dayStanding(
  day: Pick<BakeHead, 'serveAt' | 'pies' | 'entries' | 'running'>,
  nowMs: number,
): DayStanding {
  const over = new Date(day.serveAt).getTime() + graceMs < nowMs;
  if (day.entries > 0 && (over || day.entries >= day.pies)) return 'done';
  if (day.running && !over) return 'running';
  return over ? 'unwritten' : 'planned';
}
