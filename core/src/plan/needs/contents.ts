import { partName } from '../../dough/formula';
import { oilShare } from '../stations/dough/leaves';
import { madeOfItsList } from '../../filling/ahead';
import { ingredientNamed } from '../../ingredients/named';
import { nameOf } from '../../ingredients/table';
import type { Label } from '../../ingredients/label';
import type { ItemInput } from '../../contracts/item';
import type { Underlay } from '../../oven/tables';
import { brushedWith } from '../../sealing/wash';
import { toppings } from '../../sealing/toppings';
import type { EggUse } from './eggs';
import { brushedG } from './eggs';
import type { ItemPlan } from '../item';
import { blindOf } from '../stations/oven/programme';
import { styleOf } from '../stations/dough/formula';

/** Where in a piece a thing is. */
export const places = ['flour', 'fat', 'dough', 'leaves', 'filling', 'glue', 'wash'] as const;
export type Place = (typeof places)[number];

/** One thing in the pieces of an item: what it is, where, and all of it in grams. */
export interface Content {
  place: Place;
  name: string;
  /** Its id in the ingredient table; null where the table does not know it. */
  ingredient: string | null;
  grams: number;
  /** Its place in the filling's own list, or in the dough's others. */
  at?: number;
  /** Its place in the small recipe of that part, made before the rest. */
  of?: number;
  /** It is made of a list of its own, which is bought in its place. */
  made?: true;
  /** What its packet says, where the cook wrote that down with it. */
  label?: Label;
}

/** What is strewn or brushed on a tray, g (estimates: a dusting, a teaspoon). */
const trayG: Partial<Record<Underlay, readonly [ingredient: string, grams: number]>> = {
  flour: ['flour', 5],
  oil: ['oil', 5],
};

const gluedWith = { none: null, water: 'water', milk: 'milk', egg: 'egg' } as const;

/**
 * Everything that is in the pieces of an item, wherever it hides: flour, fat, liquids, leaves, glue, wash, filling, with grams
 * of the station that says them. The larder, the label and who may eat what all read this one list.
 */
export function contentsOf(item: ItemInput, plan: ItemPlan): Content[] {
  const out: Content[] = [];
  const put = (place: Place, ingredient: string, grams: number, more: Partial<Content> = {}) =>
    out.push({ place, name: nameOf(ingredient), ingredient, grams, ...more });
  // what leaves are brushed with may be fat and oil
  const brushed = (grams: number) => {
    const oil = oilShare(item);
    put('fat', item.dough.fat, grams * (1 - oil));
    if (oil > 0) put('fat', 'oil', grams * oil);
  };
  const { masses, facts } = plan.dough;
  const style = styleOf(item.dough);
  if (style === 'boughtPuff') put('leaves', style, plan.cut.doughMassG);
  else if (style === 'stretchedFilo') {
    put('flour', 'flour', masses.flourG);
    brushed(masses.fatG);
  } else if (item.dough.pastry === 'filo') {
    put('leaves', 'filo', plan.cut.doughMassG);
    brushed(masses.fatG);
  } else
    for (const part of facts?.parts ?? []) {
      const other = item.dough.others?.findIndex(
        (o) => o.ingredient === part.id && (o.name ?? '') === (part.name ?? ''),
      );
      const place = part.id === item.dough.fat ? 'fat' : flours(item).includes(part.id) ? 'flour' : 'dough';
      put(place, part.id, part.grams, {
        name: partName(part),
        ...(other !== undefined && other >= 0 ? { at: other } : {}),
        ...(part.label ? { label: part.label } : {}),
        // a thing the cook named is not what the table has under that id, unless it is called so
        ...(part.name && ingredientNamed(part.name) !== part.id ? { ingredient: null } : {}),
      });
    }
  put('filling', 'salt', plan.filling.saltG);
  plan.filling.parts.forEach(({ name, grams }, at) => {
    const ahead = item.filling.ingredients[at]?.ahead;
    const own = ahead?.of ?? [];
    const made = ahead && own.length > 0 && madeOfItsList.has(ahead.kind);
    // never falsely free of something: the table's row stands beside the list until the cook says that it is all
    if (!made || !ahead.whole)
      out.push({ place: 'filling', name, ingredient: ingredientNamed(name), grams, at, ...(made ? { made } : {}) });
    own.forEach((thing, of) =>
      out.push({
        place: 'filling',
        name: thing.name,
        ingredient: ingredientNamed(thing.name),
        grams: (grams * thing.gramsPer100) / 100,
        at,
        of,
      }),
    );
  });
  const glue = gluedWith[item.seal.glue];
  if (glue && plan.seal.gluedMm > 0) put('glue', glue, eggG(plan, 'glue'));
  if (blindOf(item)?.sealed) put('glue', 'egg', eggG(plan, 'case'));
  // the last brush over leaves is counted with the fat between them, where it is the same fat
  const coat = plan.seal.closing === 'laps' && item.seal.wash === item.dough.fat ? 0 : brushedG(plan.seal);
  for (const [id, share] of brushedWith[item.seal.wash]) put('wash', id, coat * share);
  // a tray floured or oiled is in what stood on it
  const under = trayG[item.oven.under ?? 'paper'];
  if (under) put('wash', under[0], under[1] * plan.oven.trays);
  const topping = toppings[item.seal.topping ?? 'none'];
  if (topping) put('wash', topping.ingredient, (plan.seal.brushedMm2 / 1e6) * topping.gramsPerM2);
  return out.filter((c) => c.grams > 0 || c.place === 'glue');
}

const flours = (item: ItemInput): string[] => [item.dough.flour ?? 'flour', item.dough.secondFlour ?? ''];
const eggG = (plan: ItemPlan, use: EggUse): number =>
  plan.eggs.uses.filter((u) => u.use === use).reduce((sum, u) => sum + u.grams, 0);
