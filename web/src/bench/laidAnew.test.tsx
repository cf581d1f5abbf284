import { planBake } from '@crustallum/core/plan/bake';
import { formItem } from '@crustallum/core/plan/forms';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { fireEvent, render, screen, within } from '@testing-library/react';
import { runOfItems } from '../testing/runs';
import { nowOf, stateOf, isWait, type BenchEvent, type BenchRun } from './run';
import { Overdue } from './Overdue';
import { TableThen } from './TableThen';

const kitchen = { ...plainKitchen, cooks: ['Ines', 'Tobiah'], ovenShelves: 3 };
const items = [formItem('dishPie', 6, 'Ines'), formItem('turnovers', 6, 'Tobiah')];

/** A day run as planned up to a step, which then lasts so many minutes longer; and the moment at which it does. */
function heldUp(itemIndex: number, code: string, byMin: number): { run: BenchRun; events: BenchEvent[]; at: number } {
  const { clock } = planBake({
    meal: { title: 'Supper', serveAt: '2036-12-12T18:30', mouthCount: 6, eaters: [], laid: 'asLate' },
    items,
    kitchen,
  });
  const table = new Date(clock.serveAt).getTime();
  const run = runOfItems(items, table + clock.startMin * 60_000, kitchen, 'asLate');
  const { steps } = run.plan;
  const held = steps.find((s) => s.itemIndex === itemIndex && s.code === code) ?? steps[0];
  if (!held) throw new Error(code);
  const begun = steps.filter((s) => s.startMin <= held.startMin + 1e-6);
  const say = (type: 'begin' | 'done', step: string, min: number): BenchEvent => ({
    id: `${type} ${step}`,
    runId: run.id,
    type,
    at: new Date(table + min * 60_000).toISOString(),
    data: { step },
    sent: 1,
  });
  const now = held.startMin + held.minutes + byMin;
  const events = begun.flatMap((s) => [
    say('begin', keyOf(s), s.startMin),
    ...(s !== held && !isWait(s) && s.startMin + s.minutes <= now
      ? [say('done', keyOf(s), s.startMin + s.minutes)]
      : []),
  ]);
  return { run, events, at: table + now * 60_000 };
}

function late(itemIndex: number, code: string, byMin: number, cook: string) {
  const { run, events, at } = heldUp(itemIndex, code, byMin);
  const said: [string, Record<string, unknown> | undefined][] = [];
  const now = nowOf(run, events);
  render(
    <TableThen
      run={run}
      state={stateOf(run, now, { cook, device: 'a' }, at)}
      now={at}
      say={(type, data) => {
        said.push([type, data]);
        return Promise.resolve(undefined);
      }}
    />,
  );
  return { run, said, table: new Date(run.plan.serveAt).getTime() };
}

describe('a day that is late', () => {
  it('is laid anew by itself where that brings the table sooner; the old plan stays until it is taken', async () => {
    const { said, run, table } = late(1, 'turns', 50, 'Tobiah');
    expect(await screen.findByText(/behind the plan/)).toBeTruthy();
    fireEvent.click(await screen.findByRole('button', { name: '18:30 after all, in another order' }));
    const changes = screen.getByRole('region', { name: 'What changes' });
    expect(screen.getByRole('button', { name: /^Set the table to/ })).toBeTruthy();
    expect(within(changes).getAllByRole('row').length).toBeGreaterThan(2);
    fireEvent.click(screen.getByRole('button', { name: 'Stay with the old plan' }));
    expect(screen.queryByRole('region', { name: 'What changes' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: '18:30 after all, in another order' }));
    const take = screen.getByRole('button', { name: 'Go on in that order' });
    expect(said).toEqual([]);
    fireEvent.click(take);
    const [type, data] = said[0] ?? [];
    expect(type).toBe('plan');
    const to = new Date(String(data?.['serveAt'])).getTime();
    expect(to).toBeGreaterThanOrEqual(table);
    expect(data?.['steps']).toHaveLength(run.plan.steps.length);
  });
  it('says what is overdue for safety, whatever becomes of the order: a cooked filling that nobody put to cool', async () => {
    const { run, events, at } = heldUp(0, 'cookFilling', 0);
    const { steps } = run.plan;
    const cooked = steps.find((s) => s.itemIndex === 0 && s.code === 'cookFilling');
    if (!cooked) throw new Error('no pot');
    const done: BenchEvent = {
      id: 'off the heat',
      runId: run.id,
      type: 'done',
      at: new Date(at).toISOString(),
      data: { step: keyOf(cooked) },
      sent: 1,
    };
    const later = at + 70 * 60_000;
    const now = nowOf(run, [...events, done]);
    render(<Overdue run={run} state={stateOf(run, now, { cook: 'Ines', device: 'a' }, later)} now={later} />);
    expect(
      await screen.findByText(/^First, cool filling of .*: cook filling of .* longer ago than is safe to wait/),
    ).toBeTruthy();
  });
});
