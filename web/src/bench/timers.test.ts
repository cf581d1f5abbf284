import { keyOf } from '@crustallum/core/plan/steps/key';
import { eventOf, runOf, stepIndex, upTo } from '../testing/runs';
import { nowOf } from './run';
import { runningTimers } from './Timers';

const run = runOf([['handPies', 'roughPuff']], Date.parse('2026-12-12T09:00:00Z'));
const bake = stepIndex(run, 'bake');
const look = run.plan.steps.find((s) => s.code === 'look');
const into = [
  ...upTo(run, bake),
  { ...eventOf(run, 'begin', 100, { step: keyOf(run.plan.steps[bake] as (typeof run.plan.steps)[0]) }), lamport: 999 },
];
const at = (minute: number) => Date.parse(run.startedAt) + minute * 60_000;
const words = (minute: number, ...more: typeof into) =>
  runningTimers(run, nowOf(run, [...into, ...more]), at(minute), () => Promise.resolve(undefined)).map((t) => t.words);

describe('what runs by the clock', () => {
  const dueMin = 100 + (look?.during?.atMin ?? 0);
  it('is the bake from when it goes in', () => {
    expect(words(101)).toContain('bake, Hand pies');
    expect(words(101)).not.toContain('look, Hand pies');
  });
  it('calls for a look when it is due, whoever is busy with something else, until it was taken', () => {
    expect(words(dueMin - 1)).toContain('look, Hand pies');
    const looked = eventOf(run, 'done', dueMin, { step: look ? keyOf(look) : '' });
    expect(words(dueMin + 1, { ...looked, lamport: 1000 })).not.toContain('look, Hand pies');
  });
  it('is a timer of the cook’s own until it is stopped', () => {
    const own = { ...eventOf(run, 'added', 101, { id: 'mine', words: 'stir', minutes: 5 }), lamport: 1000 };
    const stopped = { ...eventOf(run, 'timer', 104, { id: 'mine', stopped: true }), lamport: 1001 };
    expect(words(103, own)).toContain('stir');
    expect(words(105, own, stopped)).not.toContain('stir');
  });
});
