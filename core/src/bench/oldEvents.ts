import type { RunEventInput } from '../contracts/run';
import { keyOf } from '../plan/steps/key';
import { happenedAt } from './order';
import { isWait, linksOf, type BenchPlan } from './plan';

const old = new Set<string>(['next', 'back', 'timerStop']);

/** It meant the step in hand. */
const isUnnamed = (e: RunEventInput): boolean =>
  ['begin', 'piece', 'cold'].includes(e.type) && e.data['step'] === undefined;

/**
 * Events of a run begun before steps had names, as they would be written now: a press meant the step in hand, one after the
 * other in the plan's order. Events of now are left as they are.
 */

export function named(plan: BenchPlan, startedAt: number, events: readonly RunEventInput[]): readonly RunEventInput[] {
  if (!events.some((e) => old.has(e.type) || isUnnamed(e))) return events;
  const { steps } = plan;
  const { before } = linksOf(plan);
  const keys = steps.map(keyOf);
  const made: RunEventInput[] = [];
  const pressed: string[] = [];
  const ends = new Map<string, number>();
  const say = (e: RunEventInput, type: RunEventInput['type'], n: number, at: number, id = e.id) =>
    made.push({ ...e, id, type, at: new Date(at).toISOString(), data: { ...e.data, step: keys[n] } });
  let index = 0;
  let begun = false;
  // what lies in the cold is not begun before it is ready
  const readyAt = (n: number, at: number) =>
    Math.max(at, ...(before.get(keys[n]) ?? []).flatMap((key) => ends.get(key) ?? []));
  const work = (n: number) => n < steps.length && !isWait(steps[n]);
  const start = (e: RunEventInput, at: number) => {
    begun = false;
    const ready = readyAt(index, at);
    if (!work(index) || ready > at) return;
    begun = true;
    say(e, 'begin', index, at, `${e.id}:${index}`);
  };
  const first = events[0];
  start({ ...first, data: {} }, startedAt);
  for (const e of events) {
    const at = happenedAt(e);
    if (e.type === 'next' && index < steps.length) {
      const waits = isWait(steps[index]);
      if (waits) ends.set(keys[index], at + (steps[index]?.minutes ?? 0) * 60_000);
      else if (!begun) say(e, 'begin', index, Math.min(at, readyAt(index, 0) || at), `${e.id}:${index}`);
      say(e, waits ? 'begin' : 'done', index, at);
      pressed[index] = e.id;
      index++;
      start({ ...e, data: { with: e.id } }, at);
    } else if (e.type === 'back' && index > 0) {
      index--;
      made.push({ ...e, type: 'undo', data: { event: pressed[index] } });
      ends.delete(keys[index]);
      begun = true;
    } else if (e.type === 'timerStop') {
      const n = Number(e.data['stepIndex']);
      if (keys[n] !== undefined) say(e, 'done', n, at);
      ends.delete(keys[n]);
    } else if (isUnnamed(e)) {
      if (e.type === 'begin') begun = true;
      if (index < steps.length) say(e, e.type, index, at);
    } else if (!old.has(e.type)) made.push(e);
  }
  return made;
}
