import fc from 'fast-check';
import { numberRules, type NumberRule } from '../quantities/rules';
import { RefusedInput } from '../quantities/refusal';
import { stationInputs, type ItemInput } from '../contracts/item';
import { pastriesOf, products } from '../contracts/products';
import { planItem } from './item';
import { plainKitchen, starterItem } from './starters';

const groups = stationInputs;
type Group = keyof typeof groups;

/** Every number an item has, with its rule. */
const numbers = (item: ItemInput): [Group, string, NumberRule][] =>
  (Object.keys(groups) as Group[]).flatMap((group) =>
    Object.entries(numberRules(groups[group]))
      .filter(([field]) => typeof (item[group] as unknown as Record<string, unknown>)[field] === 'number')
      .map(([field, rule]): [Group, string, NumberRule] => [group, field, rule]),
  );
const withNumber = (item: ItemInput, group: Group, field: string, value: number): ItemInput => ({
  ...item,
  [group]: { ...item[group], [field]: value },
});
const made = products.flatMap((p) => pastriesOf[p].map((pastry) => [p, pastry] as const));

/** Works it out; a refusal is given back as text, anything else is thrown on. */
function worked(item: ItemInput): string {
  try {
    const plan = planItem(item, plainKitchen);
    return JSON.stringify(plan, (_, v: unknown) =>
      typeof v === 'number' && !Number.isFinite(v) ? 'BROKEN' : v,
    ).includes('BROKEN')
      ? 'a broken number'
      : 'worked out';
  } catch (error) {
    if (!(error instanceof RefusedInput)) throw error;
    return `refused: ${error.message}`;
  }
}

describe.each(made.filter(([product]) => !product.startsWith('filo')).slice(0, 3))(
  'a starter of %s in %s',
  (product, pastry) => {
    const item = starterItem(product, 6, 'You', pastry);
    it('is worked out at both ends of every one of its numbers', () => {
      for (const [group, field, rule] of numbers(item))
        for (const value of [rule.min, rule.max])
          expect([group, field, value, worked(withNumber(item, group, field, value))]).toEqual([
            group,
            field,
            value,
            'worked out',
          ]);
    });
  },
);

describe('any item within its rules', () => {
  it('of two pies rolled to 80 cm is named as a packet thinner than its sheet', () => {
    const two = starterItem('handPies', 2, 'You', 'roughPuff');
    const thin = withNumber(withNumber(two, 'folds', 'rolledLengthMm', 800), 'cut', 'thicknessMm', 1);
    expect(worked(thin)).toBe('worked out');
    expect(planItem(thin, plainKitchen).problems.map((p) => p.code)).toContain('finalThickerThanPacket');
  });
  it('of 25 pots from a sheet of 20 × 10 cm is named as a packet no hand can roll', () => {
    const high = withNumber(starterItem('potPies', 25, 'You', 'roughPuff'), 'folds', 'rolledLengthMm', 200);
    expect(worked(high)).toBe('worked out');
    expect(planItem(high, plainKitchen).problems.map((p) => p.code)).toContain('packetTooHigh');
  });
  it('is worked out, or named as what cannot be made: nothing is refused from deep inside', () => {
    const anyItem = fc.constantFrom(...made).chain(([product, pastry]) => {
      const item = starterItem(product, 6, 'You', pastry);
      const all = numbers(item);
      return fc
        .tuple(
          ...all.map(([, , r]) =>
            r.integer ? fc.integer({ min: r.min, max: r.max }) : fc.double({ min: r.min, max: r.max, noNaN: true }),
          ),
        )
        .map((values) =>
          all.reduce((made, [group, field], i) => withNumber(made, group, field, values[i] as number), item),
        );
    });
    fc.assert(
      fc.property(anyItem, (item) => {
        expect(worked(item)).toBe('worked out');
      }),
      { numRuns: 10 },
    );
  });
});
