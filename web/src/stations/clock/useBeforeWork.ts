import { shopping, type ToBuy } from '@crustallum/core/plan/needs/shopping';
import { takingOut, type TakenOut } from '@crustallum/core/plan/needs/takingOut';
import { useMemo } from 'react';
import { useLarderQuery } from '../../api/api';
import { useAppSelector } from '../../desk/store';

/** What is bought and what is taken out of the cold before a day's work, by the larder as it is. */
export function useBeforeWork(): { buy: readonly ToBuy[]; out: readonly TakenOut[] } {
  const { plan, items, kitchen } = useAppSelector((s) => s.desk);
  const { data: larder } = useLarderQuery();
  return useMemo(() => {
    if (!plan || !kitchen || !larder) return { buy: [], out: [] };
    const { steps } = plan.clock;
    const documents = items.map((i) => i.document);
    return { buy: shopping(plan.needs, larder, steps), out: takingOut(documents, plan.needs, larder, steps, kitchen) };
  }, [plan, items, kitchen, larder]);
}
