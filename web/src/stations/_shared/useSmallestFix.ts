import type { Mend } from '@crustallum/core/plan/questions/smallestFix';
import { useEffect, useState } from 'react';
import type { StoredItem } from '../../api/api';
import { aside } from '../../workers/planner';
import type { Problem } from '@crustallum/core/plan/problem';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';

const askAfterMs = 400;

/** The smallest change that would take away what stands in the way, asked a moment after the last change. */
export function useMend(
  item: StoredItem | null,
  kitchen: KitchenInput | null,
  problem: Problem | undefined,
): Mend | null {
  const [mend, setMend] = useState<Mend | null>(null);
  const document = item?.document;
  const code = problem?.code;
  useEffect(() => {
    setMend(null);
    if (!document || !kitchen || !code) return;
    let current = true;
    const timer = setTimeout(() => {
      void aside()
        .compute('plan.mend', { item: document, kitchen, code })
        .then((answer) => current && answer.ok && setMend(answer.value as Mend | null));
    }, askAfterMs);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [document, kitchen, code]);
  return mend;
}
