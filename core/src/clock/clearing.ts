import type { KitchenInput } from '../contracts/kitchen';
import { benchMinutes } from '../plan/steps/minutes';
import type { TimedStep } from '../plan/steps/codes';
import type { Gone } from './away';
import { grownCooks } from './scheduled';

/** Work with a longer pause before it is another sitting, cleared up by itself, min. */
const sittingGapMin = 6 * 60;
/** Less work than this leaves nothing to clear, min. */
const leastWorkMin = 15;

const endOf = (s: TimedStep): number => s.startMin + s.minutes;
/** Work that leaves something on the bench or in the sink. */
export const leavesSomething = (s: TimedStep): boolean =>
  (s.kind === 'bench' || s.kind === 'hob') && s.strand !== 'clearing';

/**
 * Washing up and clearing the bench after each sitting of work, by whoever has hands free first once all work of it is over: while
 * it bakes, as a rule. It is in the way of nothing: where nobody is free before the table it is left for after, and is no step.
 * @param timed a day's steps, minutes from the table; `gone`: when cooks are not there
 */
export function clearedUp(timed: readonly TimedStep[], gone: readonly Gone[], kitchen: KitchenInput): TimedStep[] {
  const busy = [
    ...gone,
    ...timed.flatMap((s) => (s.cook === null ? [] : [{ cook: s.cook, from: s.startMin, to: endOf(s) }])),
  ];
  const sittings: TimedStep[][] = [];
  let over = -Infinity;
  for (const s of timed.filter(leavesSomething).sort((a, b) => a.startMin - b.startMin)) {
    if (s.startMin - over > sittingGapMin) sittings.push([]);
    sittings.at(-1)?.push(s);
    over = Math.max(over, endOf(s));
  }
  return sittings.flatMap((works, n): TimedStep[] => {
    if (works.reduce((sum, s) => sum + s.minutes, 0) < leastWorkMin) return [];
    const pies = new Set(works.map((s) => s.itemIndex)).size;
    const minutes = (benchMinutes.clearUp + benchMinutes.clearUpAPie * pies) * kitchen.pace;
    const last = works.reduce((a, b) => (endOf(b) > endOf(a) ? b : a));
    const free = grownCooks(kitchen)
      .map((cook) => ({
        cook,
        at: freeFrom(
          endOf(last),
          minutes,
          busy.filter((b) => b.cook === cook),
        ),
      }))
      .sort((a, b) => a.at - b.at)[0];
    const before = sittings[n + 1]?.[0]?.startMin ?? 0;
    if (!free || free.at + minutes > before) return [];
    return [
      {
        id: n === 0 ? 'clearBench:all' : `clearBench:${n + 1}`,
        code: 'clearBench',
        strand: 'clearing',
        kind: 'bench',
        minutes,
        elasticMin: 0,
        pieces: 0,
        values: { raw: works.some((s) => Number(s.values['raw']) > 0) ? 1 : 0 },
        itemIndex: last.itemIndex,
        cook: free.cook,
        startMin: free.at,
      },
    ];
  });
}

/** The first minute from which a cook's hands are free for so long. */
function freeFrom(from: number, minutes: number, busy: readonly Gone[]): number {
  let at = from;
  for (const b of [...busy].sort((x, y) => x.from - y.from))
    if (b.from < at + minutes - 1e-6 && b.to > at + 1e-6) at = b.to;
  return at;
}
