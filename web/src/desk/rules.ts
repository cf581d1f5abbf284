import type { Certainty } from '@crustallum/core/quantities/model';
import type { NumberRule } from '@crustallum/core/quantities/rules';
import { createContext, useContext, useEffect, useState } from 'react';
import { planner } from '../workers/planner';

type Rules = Record<string, NumberRule>;
type Sources = Record<string, { summary: string; source: string; units: string; certainty: Certainty }>;

const noLimit: NumberRule = { min: -1e9, max: 1e9, unit: '', integer: false };
export const RulesContext = createContext<{ rules: Rules; sources: Sources }>({ rules: {}, sources: {} });

/** Asks the worker, once, for every range and every source. */
export function useRulesFromWorker(): { rules: Rules; sources: Sources } {
  const [known, setKnown] = useState<{ rules: Rules; sources: Sources }>({ rules: {}, sources: {} });
  useEffect(() => {
    void Promise.all([planner.rules(), planner.sources()]).then(([rules, sources]) => setKnown({ rules, sources }));
  }, []);
  return known;
}

export const useRule = (path: string): NumberRule => useContext(RulesContext).rules[path] ?? noLimit;
export const useSources = (): Sources => useContext(RulesContext).sources;
