import { freezerShelves } from '../../contracts/larder';
import type { ItemInput } from '../../contracts/item';
import type { KitchenInput } from '../../contracts/kitchen';
import { ingredientOf } from '../../ingredients/table';
import { lumpsWarm } from '../coldLine/thermal';
import { thawMin } from '../steps/around';
import type { TimedStep } from '../steps/codes';
import { inLarder, type InLarder, type Need } from './shortages';
import { firstUse } from './shopping';

/** Something that has to be moved out of the cold before it is used. */
export interface TakenOut {
  name: string;
  grams: number;
  itemIndex: number;
  from: 'fridge' | 'freezer';
  to: 'room' | 'fridge';
  /** When it is taken out, and when it is used, minutes from the table. */
  atMin: number;
  useMin: number;
  /** As warm as it is to be then, and as it is by reckoning; null for what thaws. */
  toC: number | null;
  reachesC: number | null;
}

interface LarderThing extends InLarder {
  shelf: string;
}

/** Fat softens in pieces of this across, mm; it lies out no longer than so long, min (estimates). */
export const softensMm = 25;
const longestOutMin = 4 * 60;
/** Fat this much over the fridge has lain out, K. */
const softK = 5;

/**
 * What is taken out before the work, and when: fat that is worked softer than the fridge has it, what lies in the freezer and
 * is wanted thawed. What thaws in a step of its own is there already; pies that were put away go in frozen.
 * @param larder things of the larder with the shelf they lie on; steps: of the day, minutes from the table
 */
export function takingOut(
  items: readonly ItemInput[],
  needs: readonly Need[],
  larder: readonly LarderThing[],
  steps: readonly TimedStep[],
  kitchen: KitchenInput,
): TakenOut[] {
  const frozen = new Set<string>(freezerShelves);
  const thawed = needs.flatMap((need): TakenOut[] => {
    if (need.whole) return [];
    const things = larder.filter((l) => inLarder(need, [l]).length > 0);
    const atHand = things.filter((l) => !frozen.has(l.shelf)).reduce((sum, l) => sum + l.grams, 0);
    const inFreezer = things.filter((l) => frozen.has(l.shelf)).reduce((sum, l) => sum + l.grams, 0);
    const grams = Math.min(inFreezer, need.grams - atHand);
    const [first] = need.forItems
      .flatMap((f) => {
        const useMin = firstUse(steps, f.itemIndex, f.place);
        return useMin === null ? [] : [{ itemIndex: f.itemIndex, useMin }];
      })
      .sort((a, b) => a.useMin - b.useMin);
    return grams > 0.5 && first
      ? [{ name: need.name, grams, ...first, from: 'freezer', to: 'fridge', atMin: first.useMin - thawMin, ...thaws }]
      : [];
  });
  const softened = items.flatMap(({ dough }, itemIndex): TakenOut[] => {
    const weigh = steps.find((s) => s.itemIndex === itemIndex && s.code === 'weigh');
    const grams = Number(weigh?.values['fat'] ?? 0);
    const lies = dough.fat && ingredientOf(dough.fat)?.place === 'fridge';
    if (!weigh || !lies || grams < 1 || dough.fatC < kitchen.fridgeC + softK) return [];
    const from = { name: dough.fat, grams, itemIndex, from: 'fridge', to: 'room', useMin: weigh.startMin } as const;
    const { minutes, reachesC } = softensIn(dough, kitchen);
    return [{ ...from, atMin: weigh.startMin - minutes, toC: dough.fatC, reachesC }];
  });
  return [...thawed, ...softened].sort((a, b) => a.atMin - b.atMin);
}

const thaws = { toC: null, reachesC: null };

/** Minutes out of the fridge until a fat in pieces is as warm as it is to be worked, or as warm as it gets (estimate). */
function softensIn({ fat, fatC }: ItemInput['dough'], kitchen: KitchenInput): { minutes: number; reachesC: number } {
  const { at, value } = lumpsWarm({
    fat,
    lumpMm: softensMm,
    startC: kitchen.fridgeC,
    minutes: longestOutMin,
    kitchen,
  });
  const n = value.findIndex((c) => c >= fatC);
  if (n < 0) return { minutes: longestOutMin, reachesC: value.at(-1) ?? kitchen.fridgeC };
  return { minutes: Math.ceil(at[n] / 5) * 5, reachesC: fatC };
}
