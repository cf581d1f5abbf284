import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { FakeServer, heading, open } from '../testing/household';
import { corpus } from '@crustallum/core/testing/recipeCorpus';

const pasties = corpus.find((e) => e.text.startsWith('# Leek pasties'))?.text ?? '';
const fishPie = corpus[0]?.text ?? '';

async function reading(text: string): Promise<FakeServer> {
  localStorage.removeItem('crustallum.recipe');
  const server = new FakeServer();
  open('/recipe');
  await heading('From a written recipe');
  fireEvent.change(await screen.findByRole('textbox', { name: /words/ }), { target: { value: text } });
  const read = screen.getByRole('button', { name: 'Read it' });
  await waitFor(() => expect((read as HTMLButtonElement).disabled).toBe(false));
  fireEvent.click(read);
  await screen.findByRole('heading', { name: 'What was understood' });
  return server;
}
const made = (server: FakeServer) => server.bakes[0]?.items[0]?.document;

describe('a written recipe', () => {
  it('stands beside what was understood of it, and becomes a bake that keeps its words', async () => {
    const server = await reading(pasties);
    await screen.findByRole('button', { name: /Strong white flour\s*620 g/ });
    expect(screen.getByText('620 g strong white flour').className).toBe('understood');
    const begin = await screen.findByRole('button', { name: 'Take it to the brief' });
    await waitFor(() => expect((begin as HTMLButtonElement).disabled).toBe(false));
    fireEvent.click(begin);
    await heading('Brief');
    expect(made(server)).toMatchObject({ title: 'Leek pasties', product: 'handPies', brief: { count: 8 } });
    expect(made(server)?.recipe?.text).toBe(pasties);
  });
  it('with doubts comes already corrected, and can be taken as written', async () => {
    const server = await reading(fishPie);
    const salt = await screen.findByRole('group', { name: /^Salt: 21 g/ });
    const first = within(salt).getByRole('button', { name: /^teaspoon/ });
    expect(first.getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(within(salt).getByRole('button', { name: 'as written' }));
    await waitFor(() => expect(first.getAttribute('aria-pressed')).toBe('false'));
    const begin = screen.getByRole('button', { name: 'Take it to the brief' });
    await waitFor(() => expect((begin as HTMLButtonElement).disabled).toBe(false));
    fireEvent.click(begin);
    await heading('Brief');
    expect(made(server)?.dough.saltToFlourPct).toBeGreaterThan(4);
    expect(made(server)?.oven.setC).toBe(220);
  });
  it('stands beside ours where we reckon otherwise, with one press for each, and all of either at once', async () => {
    const server = await reading(pasties);
    const rest = await screen.findByRole('radiogroup', { name: 'Rest' }, { timeout: 10_000 });
    expect(
      within(rest)
        .getByRole('radio', { name: /^yours 2 h 00/ })
        .getAttribute('aria-checked'),
    ).toBe('true');
    fireEvent.click(within(rest).getByRole('radio', { name: /^ours/ }));
    await waitFor(() =>
      expect(
        within(screen.getByRole('radiogroup', { name: 'Rest' }))
          .getByRole('radio', { name: /^ours/ })
          .getAttribute('aria-checked'),
      ).toBe('true'),
    );
    fireEvent.click(screen.getByRole('button', { name: 'Keep all of mine' }));
    await waitFor(() =>
      expect(
        within(screen.getByRole('radiogroup', { name: 'Rest' }))
          .getByRole('radio', { name: /^yours/ })
          .getAttribute('aria-checked'),
      ).toBe('true'),
    );
    const begin = screen.getByRole('button', { name: 'Take it to the brief' });
    await waitFor(() => expect((begin as HTMLButtonElement).disabled).toBe(false));
    fireEvent.click(begin);
    await heading('Brief');
    expect(made(server)?.folds).toMatchObject({ rests: 'own', ownRestMin: 120 });
  });
  it('has every size and time put right by a press', async () => {
    await reading(pasties);
    fireEvent.click(await screen.findByRole('button', { name: /^Rolled to\s*4/ }));
    fireEvent.change(screen.getByRole('textbox', { name: 'Rolled to, put right' }), { target: { value: '3.5' } });
    await screen.findByRole('button', { name: /^Rolled to\s*3.5/ });
  });
  it('in a language we do not read says so, and reads its numbers', async () => {
    await reading(
      'Apfelkuchen\n300 g Mehl und 150 g Butter\nDen Teig kneten und eine Stunde kühlen.\nBei 200 °C 25 Minuten backen.',
    );
    await screen.findByText(/This page looks German/);
  });
  it('says what is not said, and what was taken for it', async () => {
    await reading(fishPie);
    const rows = await screen.findAllByText('not said');
    expect(rows.length).toBeGreaterThan(3);
    expect(screen.getByText(/4 mm taken/)).toBeTruthy();
  });
  it('keeps a word nobody knows, asks what it is, and takes the answer', async () => {
    await reading('200 g flour\n100 g butter\n300 g zorbleweed');
    fireEvent.click(await screen.findByRole('button', { name: /zorbleweed.*what is this/ }));
    fireEvent.change(screen.getByRole('textbox', { name: 'Of what' }), { target: { value: 'chard' } });
    fireEvent.click(await screen.findByRole('button', { name: 'Chard' }));
    await screen.findByRole('button', { name: /^Chard\s*300 g/ });
  });
  it('asks whose cups they are, and reads again by the answer', async () => {
    await reading('2 cups plain flour\n1 cup butter\nBake gas 5');
    fireEvent.click(await screen.findByRole('radio', { name: 'American' }));
    await screen.findByRole('button', { name: /^Plain flour\s*251 g/ });
    fireEvent.click(screen.getByRole('radio', { name: 'metric' }));
    await screen.findByRole('button', { name: /^Plain flour\s*265 g/ });
  });
  it('longer than a book is not read, and not lost', async () => {
    localStorage.removeItem('crustallum.recipe');
    new FakeServer();
    open('/recipe');
    await heading('From a written recipe');
    const field = await screen.findByRole('textbox', { name: /words/ });
    fireEvent.change(field, { target: { value: 'x'.repeat(1_200_000) } });
    await screen.findByText(/longer than a book/);
    expect((field as HTMLTextAreaElement).value).toHaveLength(1_200_000);
  });
  it('of two on one page is asked which, keeps what was put right in each, and takes both by one press', async () => {
    const two = [
      ['Leek pie', '300 g flour'],
      ['Plum turnovers', '1 bag flour\n260 g flour'],
    ]
      .map(([name, flour]) => `${name}\n${flour}\n150 g butter\n1 bag spinach\nBake at 190 °C for 40 minutes.`)
      .join('\n\n');
    const server = await reading(two);
    const pick = await screen.findByRole('radiogroup', { name: '2 recipes stand on this page' });
    const bag = await screen.findByRole('textbox', { name: /^Grams, as the label says: Spinach/ });
    fireEvent.change(bag, { target: { value: '320' } });
    fireEvent.blur(bag);
    await screen.findByDisplayValue('320');
    fireEvent.click(within(pick).getByRole('radio', { name: 'Plum turnovers' }));
    await screen.findByRole('button', { name: /Plain flour\s*260 g/ });
    fireEvent.click(within(pick).getByRole('radio', { name: 'Leek pie' }));
    await screen.findByRole('button', { name: /Plain flour\s*300 g/ });
    await screen.findByDisplayValue('320');
    const both = screen.getByRole('button', { name: 'Take both' });
    await waitFor(() => expect((both as HTMLButtonElement).disabled).toBe(false));
    fireEvent.click(both);
    await heading('Brief');
    const [leek, plum] = server.bakes[0]?.items.map((i) => i.document) ?? [];
    expect([leek?.title, plum?.title]).toEqual(['Leek pie', 'Plum turnovers']);
    expect(leek?.recipe?.text).not.toContain('Plum');
    // 320 g by its label, not the 250 of a common bag: kept as written in a dish that holds more
    const [spinach] = leek?.filling.ingredients ?? [];
    expect([spinach?.name, Math.round(spinach?.gramsPer100 ?? 0)]).toEqual(['Spinach', 22]);
  });
  it('that the server does not take stays where it is', async () => {
    const server = await reading(pasties);
    const begin = await screen.findByRole('button', { name: 'Take it to the brief' });
    await waitFor(() => expect((begin as HTMLButtonElement).disabled).toBe(false));
    server.down = true;
    fireEvent.click(begin);
    await screen.findByText(/nothing is lost, press again/);
    expect(screen.getByText('620 g strong white flour')).toBeTruthy();
  });
  it('opened from a file is read at once; one that is too large is refused by name', async () => {
    localStorage.removeItem('crustallum.recipe');
    new FakeServer();
    open('/recipe');
    await heading('From a written recipe');
    const input = await screen.findByLabelText('A file with a recipe');
    const file = (text: string, name: string) =>
      Object.assign(new File([text], name), { text: () => Promise.resolve(text) });
    const huge = file('', 'book.txt');
    Object.defineProperty(huge, 'size', { value: 6_000_000 });
    fireEvent.change(input, { target: { files: [huge] } });
    await screen.findByText(/book.txt is over five megabytes/);
    fireEvent.change(input, { target: { files: [file('\u0000\ufffdJFIF\u0001\u0002\ufffd\ufffd', 'pie.jpg')] } });
    await screen.findByText(/pie.jpg is a picture, or something else that is not words/);
    fireEvent.change(input, { target: { files: [file(pasties, 'pasties.md')] } });
    await screen.findByRole('heading', { name: 'What was understood' });
  });
});
