import { partName } from '../../dough/formula';
import { nameOf } from '../../ingredients/table';
import { styleOf } from '../stations/dough/formula';
import type { ItemPlan } from '../item';
import type { ItemInput } from '../../contracts/item';
import { brushedG } from './eggs';
import type { Wash } from '../../oven/tables';

export interface Need {
  name: string;
  /** Its id in the ingredient table, where it is known by one. */
  ingredient?: string;
  grams: number;
  forItems: { title: string; grams: number }[];
}

/** Names under which the larder keeps what doughs use. */
export const larderNames: Record<string, string> = {
  flour: 'Flour',
  salt: 'Salt',
  butter: 'Butter',
  clarifiedButter: 'Clarified butter',
  lard: 'Lard',
  shortening: 'Shortening',
  puffMargarine: 'Puff margarine',
  bakingMargarine: 'Baking margarine',
  suet: 'Suet',
  coconut: 'Coconut fat',
  oil: 'Oil',
  filo: 'Filo',
};

/** What all items together take from the larder, in grams. */
export function needsOf(items: readonly ItemInput[], plans: readonly ItemPlan[]): Need[] {
  const needs = new Map<string, Need>();
  const add = (name: string, grams: number, title: string, ingredient?: string) => {
    if (!(grams > 0.5)) return;
    const need: Need = needs.get(name.toLowerCase()) ?? {
      name,
      ...(ingredient ? { ingredient } : {}),
      grams: 0,
      forItems: [],
    };
    need.grams += grams;
    need.forItems.push({ title, grams });
    needs.set(name.toLowerCase(), need);
  };
  items.forEach((item, i) => {
    const plan = plans[i];
    const { fatG } = plan.dough.masses;
    const style = styleOf(item.dough);
    if (style === 'boughtPuff') add(nameOf(style), plan.cut.doughMassG, item.title, style);
    else if (style === 'stretchedFilo') {
      add(larderNames['flour'], plan.dough.masses.flourG, item.title, 'flour');
      add(larderNames[item.dough.fat], fatG, item.title);
    } else if (item.dough.pastry === 'filo') {
      add(larderNames['filo'], plan.cut.doughMassG, item.title, 'filo');
      add(larderNames[item.dough.fat], fatG, item.title);
    } else
      for (const part of plan.dough.facts?.parts ?? [])
        if (part.id !== 'water') add(larderNames[part.id] ?? partName(part), part.grams, item.title, part.id);
    add(larderNames['salt'], plan.filling.saltG, item.title);
    for (const { use, part, grams } of plan.eggs.uses)
      if (use === 'glue' || use === 'wash') add(nameOf(eggIds[part]), grams, item.title, eggIds[part]);
    const brushed = brushedWith[item.seal.wash];
    // the last brush over leaves is counted with the fat between them
    if (brushed && plan.seal.closing !== 'laps')
      add(larderNames[brushed] ?? nameOf(brushed), brushedG(plan.seal), item.title, brushed);
    for (const { name, gramsPer100 } of item.filling.ingredients)
      add(name, (plan.filling.totalG * gramsPer100) / 100, item.title);
  });
  return [...needs.values()];
}

/** Ingredients of the table that parts of an egg, and washes without one, are. */
const eggIds = { whole: 'egg', yolk: 'yolk', white: 'eggWhite' } as const;
const brushedWith: Partial<Record<Wash, string>> = { milk: 'milk', butter: 'butter', cream: 'cream', oil: 'oil' };

export interface Shortage {
  name: string;
  shortG: number;
  needG: number;
  haveG: number;
}

/** What the larder is short of. Names are matched without regard to case and to a trailing remark such as "82 %". */
export function shortages(
  needs: readonly Need[],
  larder: readonly { name: string; grams: number; ingredient?: string | null }[],
): Shortage[] {
  const plain = (name: string) => name.toLowerCase().split(',')[0]?.trim() ?? '';
  return needs
    .map((need) => {
      const haveG = larder
        .filter(
          (l) =>
            plain(l.name) === plain(need.name) || (need.ingredient !== undefined && l.ingredient === need.ingredient),
        )
        .reduce((sum, l) => sum + l.grams, 0);
      return { name: need.name, needG: need.grams, haveG, shortG: need.grams - haveG };
    })
    .filter((s) => s.shortG > 0.5);
}
