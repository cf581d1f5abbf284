import { planItem } from '../item';
import { asWorked, minutesOutside } from './recorded';
import { plainKitchen, starterItem } from '../starters';

const item = starterItem('handPies', 8, 'You', 'roughPuff');
const planned = planItem(item, plainKitchen).line;
const took = (more: (code: string, minutes: number) => number) =>
  new Map(planned.stretches.map((s) => [s.stepId, more(s.code, s.minutes)]));

describe('a line as it was worked', () => {
  it('is the plan where every step took its minutes', () =>
    expect(
      asWorked(
        item,
        planned,
        took((_, m) => m),
      ).clock.longer,
    ).toEqual([]));
  it('has steps as long as they were, and what they did to the fat', () => {
    const slow = planItem(
      asWorked(
        item,
        planned,
        took((code, m) => (code === 'rollOut' ? m + 6 : m)),
      ),
      plainKitchen,
    ).line;
    const roll = (line: typeof planned) => line.stretches.find((s) => s.code === 'rollOut');
    expect(roll(slow)?.minutes).toBeCloseTo((roll(planned)?.minutes ?? 0) + 6, 3);
    expect(roll(slow)?.value.at(-1)).toBeGreaterThan(roll(planned)?.value.at(-1) as number);
    expect(minutesOutside(slow)).toBeGreaterThan(minutesOutside(planned));
  });
  it('keeps what was told of steps nobody recorded, and adds to what was told of those that were', () => {
    const [first, second] = planned.stretches.map((s) => s.stepId) as [string, string];
    const told = {
      ...item,
      clock: {
        ...item.clock,
        longer: [
          { stepId: first, minutes: 4 },
          { stepId: second, minutes: 2 },
        ],
      },
    };
    const line = planItem(told, plainKitchen).line;
    const made = asWorked(told, line, new Map([[first, (line.stretches[0]?.minutes ?? 0) + 3]])).clock.longer;
    expect(made).toEqual([
      { stepId: second, minutes: 2 },
      { stepId: first, minutes: 7 },
    ]);
  });
});

describe('minutes outside the band', () => {
  const stretch = (value: number[]) => ({
    ...planned,
    stretches: [
      { ...(planned.stretches.find((s) => s.code === 'turns') as (typeof planned.stretches)[0]), at: [0, 10], value },
    ],
  });
  it('are counted to where the edge is crossed', () => {
    expect(minutesOutside(stretch([14, 18]))).toBeCloseTo(5, 6);
    expect(minutesOutside(stretch([17, 18]))).toBeCloseTo(10, 6);
    expect(minutesOutside(stretch([12, 15]))).toBe(0);
  });
});
