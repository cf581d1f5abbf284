import { useEffect, useState, type ContextType } from 'react';
import type { RulesContext } from '../design/ui/rules';
import { planner } from '../workers/planner';

type Known = ContextType<typeof RulesContext>;

/** Asks the worker, once, for every range and every source. */
export function useRulesFromWorker(): Known {
  const [known, setKnown] = useState<Known>({ rules: {}, sources: {} });
  useEffect(() => {
    void Promise.all([planner.rules(), planner.sources()]).then(([rules, sources]) => setKnown({ rules, sources }));
  }, []);
  return known;
}
