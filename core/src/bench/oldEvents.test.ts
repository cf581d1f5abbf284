import type { RunEventInput } from '../contracts/run';
import type { TimedStep } from '../plan/steps/codes';
import { keyOf } from '../plan/steps/key';
import { offered } from './offer';
import type { BenchPlan } from './plan';
import { reduce } from './reduce';

const step = (id: string, kind: TimedStep['kind'], minutes: number): TimedStep => ({
  id,
  code: id.split(':')[0] as TimedStep['code'],
  strand: 'pastry',
  kind,
  minutes,
  elasticMin: 0,
  pieces: 0,
  values: {},
  itemIndex: 0,
  cook: kind === 'bench' ? 'Ines' : null,
  startMin: -100,
});
const plan: BenchPlan = {
  steps: [
    step('weigh', 'bench', 10),
    step('mix', 'bench', 10),
    step('rest', 'cold', 40),
    step('turns', 'bench', 12),
    step('bake', 'oven', 26),
  ],
  serveAt: '2026-12-12T18:30',
  kitchen: { cooks: ['Ines'] },
  items: [{}],
};
const start = Date.parse('2026-12-12T09:00:00Z');
let minute = 0;
const press = (type: RunEventInput['type'], data: Record<string, unknown> = {}, at = ++minute): RunEventInput => ({
  id: `${type} ${at}`,
  type,
  at: new Date(start + at * 60_000).toISOString(),
  data,
  device: 'a',
  sequence: at,
});
const after = (...events: RunEventInput[]) => reduce(plan, start, events);
const inHand = (...events: RunEventInput[]) =>
  offered(after(...events), { cook: null, device: 'a' }, start + 9e8)?.now.step.id;
const took = (id: string, ...events: RunEventInput[]) => {
  const s = after(...events).steps.get(keyOf(step(id, 'bench', 0)));
  return s?.begun && s.done ? (s.done.at - s.begun.at) / 60_000 : null;
};
beforeEach(() => (minute = 0));

describe('a run begun before steps had names', () => {
  it('goes on and back from press to press', () => {
    expect(inHand(press('next'))).toBe('mix');
    expect(inHand(press('next'), press('next'), press('back'))).toBe('mix');
    expect(inHand(press('next'), press('next'), press('next'))).toBe('turns');
  });
  it('knows how long everything took: work by its presses, a wait from in to out', () => {
    const presses = [
      press('next', {}, 12),
      press('next', {}, 20),
      press('next', {}, 21),
      press('timerStop', { stepIndex: 2 }, 54),
    ];
    expect(took('weigh', ...presses)).toBe(12);
    expect(took('mix', ...presses)).toBe(8);
    expect(took('rest', ...presses)).toBe(33);
  });
  it('counts the pieces of the step in hand, and none of what was taken back', () => {
    const counted = (...events: RunEventInput[]) => after(...events).steps.get('0/weigh')?.pieces;
    expect(counted(press('piece', { by: 1 }), press('piece', { by: 1 }))).toBe(2);
    expect(counted(press('next'), press('piece', { by: 1 }))).toBe(0);
  });
  it('is done however often next is pressed, and finished only when that was said', () => {
    const presses = Array.from({ length: 9 }, () => press('next'));
    expect(inHand(...presses)).toBeUndefined();
    expect(after(...presses).finishedAt).toBeNull();
    expect(after(...presses, press('finish')).finishedAt).toBe(start + 10 * 60_000);
  });
  it('goes on with the presses of now', () => {
    const now = { ...press('done', { step: '0/mix' }), lamport: 4 };
    expect(inHand(press('next'), now)).toBe('rest');
  });
});
