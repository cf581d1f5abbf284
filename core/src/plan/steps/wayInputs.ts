import type { MixingMethod } from '../../cold/mixing';
import { crimps } from '../../sealing/seals';
import type { StepCode } from './codes';

const rubbing: readonly MixingMethod[] = ['fingertips', 'pastryBlender', 'processorPulse'];

/** Steps that can be done by another hand: the input that is, and its values. */
export const wayInputs: Partial<Record<StepCode, { path: string; values: readonly string[] }>> = {
  rubIn: { path: 'dough.method', values: rubbing },
  mix: { path: 'dough.method', values: rubbing },
  fillSeal: { path: 'seal.crimp', values: Object.keys(crimps) },
  lidSeal: { path: 'seal.crimp', values: Object.keys(crimps) },
};
