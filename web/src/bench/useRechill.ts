import type { Rechill } from '@crustallum/core/plan/questions/rechill';
import { useCallback, useEffect, useState } from 'react';
import { planner } from '../workers/planner';
import type { BenchRun } from './run';
import type { Warmth } from './warmth';

const askFromMin = 3;

/** The minutes of cold that would put the piece in hand right, worked out when it gets close, or when asked. */
export function useRechill(run: BenchRun, itemIndex: number | undefined, warmth: Warmth | null) {
  const [rechill, setRechill] = useState<Rechill | null>(null);
  const item = itemIndex === undefined ? undefined : run.plan.items[itemIndex];
  const thicknessMm = warmth?.stretch.thicknessMm ?? undefined;
  const ask = useCallback(
    async (value: number, leastMin?: number): Promise<Rechill | null> => {
      if (!item) return null;
      const answer = await planner.compute('plan.rechill', {
        item: item.document,
        kitchen: run.plan.kitchen,
        now: value,
        ...(thicknessMm === undefined ? {} : { thicknessMm }),
        ...(leastMin ? { leastMin } : {}),
      });
      return answer.ok ? (answer.value as Rechill) : null;
    },
    [item, run, thicknessMm],
  );
  // half degrees: the worker is asked anew only when the answer would change
  const close =
    warmth && warmth.feel !== 'cold' && warmth.leftMin < askFromMin ? Math.round(warmth.value * 2) / 2 : null;
  useEffect(() => {
    let current = true;
    if (close === null) setRechill(null);
    else void ask(close).then((made) => current && setRechill(made));
    return () => {
      current = false;
    };
  }, [close, ask]);
  return { rechill, ask };
}
