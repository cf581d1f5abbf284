import { compute } from '../../models';
import type { ItemInput } from '../../contracts/item';
import { planItem } from '../item';
import { smallestFix, type SmallestFix } from './smallestFix';
import { formItem } from '../forms';
import { plainKitchen, starterItem } from '../starters';
import type { KitchenInput } from '../../contracts/kitchen';

const kitchen = plainKitchen;
const triangles = formItem('filoTriangles', 4, 'You');
const turnovers = starterItem('handPies', 8, 'You', 'roughPuff');
const stops = (item: ItemInput, k: KitchenInput = kitchen) =>
  planItem(item, k).problems.filter((p) => p.weight === 'stop');
const made = (item: ItemInput, { path, to }: Pick<SmallestFix, 'path' | 'to'>): ItemInput => {
  const [group, field] = path.split('.') as ['cut', 'cutterMm'];
  return { ...item, [group]: { ...item[group], [field]: to as number } };
};

const cases: [what: string, item: ItemInput, kitchen: KitchenInput, code: string][] = [
  [
    'a rim wider than the piece',
    { ...turnovers, cut: { ...turnovers.cut, cutterMm: 50 }, seal: { ...turnovers.seal, rimMm: 24 } },
    kitchen,
    'rim_too_wide',
  ],
  [
    'a cutter wider than the bench',
    { ...turnovers, cut: { ...turnovers.cut, cutterMm: 250 } },
    { ...kitchen, benchWidthMm: 230, benchLengthMm: 240, pinMm: 230 },
    'piece_bigger_than_bench',
  ],
  [
    'a packet thinner than its sheet',
    { ...turnovers, brief: { count: 2 }, folds: { ...turnovers.folds, rolledLengthMm: 800 } },
    kitchen,
    'final_thicker_than_packet',
  ],
  ['a strip no leaf gives', { ...triangles, cut: { ...triangles.cut, cutterMm: 320 } }, kitchen, 'strip_over_leaf'],
  [
    'an oven too cool to bake in',
    {
      ...turnovers,
      oven: { ...turnovers.oven, setC: 120 },
      filling: { ...turnovers.filling, type: 'apple_raw' },
    },
    { ...kitchen, ovenOffsetC: -40 },
    'never_ready',
  ],
];

describe('the smallest change that would work', () => {
  it.each(cases)('takes %s away and brings nothing else', (_what, item, k, code) => {
    const change = smallestFix({ item, kitchen: k, code });
    expect(change).not.toBeNull();
    const after = stops(made(item, change as SmallestFix), k);
    expect(after.filter((p) => p.code === code)).toEqual([]);
    expect(after.filter((p) => p.station === stops(item, k).find((s) => s.code === code)?.station)).toEqual([]);
  });
  it.each(cases)('is a change of one of the inputs that disagree: %s', (_what, item, k, code) => {
    const change = smallestFix({ item, kitchen: k, code });
    expect(stops(item, k).find((p) => p.code === code)?.fields).toContain(change?.path);
    expect(change?.to).not.toBe(change?.from);
  });
  it('of a rim is the widest that leaves room, not one that is safe by far', () => {
    const item = { ...turnovers, cut: { ...turnovers.cut, cutterMm: 50 }, seal: { ...turnovers.seal, rimMm: 24 } };
    const change = smallestFix({ item, kitchen, code: 'rim_too_wide' });
    if (typeof change?.to !== 'number') throw new Error('no number');
    const [path, outwards] = [change.path, Math.sign(Number(change.from) - change.to)];
    expect(stops(made(item, { path, to: change.to + outwards }))).not.toEqual([]);
  });
  it('of a pastry that does not fit is one that does', () => {
    const dish = starterItem('dishPie', 8, 'You');
    const item: ItemInput = { ...dish, dough: { ...dish.dough, pastry: 'filo' } };
    expect(smallestFix({ item, kitchen, code: 'pastry_does_not_fit' })).toMatchObject({
      path: 'dough.pastry',
      from: 'filo',
    });
  });
  it('is none where no single input helps', () => {
    const dish = starterItem('dishPie', 8, 'You');
    expect(smallestFix({ item: { ...dish, cut: { ...dish.cut, vessel: null } }, kitchen, code: 'no_dish' })).toBeNull();
  });
  it('is none for what does not stand in the way', () => {
    expect(smallestFix({ item: turnovers, kitchen, code: 'rim_too_wide' })).toBeNull();
  });
  it('goes through the registry like every model', () => {
    const [, item, k, code] = cases[0];
    expect(compute('plan.smallestFix', { item, kitchen: k, code })).toEqual({
      ok: true,
      value: smallestFix({ item, kitchen: k, code }),
    });
    expect(compute('plan.smallestFix', { item, kitchen: k })).toMatchObject({ ok: false, errors: [{ field: 'code' }] });
  });
});

const warned = (item: ItemInput) => planItem(item, kitchen).problems.map((p) => p.code);
const warnings: [what: string, item: ItemInput, code: string][] = [
  ['a pie filled too full', { ...turnovers, filling: { ...turnovers.filling, fullnessPct: 125 } }, 'overfull'],
  [
    'a lid without a vent',
    { ...starterItem('potPies', 4, 'You'), seal: { ...starterItem('potPies', 4, 'You').seal, slits: 0 } },
    'too_few_vents',
  ],
];

describe('a warning', () => {
  it.each(warnings)('of %s has a press that mends it and brings no other', (_what, item, code) => {
    const before = warned(item);
    expect(before).toContain(code);
    const fix = smallestFix({ item, kitchen, code }) as SmallestFix;
    const after = warned(made(item, fix));
    expect(after).not.toContain(code);
    expect(after.filter((c) => !before.includes(c))).toEqual([]);
  });
});
