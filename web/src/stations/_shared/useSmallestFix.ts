import type { SmallestFix } from '@crustallum/core/plan/questions/smallestFix';
import { useEffect, useState } from 'react';
import type { StoredItem } from '@crustallum/core/contracts/bake';
import { secondPlanner } from '../../workers/planner';
import type { Problem } from '@crustallum/core/plan/problem';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';

const askAfterMs = 400;

/** The smallest change that would take away what stands in the way, asked a moment after the last change. */
export function useSmallestFix(
  item: StoredItem | null,
  kitchen: KitchenInput | null,
  problem: Problem | undefined,
): SmallestFix | null {
  const [fix, setFix] = useState<SmallestFix | null>(null);
  const document = item?.document;
  const code = problem?.code;
  useEffect(() => {
    setFix(null);
    if (!document || !kitchen || !code) return;
    let current = true;
    const timer = setTimeout(() => {
      void secondPlanner()
        .compute('plan.smallestFix', { item: document, kitchen, code })
        .then((answer) => current && answer.ok && setFix(answer.value as SmallestFix | null));
    }, askAfterMs);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [document, kitchen, code]);
  return fix;
}
