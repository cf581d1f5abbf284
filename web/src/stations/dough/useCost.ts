import { costOf } from '@crustallum/core/dough/cost';
import type { FormulaPart } from '@crustallum/core/dough/formula';
import { figure, type Figure } from '@crustallum/core/plan/figure';
import { flourIds, nameOf } from '@crustallum/core/ingredients/table';
import { useMemo } from 'react';
import { useLarderQuery } from '../../api/api';
import { plain } from '../../wording/numbers';

/** What a formula costs by the larder's prices. Money has no sign here: it is whatever the cook's prices are in. */
export function useCost() {
  const { data } = useLarderQuery();
  return useMemo(() => {
    const prices = new Map(
      (data ?? []).flatMap((t) => (t.ingredient && t.pricePerKg ? [[t.ingredient, t.pricePerKg] as const] : [])),
    );
    // a flour nobody priced costs what the larder's cheapest flour does
    const flours = (data ?? []).filter((t) => t.pricePerKg && flourIds.includes(t.ingredient ?? ''));
    const cheapest = Math.min(...flours.map((t) => t.pricePerKg as number));
    if (flours.length) for (const id of flourIds) if (!prices.has(id)) prices.set(id, cheapest);
    const egg = prices.get('egg');
    if (egg !== undefined) for (const id of ['yolk', 'eggWhite']) if (!prices.has(id)) prices.set(id, egg);
    const of = (parts: readonly FormulaPart[]) => costOf(parts, prices);
    return {
      written(parts: readonly FormulaPart[]): string {
        const { total, missing } = of(parts);
        return `${plain(total, 2)}${missing.length ? ` without ${missing.map(nameOf).join(', ').toLowerCase()}` : ''}`;
      },
      each: (parts: readonly FormulaPart[], pieces: number): string => plain(of(parts).total / Math.max(1, pieces), 2),
      figure(parts: readonly FormulaPart[], pieces: number): Figure {
        const { total, missing } = of(parts);
        const values = { total, pieces, missing: missing.map(nameOf).join(', ').toLowerCase() };
        return figure(total / Math.max(1, pieces), '', 'dough.cost', values, 'exact', 'dough.cost');
      },
    };
  }, [data]);
}
