import type { ItemInput } from '../contracts/item';
import type { KitchenInput } from '../contracts/kitchen';
import { planItem, type ItemPlan } from './item';
import { differences, type Difference, type YoursOurs } from './differences';
import { remember } from './memo';

/** What a page says of an item: minutes of rest and bake, grams of filling and of dough; null where it says none. */
export type Written = Record<Difference, number | null>;

/** Nearer than this the two are one, a share. */
const sameShare = 0.05;
const plannedAs = (item: ItemInput, kitchen: KitchenInput): ItemPlan =>
  remember(['item', item, kitchen], () => planItem(item, kitchen));

/** An item with the page's own figures, or ours where the cook took them: nothing written is replaced unasked. */
export function withWritten(
  item: ItemInput,
  kitchen: KitchenInput,
  written: Written,
  takesOurs: readonly Difference[],
): { item: ItemInput; differs: YoursOurs[] } {
  const ours = plannedAs(item, kitchen);
  const rest = ours.steps.find((s) => s.code === 'rest');
  const reckoned: Written = {
    rest: item.dough.pastry === 'filo' ? null : (rest?.minutes ?? 0),
    bake: ours.oven.bake.proposed,
    filling: ours.filling.totalG,
    dough: ours.cut.doughMassG,
  };
  const because: Record<Difference, Record<string, number>> = {
    rest: {
      fromC: ours.line.stretches.find((s) => s.code === 'rest')?.value[0] ?? 0,
      toC: ours.line.stretches.find((s) => s.code === 'rest')?.value.at(-1) ?? 0,
    },
    bake: { safe: ours.oven.bake.times.safe ?? 0, setC: item.oven.setC },
    filling: { pieces: ours.cut.pieces, eachG: ours.filling.eachG },
    dough: { pieces: ours.cut.pieces, t: item.cut.thicknessMm },
  };
  const differs = differences.flatMap((what): YoursOurs[] => {
    const [yours, own] = [written[what], reckoned[what]];
    if (yours === null || own === null || Math.abs(yours - own) <= sameShare * Math.max(yours, own)) return [];
    return [
      {
        what,
        yours,
        ours: own,
        unit: what === 'rest' || what === 'bake' ? 'min' : 'g',
        taken: takesOurs.includes(what) ? 'ours' : 'yours',
        because: because[what],
      },
    ];
  });
  const keeps = (what: Difference) => written[what] !== null && !takesOurs.includes(what);
  const made: ItemInput = {
    ...item,
    ...(keeps('rest') && reckoned.rest !== null
      ? {
          folds: {
            ...item.folds,
            rests: 'own',
            ownRestMin: Math.min(1440, Math.max(1, Math.round(written.rest ?? 0))),
          },
        }
      : {}),
    ...(keeps('bake')
      ? { oven: { ...item.oven, ownMin: Math.min(300, Math.max(1, Math.round(written.bake ?? 0))) } }
      : {}),
    ...(keeps('dough') ? { dough: { ...item.dough, askBy: 'dough', askValue: written.dough ?? 0 } } : {}),
    ...(keeps('filling') && ours.filling.totalG > 0
      ? {
          filling: {
            ...item.filling,
            ingredients: item.filling.ingredients.map((i) => ({
              ...i,
              gramsPer100: Math.min(1000, (i.gramsPer100 * (written.filling ?? 0)) / ours.filling.totalG),
            })),
          },
        }
      : {}),
  };
  return { item: made, differs };
}
