import type { LogEntry } from '@crustallum/core/contracts/log';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { FakeServer, heading, open } from '../testing/household';

const answers: LogEntry['answers'] = {
  colour: 'golden',
  base: 'gold',
  leaks: 0,
  shrink: 'none',
  texture: 'crisp',
  stoodMm: 9,
  note: 'Keep the three slits.',
};

/** Days with their pies, one every month of the years before; the last of them has just been. */
function household(n = 30): FakeServer {
  const server = new FakeServer();
  for (let i = 0; i < n; i++) {
    const bake = server.plan(i % 3 === 0 ? ['dishPie', 'shortcrust'] : ['handPies', 'shortcrust']);
    const serveAt = `${2024 - Math.floor(i / 12)}-${String(12 - (i % 12)).padStart(2, '0')}-05T18:30`;
    const title = i === 17 ? 'Plums for Noor' : `Day ${i}`;
    Object.assign(bake, { serveAt, title, meal: { ...bake.meal, serveAt, title, mouthCount: 6 } });
    server.log.push({
      id: `e${i}`,
      version: 1,
      bakeId: bake.id,
      runId: null,
      date: serveAt.slice(0, 10),
      title: bake.items[0]?.title ?? '',
      answers: { ...answers, leaks: i === 4 ? 2 : 0, note: i === 4 ? 'Too wet.' : answers.note },
      snapshot: {},
    });
  }
  return server;
}
const boards = () => within(screen.getByRole('list', { name: 'Days that have been' })).getAllByRole('button');
const look = async (address = '/days') => {
  open(address);
  await heading('Days');
  await screen.findByRole('list', { name: 'Days that have been' });
};
const find = (words: string) => fireEvent.change(screen.getByRole('searchbox'), { target: { value: words } });

describe('all days', () => {
  it('are found among thirty by a word of their name, their people or how they came out', async () => {
    household();
    await look();
    expect(boards()).toHaveLength(30);
    find('plums');
    expect(boards().map((b) => b.textContent)).toEqual([expect.stringContaining('Plums for Noor')]);
    find('too wet');
    expect(boards()).toHaveLength(1);
    find('quinces');
    expect(screen.getByText(/None of 30 holds “quinces”/)).toBeTruthy();
    find('');
    fireEvent.click(screen.getByRole('button', { name: /the ones that leaked/ }));
    expect(boards()).toHaveLength(1);
  });
  it('say in three words how they came out, and what was noted', async () => {
    household(3);
    await look();
    expect(boards()[0]?.textContent).toContain('crisp, golden, kept its size');
    fireEvent.click(boards()[0] as HTMLElement);
    expect(screen.getByText('“Keep the three slits.”')).toBeTruthy();
  });
  it('are made again for twice as many, on another date: as many for each as before', async () => {
    const server = household(3);
    const [, was] = server.bakes;
    await look();
    fireEvent.click(boards()[1] as HTMLElement);
    for (let i = 0; i < 6; i++) fireEvent.click(screen.getByRole('button', { name: 'one person more' }));
    const when = screen.getByRole('textbox', { name: 'day and time at the table' });
    fireEvent.change(when, { target: { value: '12 Feb 2037 13:00' } });
    fireEvent.blur(when);
    fireEvent.click(await screen.findByRole('button', { name: 'A day for 12' }));
    await waitFor(() => expect(server.bakes).toHaveLength(4));
    const made = server.bakes[3];
    expect(made?.meal).toMatchObject({ serveAt: '2037-02-12T13:00', mouthCount: 12 });
    expect(made?.items[0]?.document.brief.count).toBe(2 * (was?.items[0]?.document.brief.count ?? 0));
    expect(made?.items[0]?.document.filling.name).toBe(was?.items[0]?.document.filling.name);
  });
  it('put away lie in the drawer, and are brought back', async () => {
    const server = household(3);
    await look();
    fireEvent.click(boards()[2] as HTMLElement);
    fireEvent.click(screen.getByRole('button', { name: 'Put away' }));
    await waitFor(() => expect(server.away).toHaveLength(1));
    fireEvent.click(await screen.findByRole('button', { name: 'Put away: 1' }));
    expect(boards()).toHaveLength(2);
    const drawer = within(screen.getByRole('list', { name: 'Put away' }));
    fireEvent.click(drawer.getByRole('button'));
    fireEvent.click(screen.getByRole('button', { name: 'Bring it back' }));
    await waitFor(() => expect(boards()).toHaveLength(3));
  });
  it('that are all written down leave Today to a new one', async () => {
    household(2);
    open('/');
    await heading('What is for the table, and when?');
  });
});

describe('a day and an hour', () => {
  it('typed in words are taken; what cannot be read stays, and is said', async () => {
    household(1);
    open('/new');
    const field = await screen.findByRole('textbox', { name: 'day and time at the table' });
    fireEvent.change(field, { target: { value: 'some time' } });
    fireEvent.blur(field);
    expect(screen.getByRole('alert').textContent).toMatch(/A day or an hour/);
    fireEvent.change(field, { target: { value: '1 May 2037 at 7.15 pm' } });
    fireEvent.blur(field);
    expect((field as HTMLInputElement).value).toBe('Friday 1 May, 19:15');
  });
  it('are moved along their rulers: a day pressed, an hour by its keys', async () => {
    household(1);
    open('/new');
    const field = await screen.findByRole<HTMLInputElement>('textbox', { name: 'day and time at the table' });
    fireEvent.change(field, { target: { value: '2037-05-01T19:00' } });
    fireEvent.blur(field);
    fireEvent.click(screen.getByRole('button', { name: 'a quarter of an hour later' }));
    expect(field.value).toBe('Friday 1 May, 19:15');
    fireEvent.keyDown(screen.getByRole('slider', { name: 'hour at the table' }), { key: 'ArrowLeft' });
    expect(field.value).toBe('Friday 1 May, 19:00');
  });
});
