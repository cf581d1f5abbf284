import type { TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { isWait } from './plan';
import { endsAt, type RunNow, type StepNow } from './reduce';

export interface Outlook {
  /** The table by the plan as it stands, and as it comes if nothing is hurried, ms. */
  tableAt: number;
  tableThen: number;
  /** Steps that come later than planned, by how much, the latest first. */
  slips: { key: string; byMin: number }[];
  /** The plan laid anew from now: what is left at the times it comes at, the table as late as it has to be. */
  plan: { steps: TimedStep[]; serveAt: string };
}

/** By so much a plan of whole minutes is out, ms. */
const roundingMs = 61_000;
/** Less than this is no slip, min. */
const worthMin = 1;

/**
 * How the rest of the day comes if everybody goes on in the plan's order and nothing is hurried: no step before its planned time,
 * before what it needs is over, before its cook's hands are free, or before the oven is; waits take up what they can, down to the
 * minutes they need (`neededMin`; a wait of which nothing is known is not shortened). An estimate: it plans nothing anew.
 * @param atMs now, by the clock of the house
 */
export function outlookOf(now: RunNow, atMs: number, neededMin: (s: StepNow) => number | null = () => null): Outlook {
  const tableAt = new Date(now.plan.serveAt).getTime();
  const planned = (s: TimedStep) => tableAt + s.startMin * 60_000;
  const over = new Map<string, number>();
  const starts = new Map<string, number>();
  const works: { cook: string; plannedEnd: number; over: number }[] = [];
  const bakes: { planned: number; plannedEnd: number; over: number; second: boolean }[] = [];
  for (const step of now.plan.steps) {
    const key = keyOf(step);
    const s = now.steps.get(key);
    if (!s || s.skipped) continue;
    const stood = step.code === 'stand' ? (now.plan.items[step.itemIndex]?.standMin ?? null) : neededMin(s);
    const least = Math.min(s.minutes, stood ?? s.minutes) * 60_000;
    const start = s.begun ? s.begun.at : startOf(s);
    const end = s.done
      ? s.done.at
      : s.begun
        ? Math.max(atMs, isWait(step) ? s.begun.at + least : endsAt(s))
        : start + least;
    starts.set(key, start);
    over.set(key, end);
    // clearing up is put down for whatever is wanted
    if (!isWait(step) && step.kind !== 'tend' && step.code !== 'clearBench')
      works.push({ cook: s.cook, plannedEnd: planned(step) + step.minutes * 60_000, over: end });
    if (step.kind === 'oven' && step.code !== 'preheat')
      bakes.push({
        planned: planned(step),
        plannedEnd: planned(step) + step.minutes * 60_000,
        over: end,
        second: isSecond(now, step),
      });
  }
  function startOf(s: StepNow): number {
    const { step } = s;
    const needs = (now.links.before.get(s.key) ?? []).map((b) =>
      step.during ? (starts.get(b) ?? 0) + step.during.atMin * 60_000 : (over.get(b) ?? 0),
    );
    // what was to be done beside a pot is done beside it still: hands wait for what was to be over by then
    const hands =
      isWait(step) || step.kind === 'tend'
        ? []
        : works.filter((w) => w.cook === s.cook && w.plannedEnd <= planned(step) + roundingMs).map((w) => w.over);
    // a bake that was to follow another in the same oven follows it still
    const oven =
      step.kind === 'oven' && step.code !== 'preheat'
        ? bakes
            .filter((b) => b.plannedEnd <= planned(step) + 1000 && b.second === isSecond(now, step))
            .map((b) => b.over)
        : [];
    return Math.max(atMs, planned(step), ...hands, ...needs, ...oven);
  }
  const tables = now.plan.steps.filter((s) => s.code === 'stand').map((s) => over.get(keyOf(s)) ?? tableAt);
  const tableThen = Math.round(Math.max(tableAt, ...tables));
  const slips = now.plan.steps
    .flatMap((step) => {
      const key = keyOf(step);
      const start = starts.get(key);
      const begun = now.steps.get(key)?.begun;
      return start === undefined || begun || step.kind === 'tend'
        ? []
        : [{ key, byMin: (start - planned(step)) / 60_000 }];
    })
    .filter((s) => s.byMin >= worthMin)
    .sort((a, b) => b.byMin - a.byMin);
  const serveAt = localMinute(tableThen);
  const table = new Date(serveAt).getTime();
  const steps = now.plan.steps.map((step): TimedStep => {
    const key = keyOf(step);
    const start = starts.get(key) ?? planned(step);
    const end = step.code === 'stand' ? table : (over.get(key) ?? start + step.minutes * 60_000);
    const waits = isWait(step) && step.kind !== 'oven' && !now.steps.get(key)?.done;
    return {
      ...step,
      startMin: (start - table) / 60_000,
      ...(waits && end > start ? { minutes: (end - start) / 60_000 } : {}),
    };
  });
  return { tableAt, tableThen, slips, plan: { steps, serveAt } };
}

const isSecond = ({ plan }: RunNow, s: TimedStep): boolean => plan.items[s.itemIndex]?.inSecond ?? false;

/** Local date and time of a moment, the minute rounded up. */
function localMinute(ms: number): string {
  const d = new Date(Math.ceil(ms / 60_000 - 1e-6) * 60_000);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}T${two(d.getHours())}:${two(d.getMinutes())}`;
}
