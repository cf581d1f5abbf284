import fc from 'fast-check';
import { pastriesOf, products } from '../contracts/products';
import { stationInputs, type ItemInput } from '../contracts/item';
import { numberRules, type NumberRule } from '../quantities/rules';
import { starterItem } from '../plan/starters';

const groups = stationInputs;
type Group = keyof typeof groups;

/** Every product in every pastry it can be made of. */
export const allStarters = products.flatMap((p) => pastriesOf[p].map((pastry) => [p, pastry] as const));

/** Every number an item has, with its rule. */
export const numbersOf = (item: ItemInput): [Group, string, NumberRule][] =>
  (Object.keys(groups) as Group[]).flatMap((group) =>
    Object.entries(numberRules(groups[group]))
      .filter(([field]) => typeof (item[group] as unknown as Record<string, unknown>)[field] === 'number')
      .map(([field, rule]): [Group, string, NumberRule] => [group, field, rule]),
  );

export const withNumber = (item: ItemInput, group: Group, field: string, value: number): ItemInput => ({
  ...item,
  [group]: { ...item[group], [field]: value },
});

/** Half of all ovens are set to another heat on the way, some cases are baked empty first. */
const programme = fc.record(
  {
    then: fc.array(fc.record({ fromMin: fc.integer({ min: 1, max: 60 }), setC: fc.constantFrom(150, 180, 220) }), {
      minLength: 1,
      maxLength: 2,
    }),
    blind: fc.record({
      setC: fc.constantFrom(160, 190, 220),
      weightsMin: fc.integer({ min: 0, max: 25 }),
      bareMin: fc.integer({ min: 0, max: 15 }),
      sealed: fc.boolean(),
    }),
  },
  { requiredKeys: [] },
);

/** Any item within the rules of its numbers. */
export const anyItem = fc.constantFrom(...allStarters).chain(([product, pastry]) => {
  const item = starterItem(product, 6, 'You', pastry);
  const all = numbersOf(item);
  return fc
    .tuple(
      ...all.map(([, , r]) =>
        r.integer ? fc.integer({ min: r.min, max: r.max }) : fc.double({ min: r.min, max: r.max, noNaN: true }),
      ),
    )
    .chain((values) =>
      programme.map((oven) => {
        const made = all.reduce((m, [group, field], i) => withNumber(m, group, field, values[i]), item);
        return { ...made, oven: { ...made.oven, ...oven } };
      }),
    );
});

/** Items as cooks have them: a starter with a few of its numbers moved, and lids, glues and lots of every kind. */
export const usualItem = fc
  .record({
    kind: fc.constantFrom(...allStarters),
    mouths: fc.integer({ min: 2, max: 14 }),
    thicknessMm: fc.double({ min: 2.5, max: 5, noNaN: true }),
    saltPct: fc.double({ min: 0.2, max: 2, noNaN: true }),
    setC: fc.constantFrom(180, 190, 200, 210),
    dishes: fc.integer({ min: 1, max: 3 }),
    lid: fc.constantFrom('whole', 'lattice', 'none'),
    glue: fc.constantFrom('egg', 'water', 'none'),
    wash: fc.constantFrom('egg', 'yolk', 'milk', 'none'),
    lots: fc.constantFrom(undefined, 2),
    oven: programme,
  })
  .map((o): ItemInput => {
    const [product, pastry] = o.kind;
    const item = starterItem(product, o.mouths, 'You', pastry);
    const filo = pastry === 'filo';
    return {
      ...item,
      filling: { ...item.filling, saltPct: o.saltPct },
      oven: { ...item.oven, setC: o.setC, ...o.oven },
      cut: {
        ...item.cut,
        ...(filo ? {} : { thicknessMm: o.thicknessMm }),
        ...(product === 'dishPie' ? { dishes: o.dishes, lid: o.lid } : {}),
      },
      seal: {
        ...item.seal,
        ...(filo ? {} : { glue: o.glue, wash: o.wash }),
        ...(o.lots ? { lots: o.lots } : {}),
      },
    };
  });
