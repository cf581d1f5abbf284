import { dustedG, thinnedMm, thinnestLidMm, troubles, troublesAt } from '@crustallum/core/bench/rescue';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { store } from '../desk/store';
import { FakeServer, heading, open } from '../testing/household';
import { runAt, runOf, stepIndex } from '../testing/runs';
import { rescueWords, troubleWords, type RescueFacts } from '../wording/rescue';

const nothingKnown: RescueFacts = {
  valueC: null,
  lowC: null,
  highC: null,
  standMin: null,
  coldMin: null,
  coldCost: null,
  doughG: null,
  flour: 'flour',
  thicknessMm: null,
  acrossMm: null,
  baking: [],
  cooling: [],
  table: '18:30',
};

describe('what can go wrong', () => {
  it('always has an answer, also where nothing is known of the bake', () => {
    for (const t of troubles) expect([t, rescueWords(t, nothingKnown).length]).not.toEqual([t, 0]);
    for (const t of troubles) expect(rescueWords(t, nothingKnown).join(' ')).not.toMatch(/null|NaN|undefined|Infinity/);
  });
  it('stands by the step: leaves tear, pots are thin, anybody may be burnt anywhere', () => {
    expect(troublesAt({ code: 'brushStack' }, true)[0]).toBe('leafTorn');
    expect(troublesAt({ code: 'cookFilling' }, false)).toContain('fillingThin');
    expect(troublesAt({ code: 'turns' }, false).slice(0, 2)).toEqual(['tooWarm', 'tooCold']);
    for (const code of ['turns', 'bake', 'stand', 'weigh'] as const)
      expect(troublesAt({ code }, false)).toEqual(expect.arrayContaining(['cut', 'burn', 'powerCut', 'late']));
  });
  it('is answered with the figures of this bake', () => {
    const facts = {
      ...nothingKnown,
      valueC: 8,
      lowC: 10,
      highC: 16,
      standMin: 3.2,
      doughG: 800,
      thicknessMm: 4,
      acrossMm: 200,
    };
    expect(rescueWords('cracked', facts)[0]).toMatch(/too cold: 8.0°, and it cracks under 10°. Let it stand 3 min/);
    expect(rescueWords('sticky', facts).join(' ')).toMatch(/4 g to 12 g in all/);
    expect(rescueWords('lidShort', facts)[0]).toMatch(/to 3\.6 mm: that makes 20\.0 cm into 21\.0 cm/);
    expect(rescueWords('powerCut', { ...facts, baking: [{ title: 'Quay pie', leftMin: 40 }] })[0]).toMatch(
      /not done without heat/,
    );
  });
  it('a lid is rolled on no thinner than holds, and its dough stays as much', () => {
    const to = thinnedMm(4, 200, 10) ?? 0;
    expect(to * 210 ** 2).toBeCloseTo(4 * 200 ** 2, 6);
    expect(thinnedMm(thinnestLidMm, 200, 10)).toBeNull();
    expect(dustedG(1000)).toEqual([5, 15]);
  });
});

describe('something wrong at the bench', () => {
  beforeEach(() => jest.spyOn(console, 'error').mockImplementation(() => undefined));
  afterEach(() => jest.restoreAllMocks());
  it('is answered in two presses, with the minutes of this cold', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], Date.now() - 60 * 60_000);
    await runAt(run, stepIndex(run, 'rollOut'));
    open('/bench');
    await heading(/Roll/);
    fireEvent.click(screen.getByRole('button', { name: 'Something wrong' }));
    const list = await screen.findByRole('list', { name: 'What is wrong' });
    fireEvent.click(within(list).getByRole('button', { name: troubleWords.tooWarm }));
    await waitFor(() =>
      expect(screen.getByRole('dialog').textContent).toMatch(/To the cold, flat on a tray, for \d+ min/),
    );
    expect(screen.getByRole('dialog').textContent).toMatch(/The fat is at \d+\.\d°; it works up to 16°/);
  });
  it('the step in hand is done with what is in the house, and its minutes go with it', async () => {
    new FakeServer();
    const run = runOf([['dishPie', 'shortcrust']], Date.now() - 60 * 60_000);
    await runAt(run, stepIndex(run, 'rubIn'));
    open('/bench');
    await heading(/Rub in/);
    fireEvent.click(screen.getByRole('button', { name: 'Something else' }));
    fireEvent.click(await screen.findByRole('button', { name: 'By another hand: rub in' }));
    const ways = within(await screen.findByRole('region', { name: 'With what is in the house' }));
    const machine = ways.getByText(/^machine: \d+ min, .*comes out at/);
    fireEvent.click(within(machine.closest('li') as HTMLElement).getByRole('button', { name: 'Do it so' }));
    fireEvent.click(screen.getByRole('button', { name: 'Something else' }));
    await screen.findByRole('button', { name: /^Take back: .*machine$/ });
  });
  it('another hand is planned for the next time only when the cook says so', async () => {
    new FakeServer().plan(['dishPie', 'shortcrust']);
    const run = runOf([['dishPie', 'shortcrust']], Date.now() - 60 * 60_000);
    Object.assign(run.plan.items[0] as object, { id: 'bake1item1' });
    await runAt(run, stepIndex(run, 'rubIn'));
    open('/bakes/bake1/bake1item1/dough');
    await heading('Dough');
    open('/bench', { keep: true });
    await heading(/Rub in/);
    const method = () => store.getState().desk.items[0]?.document.dough.method;
    const planned = method();
    const atHands = async () => {
      fireEvent.click(screen.getByRole('button', { name: 'Something else' }));
      fireEvent.click(await screen.findByRole('button', { name: 'By another hand: rub in' }));
      return within(await screen.findByRole('region', { name: 'With what is in the house' }));
    };
    const machine = (await atHands()).getByText(/^machine: \d+ min/).closest('li') as HTMLElement;
    fireEvent.click(within(machine).getByRole('button', { name: 'Do it so' }));
    await waitFor(() => expect(screen.queryByRole('region', { name: 'With what is in the house' })).toBeNull());
    expect(method()).toBe(planned);
    fireEvent.click(await (await atHands()).findByRole('button', { name: 'Plan it so from now on' }));
    await waitFor(() => expect(method()).not.toBe(planned));
    expect(screen.queryByRole('button', { name: 'Plan it so from now on' })).toBeNull();
  });
  it('too many pieces for one lot: half go on, the rest go into the cold, and it can be taken back', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], Date.now() - 60 * 60_000);
    await runAt(run, stepIndex(run, 'fillSeal'));
    open('/bench');
    await heading(/./);
    const pieces = () => screen.getByRole('img', { name: /^0 of \d+ done$/ }).getAttribute('aria-label');
    const all = await waitFor(pieces);
    fireEvent.click(screen.getByRole('button', { name: 'Something else' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Half of them now, the rest into the cold' }));
    await waitFor(() => expect(pieces()).not.toBe(all));
    await screen.findByText(/Lot 1 of 2; the others stay cold/);
    // and the cold of the rest is under way, of minutes of its own
    await screen.findByText(/chill, Hand pies/);
    fireEvent.click(screen.getByRole('button', { name: 'Something else' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Take back: split in two lots' }));
    fireEvent.click(screen.getByRole('button', { name: 'Back to the bench' }));
    await waitFor(() => expect(pieces()).toBe(all));
  });
  it('letters, hand and sound of a screen are kept on it', async () => {
    new FakeServer();
    const run = runOf([['handPies', 'roughPuff']], Date.now());
    await runAt(run, 0);
    open('/bench');
    await heading('Weigh for Hand pies');
    fireEvent.click(screen.getByRole('button', { name: 'Something else' }));
    for (const name of ['larger', 'Left-handed', 'silent'])
      fireEvent.click(await screen.findByRole('button', { name }));
    expect(document.querySelector('main.bench')?.className).toMatch(/left-handed larger-1/);
    expect(JSON.parse(localStorage.getItem('crustallum.comfort') ?? '{}')).toMatchObject({
      loud: 0,
      larger: 1,
      leftHanded: true,
    });
  });
});
