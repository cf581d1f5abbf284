import { expect, test } from '../household';
import { Cook } from './cook';

test('E: oil dough stretched thin, rolled to one ring, no milk anywhere', { tag: '@wide' }, async ({ page, empty }) => {
  const cook = new Cook(page, empty.url);
  await cook.newDay(['A rolled ring', 'Rolls in slices'], 8);
  // Yara must meet no milk, and the whole day is free of it
  await cook.mustNotMeet(3, 'Yara', ['no milk']);
  await cook.to('dough');
  const water = await cook.number('Water at');
  expect(water).toBeGreaterThan(25);
  // from the same dough eight little rolls, closed by the blunt edge that cuts them
  const alone = await cook.number('Dough in all');
  await cook.turnTo('Rolls in slices');
  await cook.pick('Style', 'stretched oil dough');
  await cook.pick('Mixed with', 'A rolled ring');
  await expect(page.getByText(/mixed there and changed there/)).toBeVisible();
  await cook.to('seal');
  await cook.pick('Closed by', 'a press');
  await cook.show('wash');
  await cook.pick('Washed with', 'oil');
  await cook.show('rim');
  await cook.pick('Glued with', 'water');
  await cook.turnTo('A rolled ring');
  await cook.to('dough');
  await expect(page.getByText(/Mixed for all: \d+ g for this one, \d+ g for Rolls in slices/)).toBeVisible();
  expect(await cook.number('Dough in all')).toBeGreaterThan(alone);
  await cook.to('cut');
  await expect(page.getByText('38', { exact: false }).first()).toBeVisible();
  await cook.to('oven');
  const minutes = await cook.number('Bake at 190 °C');
  expect(minutes).toBeGreaterThanOrEqual(28);
  expect(minutes).toBeLessThanOrEqual(50);
  const calls = await cook.throughTheBench();
  const call = (words: string) => calls.find((c) => c.includes(words)) ?? '';
  // no lumps, no fridge, no band; covered in the room for half an hour
  expect(call('Weigh for')).not.toMatch(/pieces of|fridge/);
  expect(calls.some((c) => c.includes('Into the cold'))).toBe(false);
  expect(call('Cover it and let it rest')).toMatch(/\b(?:\d+ h \d\d|[3-9]\d min|\d{3} min) in the room/);
  expect(call('Mix')).toContain('springs back');
  expect(call('Mix')).not.toContain('come out near');
  expect(call('Roll A rolled ring')).toContain('stretched over the backs of the hands');
  expect(call('roll up and join')).toContain('a ring of 38 cm');
  expect(call('Fill and roll up')).toContain('with a blunt edge, which closes them');
  // one bowl for both, divided before it rests
  expect(calls.filter((c) => c.startsWith('Mix'))).toHaveLength(1);
  expect(call('Cover it and let it rest')).toMatch(
    /Divide it first: \d+ g for A rolled ring and \d+ g for Rolls in slices/,
  );
  expect(call('Brush')).toContain('oil');
  // heard at filling, closing and the cut: nothing here is not for Yara
  expect(calls.join('\n')).not.toMatch(/not for Yara/);
  await cook.keepInLog('Thin as paper; it held.');
});
