import type { RefusedInput } from '../../../quantities/refusal';
import { problem, problemCodes, type Problem, type ProblemCode } from '../../problem';

/** A problem of the Cut that stops it. */
export const stop = (code: ProblemCode, fields: string[], values: Problem['values'] = {}): Problem =>
  problem('cut', code, 'stop', fields, values);

/** A model's refusal as a problem of this station. */
export function refusal(error: RefusedInput, fields: string[]): Problem {
  const first = error.refusals[0];
  const allowed = first?.allowed;
  const values: Problem['values'] = {
    field: first?.field ?? '',
    value: typeof first?.value === 'number' ? first.value : '',
  };
  if (allowed && typeof allowed === 'object')
    for (const [k, v] of Object.entries(allowed)) if (typeof v === 'number' || typeof v === 'string') values[k] = v;
  return stop(problemCodes.find((code) => code === first?.code) ?? 'cannot_be_cut', fields, values);
}
