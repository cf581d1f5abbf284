import type { Refusal } from '@crustallum/core/quantities/refusal';
import { useEffect, useMemo, useState } from 'react';
import { question } from '../../workers/question';

export interface Asked<T> {
  value: T | null;
  /** What the model refuses, in its own words. */
  refusals: readonly Refusal[];
  /** It took too long and was given up. */
  late: boolean;
  asking: boolean;
}

const askAfterMs = 250;

/** A model's answer to inputs as they stand, asked a moment after their last change; null for no question. */
export function useQuestion<T>(name: string, input: object | null, afterMs = askAfterMs): Asked<T> {
  const [asked, setAsked] = useState<Asked<T>>({ value: null, refusals: [], late: false, asking: false });
  const key = useMemo(() => input && JSON.stringify(input), [input]);
  useEffect(() => {
    if (!key) return;
    const taken = new AbortController();
    setAsked((last) => ({ ...last, asking: true }));
    const timer = setTimeout(() => {
      void question(name, JSON.parse(key), taken.signal).then((answer) => {
        if (taken.signal.aborted) return;
        setAsked({
          value: answer?.ok ? (answer.value as T) : null,
          refusals: answer && !answer.ok ? answer.errors : [],
          late: answer === null,
          asking: false,
        });
      });
    }, afterMs);
    return () => {
      taken.abort();
      clearTimeout(timer);
    };
  }, [name, key, afterMs]);
  return asked;
}
