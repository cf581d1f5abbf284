import type { Label } from '@crustallum/core/ingredients/label';
import { piecesFor, type Appetite } from '@crustallum/core/dough/ask';
import { swapFat, swapFlour, swapLiquid } from '@crustallum/core/dough/swaps';
import type { StyleName } from '@crustallum/core/dough/styles';
import type { FormulaPart } from '@crustallum/core/dough/formula';
import { foldsOf, partsOf, startOf } from '@crustallum/core/plan/stations/dough/formula';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import type { DoughInput } from '@crustallum/core/contracts/dough';

const tenth = (v: number) => Math.round(v * 10) / 10;
const clamp = (v: number, low: number, high: number) => Math.min(high, Math.max(low, v));
const grams = (parts: readonly FormulaPart[], id: string) => parts.find((p) => p.id === id)?.grams ?? 0;

/** What a thing of the cook's own is called, and what its packet says. */
export interface Own {
  name?: string;
  label?: Label;
}

/** Changes of a dough that move more than one input at once: styles, swaps, whom it is for. */
export function useDough() {
  const { item, change } = useItem();
  const mouths = useAppSelector((s) => s.desk.meal?.mouthCount ?? 6);
  const dough = item?.document.dough;
  const take = (part: Partial<DoughInput>, more: Record<string, unknown> = {}) =>
    change({ ...Object.fromEntries(Object.entries(part).map(([k, v]) => [`dough.${k}`, v])), ...more });
  return {
    dough,
    product: item?.document.product ?? 'handPies',
    take,
    /** A style chosen: its ratios too, unless the cook's own stand, or they are asked for. */
    style: (name: StyleName, ratios = !dough?.ownRatios): void => {
      const start = startOf(name);
      const { style, pastry, method, fatC } = start;
      take(
        ratios ? { ...start, ownRatios: undefined } : { style, pastry, method, fatC },
        Object.fromEntries(Object.entries(foldsOf(name)).map(([k, v]) => [`folds.${k}`, v])),
      );
    },
    fat: (to: DoughInput['fat']): void => {
      if (!dough || to === dough.fat) return;
      const { parts } = swapFat(partsOf(dough), dough.fat, to);
      take({
        fat: to,
        fatToFlourPct: clamp(tenth(grams(parts, to)), 20, 110),
        waterToFlourPct: clamp(tenth(grams(parts, 'water')), 0, 80),
        saltToFlourPct: clamp(tenth(grams(parts, 'salt')), 0, 5),
        fatLabelPct: undefined,
        fatSaltPct: undefined,
      });
    },
    flour: (to: string): void => {
      if (!dough) return;
      const parts = swapFlour(partsOf(dough), dough.flour ?? 'flour', to);
      take({ flour: to, waterFactor: undefined, waterToFlourPct: clamp(tenth(grams(parts, 'water')), 0, 80) });
    },
    liquid: (to: string): void => {
      if (!dough) return;
      const parts = swapLiquid(partsOf(dough), to);
      const others = (dough.others ?? []).filter((o) => o.ingredient !== to);
      take({ waterToFlourPct: 0, others: [...others, { ingredient: to, toFlourPct: tenth(grams(parts, to)) }] });
    },
    other: (ingredient: string, toFlourPct: number | null, own: Own = {}): void => {
      if (!dough) return;
      const rest = dough.others ?? [];
      const at = rest.findIndex((o) => o.ingredient === ingredient);
      if (toFlourPct === null) take({ others: rest.filter((o) => o.ingredient !== ingredient) });
      else if (at < 0) take({ others: [...rest, { ingredient, toFlourPct, ...own }] });
      else take({ others: rest.map((o, i) => (i === at ? { ...o, toFlourPct, ...own } : o)) });
    },
    appetite: (appetite: Appetite) => change({ 'brief.count': Math.min(60, piecesFor(mouths, appetite)) }),
    mouths,
  };
}
