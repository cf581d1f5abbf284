import type { ItemPlan } from '../item';
import type { ItemInput } from '../../contracts/item';
import { closedName, closedPieG, isClosedBefore } from '../closedBefore';
import { contentsOf, type Place } from './contents';
import type { Need } from './shortages';

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

/** What is in a dough or a filling that is made already is not taken from the larder again. */
const isThere = (item: ItemInput, place: Place): boolean =>
  isClosedBefore(item) ? place !== 'wash' : isMade(item, place);
const isMade = ({ dough, filling }: ItemInput, place: Place): boolean =>
  place === 'filling'
    ? !!filling.have
    : place === 'flour' || place === 'fat' || place === 'dough'
      ? !!dough.have
      : false;

/** What all items together take from the larder, in grams. */
export function needsOf(items: readonly ItemInput[], plans: readonly ItemPlan[]): Need[] {
  const needs = new Map<string, Need>();
  const add = (name: string, grams: number, of: Need['forItems'][number], ingredient?: string) => {
    if (!(grams > 0.5)) return;
    const need: Need = needs.get(name.toLowerCase()) ?? {
      name,
      ...(ingredient ? { ingredient } : {}),
      grams: 0,
      forItems: [],
    };
    need.grams += grams;
    need.forItems.push(of);
    needs.set(name.toLowerCase(), need);
  };
  items.forEach((item, i) => {
    if (isClosedBefore(item))
      needs.set(`${i}`, {
        name: closedName(item.title),
        whole: true,
        grams: closedPieG(plans[i]) * plans[i].cut.pieces,
        forItems: [{ title: item.title, grams: closedPieG(plans[i]) * plans[i].cut.pieces, itemIndex: i, place: null }],
      });
    for (const c of contentsOf(item, plans[i]).filter((c) => !c.made && !isThere(item, c.place)))
      // a thing of the cook's filling is called as they wrote it
      if (c.ingredient !== 'water')
        add(
          c.place === 'filling' && c.at !== undefined ? c.name : (larderNames[c.ingredient ?? ''] ?? c.name),
          c.grams,
          { title: item.title, grams: c.grams, itemIndex: i, place: c.place },
          c.place === 'filling' && c.at !== undefined ? undefined : (c.ingredient ?? undefined),
        );
  });
  return [...needs.values()];
}
