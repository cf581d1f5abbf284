import { expect, test } from '../household';
import { Cook } from './cook';

test(
  'D: fourteen small pies in two muffin tins, yolks and cream in the dough',
  { tag: '@wide' },
  async ({ page, empty }) => {
    const cook = new Cook(page, empty.url);
    await cook.newDay('Small pies in a tin', 7);
    await cook.to('dough');
    await cook.pick('Style', 'egg-and-milk crust');
    // base and lid from two cutters laid on one sheet, the trimmings rolled again
    await cook.to('cut');
    await expect(page.getByText(/^14 bases of [\d.]+ cm, 14 lids of [\d.]+ cm, lids first/)).toBeVisible();
    await expect(page.getByText(/^The trimmings, rolled again: .*bases? and lids?$/).first()).toBeVisible();
    await cook.to('oven');
    await cook.pick('Fan', 'on');
    const minutes = await cook.number('Bake at 190 °C');
    expect(minutes).toBeGreaterThanOrEqual(25);
    expect(minutes).toBeLessThanOrEqual(40);
    const calls = await cook.throughTheBench();
    expect(calls.some((c) => /Line cups 1 to .*Cut the lids first with [\d.]+ cm, then the bases/s.test(c))).toBe(true);
    // egg and milk are weighed: no water is poured
    const bowl = calls.find((c) => c.startsWith('Rub in')) ?? '';
    expect(bowl).toContain('No water goes in');
    expect(calls.join()).not.toContain('0 g water');
    // seven eaters at two each
    expect(calls.some((c) => /Line cups \d+ to 14/.test(c))).toBe(true);
    await cook.keepInLog('Came out of the tin whole.');
  },
);
