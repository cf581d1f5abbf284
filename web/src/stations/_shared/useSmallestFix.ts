import type { SmallestFix } from '@crustallum/core/plan/questions/smallestFix';
import { useMemo } from 'react';
import type { StoredItem } from '@crustallum/core/contracts/bake';
import type { Problem } from '@crustallum/core/plan/problem';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import { useQuestion } from './useQuestion';

const askAfterMs = 400;

/** The smallest change that would take away what stands in the way, asked a moment after the last change. */
export function useSmallestFix(
  item: StoredItem | null,
  kitchen: KitchenInput | null,
  problem: Problem | undefined,
): SmallestFix | null {
  const code = problem?.code;
  const asked = useMemo(
    () => (item && kitchen && code ? { item: item.document, kitchen, code } : null),
    [item, kitchen, code],
  );
  const { value, asking } = useQuestion<SmallestFix | null>('plan.smallestFix', asked, askAfterMs);
  return asked && !asking ? value : null;
}
