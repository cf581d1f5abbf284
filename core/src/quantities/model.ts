import { RefusedInput, type Refusal } from './refusal';
import { validated } from './validate';

/** How sure a figure or model is: arithmetic, published physics, an estimate of ours, or learnt from this kitchen. */
export type Certainty = 'exact' | 'physics' | 'estimate' | 'learnt';

/** A named computation: what the worker, the server's API and the command line all call. */
export interface Model<Input extends object = object, Output = unknown> {
  name: string;
  summary: string;
  units: string;
  source: string;
  certainty: Certainty;
  input: new () => Input;
  run: (input: Input) => Output;
}

export type Answer<Output = unknown> = { ok: true; value: Output } | { ok: false; errors: Refusal[] };

/** Declares a model with its types inferred. */
export const model = <Input extends object, Output>(m: Model<Input, Output>): Model<Input, Output> => m;

/** Validates the input and runs the model; every refusal comes back as data, and no NaN or Infinity leaves. */
export function answer<Input extends object, Output>(m: Model<Input, Output>, plain: unknown): Answer<Output> {
  try {
    const value = m.run(validated(m.input, plain));
    const broken = firstNonFinite(value, '');
    if (broken !== null) return { ok: false, errors: [{ field: broken, code: 'not_finite' }] };
    return { ok: true, value };
  } catch (error) {
    if (error instanceof RefusedInput) return { ok: false, errors: error.refusals };
    throw error;
  }
}

function firstNonFinite(value: unknown, path: string): string | null {
  if (typeof value === 'number') return Number.isFinite(value) ? null : path;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = firstNonFinite(inner, path ? `${path}.${key}` : key);
    if (found !== null) return found;
  }
  return null;
}
