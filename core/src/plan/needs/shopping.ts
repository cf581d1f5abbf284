import { ingredientNamed } from '../../ingredients/named';
import { ingredientOf } from '../../ingredients/table';
import type { Group } from '../../ingredients/ingredient';
import { closingCodes, type TimedStep } from '../steps/codes';
import type { Place } from './contents';
import { shortages, type InLarder, type Need, type Shortage } from './shortages';

/** Where things are found in a shop, in the order a shop is walked: what is cold is taken last. */
export const shopShelves = ['produce', 'baking', 'dry', 'meatAndFish', 'chilled', 'frozen', 'other'] as const;
export type ShopShelf = (typeof shopShelves)[number];

const shelfOfGroup: Record<Group, ShopShelf> = {
  vegetable: 'produce',
  fruit: 'produce',
  herb: 'produce',
  flour: 'baking',
  starch: 'baking',
  sweet: 'baking',
  salt: 'baking',
  leavening: 'baking',
  acid: 'dry',
  liquid: 'dry',
  pulse: 'dry',
  nut: 'dry',
  meat: 'meatAndFish',
  fish: 'meatAndFish',
  fat: 'chilled',
  dairy: 'chilled',
  cheese: 'chilled',
  egg: 'chilled',
  pastry: 'chilled',
};

export interface ToBuy extends Shortage {
  shelf: ShopShelf;
  /** When the first of it is used, minutes from the table; null where no step uses it. */
  byMin: number | null;
}

/** On which shelf of a shop a thing stands: by its row of the ingredient table. */
function shelfOf({ name, ingredient }: Pick<Need, 'name' | 'ingredient'>): ShopShelf {
  const id = ingredient ?? ingredientNamed(name);
  const row = id === null ? undefined : ingredientOf(id);
  if (!row) return 'other';
  if (row.place === 'freezer') return 'frozen';
  // fat of the shelf stands with what is baked with
  return row.group === 'fat' && row.place === 'shelf' ? 'baking' : shelfOfGroup[row.group];
}

/** When the first step takes something from a place of an item, minutes from the table; null where none does. */
export function firstUse(steps: readonly TimedStep[], itemIndex: number, place: Place | null): number | null {
  const own = steps.filter((s) => s.itemIndex === itemIndex);
  const first = (is: (s: TimedStep) => boolean) =>
    own.filter(is).reduce<number | null>((min, s) => Math.min(min ?? Infinity, s.startMin), null);
  const closing = () => first((s) => closingCodes.includes(s.code));
  const baking = () => first((s) => s.code === 'bake');
  switch (place) {
    case 'filling':
      return first((s) => s.strand === 'filling' && (s.kind === 'bench' || s.kind === 'hob')) ?? closing();
    case 'glue':
      return closing() ?? baking();
    case 'wash':
      return first((s) => s.code === 'glaze') ?? baking();
    case null:
      return baking();
    default:
      return first((s) => s.strand === 'pastry' && s.kind === 'bench') ?? closing();
  }
}

/**
 * What is to be bought for a day: what the larder is short of, by the shelf it stands on and when the first of it is needed,
 * in the order a shop is walked.
 * @param steps the day's steps, minutes from the table
 */
export function shopping(needs: readonly Need[], larder: readonly InLarder[], steps: readonly TimedStep[]): ToBuy[] {
  const byName = new Map(needs.map((n) => [n.name, n]));
  return shortages(needs, larder)
    .map((short): ToBuy => {
      const need = byName.get(short.name);
      const uses = (need?.forItems ?? []).flatMap((f) => firstUse(steps, f.itemIndex, f.place) ?? []);
      return {
        ...short,
        shelf: need ? shelfOf(need) : 'other',
        byMin: uses.length ? Math.min(...uses) : null,
      };
    })
    .sort((a, b) => shopShelves.indexOf(a.shelf) - shopShelves.indexOf(b.shelf) || (a.byMin ?? 0) - (b.byMin ?? 0));
}
