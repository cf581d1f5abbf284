import { expect, test } from '../household';
import { Cook } from './cook';

test(
  'S: built on Thursday, frozen raw, baked on Saturday from frozen for ten',
  { tag: '@wide' },
  async ({ page, empty }) => {
    const cook = new Cook(page, empty.url);
    await cook.newDay('Hand pies', 10, '2026-12-19T13:00');
    await cook.to('oven');
    const fresh = await cook.number('Bake at 200 °C');
    await cook.pick('Goes in from', 'freezer');
    await cook.set('Made before', '2');
    await expect.poll(() => cook.number('Bake at 200 °C')).toBeGreaterThan(fresh + 4);
    const frozen = await cook.number('Bake at 200 °C');
    expect(frozen).toBeLessThan(fresh + 25);
    // how long they keep is shown, and how a half is warmed again
    await cook.to('seal');
    await cook.show('store');
    await expect(page.getByText(/months?/).first()).toBeVisible();
    await expect(page.getByText(/75/).first()).toBeVisible();
    // too long in the fridge, raw, is not planned in silence
    await cook.to('oven');
    await cook.pick('Goes in from', 'fridge');
    await expect(page.getByText(/it keeps \d+ h at most/)).toBeVisible();
    await cook.pick('Goes in from', 'freezer');
    await expect(page.getByText(/it keeps \d+ h at most/)).toHaveCount(0);
    // the day has its Thursday
    await cook.to('clock');
    await expect(page.getByText(/Start on Thursday 17 December at/)).toBeVisible();
    const calls = await cook.throughTheBench();
    const call = (words: string) => calls.findIndex((c) => c.includes(words));
    expect(call('Freeze Hand pies')).toBeGreaterThan(call('Fill and seal'));
    expect(calls[call('Freeze Hand pies')]).toContain('Open on a tray');
    expect(call('Hand pies into the oven')).toBeGreaterThan(call('Freeze Hand pies'));
    await cook.keepInLog('From frozen, and hot through.');
  },
);
