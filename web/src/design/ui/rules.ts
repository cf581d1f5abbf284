import type { Certainty } from '@crustallum/core/quantities/model';
import type { NumberRule } from '@crustallum/core/quantities/rules';
import { createContext, useContext } from 'react';

type Rules = Record<string, NumberRule>;
type Sources = Record<string, { summary: string; source: string; units: string; certainty: Certainty }>;

const noLimit: NumberRule = { min: -1e9, max: 1e9, unit: '', integer: false };
export const RulesContext = createContext<{ rules: Rules; sources: Sources }>({ rules: {}, sources: {} });

export const useRule = (path: string): NumberRule => useContext(RulesContext).rules[path] ?? noLimit;
export const useSources = (): Sources => useContext(RulesContext).sources;
