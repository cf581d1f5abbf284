import { starterItem } from '@crustallum/core/plan/starters';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { eventOf, runOfItems, stepIndex, upTo } from '../testing/runs';
import { nowOf, type BenchEvent, type BenchRun } from './run';
import { Wall } from './Wall';

/** A day of two cooks, begun an hour ago. */
const day = (): BenchRun => {
  const run = runOfItems(
    [starterItem('handPies', 8, 'Ines'), starterItem('dishPie', 8, 'Tobiah')],
    Date.now() - 60 * 60_000,
  );
  const cooks = ['Ines', 'Tobiah'];
  const steps = run.plan.steps.map((s) => ({ ...s, cook: s.cook && (cooks[s.itemIndex] ?? '') }));
  return { ...run, plan: { ...run.plan, steps, kitchen: { ...run.plan.kitchen, cooks } } };
};
const onTheWall = (run: BenchRun, events: readonly BenchEvent[]) =>
  render(
    <MemoryRouter>
      <Wall run={run} now={nowOf(run, events)} />
    </MemoryRouter>,
  );
const share = () =>
  Number(
    /^(\d+) % of the day is done/.exec(
      screen.getByRole('img', { name: /of the day is done/ }).getAttribute('aria-label') ?? '',
    )?.[1],
  );

describe('on the wall', () => {
  it('has everybody’s call at once, and whose it is', () => {
    const run = day();
    onTheWall(run, []);
    for (const cook of ['Ines', 'Tobiah']) {
      const row = within(screen.getByRole('region', { name: cook }));
      expect(row.getByText(/min to do$/)).toBeTruthy();
      expect(screen.getByRole('region', { name: `The next hour, ${cook}` })).toBeTruthy();
    }
  });
  it('crimps the day’s edge as far as it is done, and no further', () => {
    const run = day();
    const { unmount } = onTheWall(run, []);
    expect(share()).toBe(0);
    unmount();
    onTheWall(run, upTo(run, Math.floor(run.plan.steps.length / 2)));
    expect(share()).toBeGreaterThan(30);
    expect(share()).toBeLessThan(70);
  });
  it('counts what is in hand, and says when its time is over', () => {
    const run = day();
    const weigh = run.plan.steps[stepIndex(run, 'weigh')]!;
    const begun = (minute: number) => [
      { ...eventOf(run, 'begin', minute, { step: keyOf(weigh) }), cook: 'Ines', device: 'a', lamport: 1, sequence: 1 },
    ];
    const { unmount } = onTheWall(run, begun(58));
    expect(within(screen.getByRole('region', { name: 'Ines' })).getByText(/min left$/)).toBeTruthy();
    unmount();
    onTheWall(run, begun(5));
    expect(within(screen.getByRole('region', { name: 'Ines' })).getByText(/min over$/)).toBeTruthy();
  });
  it('has nothing left to call when all is done', () => {
    const run = day();
    const all = run.plan.steps.map((s, i) => ({
      ...eventOf(run, 'skip', i, { step: keyOf(s), why: 'not needed' }),
      id: `s${i}`,
      lamport: i + 1,
      sequence: i,
      device: 'a',
    }));
    onTheWall(run, all);
    expect(screen.getAllByText('Nothing is left')).toHaveLength(2);
    expect(share()).toBe(100);
  });
  it('leads back to the bench, and says when what is baked comes out', () => {
    onTheWall(day(), []);
    expect(screen.getByRole('link', { name: 'Back to the bench' }).getAttribute('href')).toBe('/bench');
    expect(screen.getByRole('img', { name: /out of the oven: .* \d\d:\d\d, / })).toBeTruthy();
  });
});
