/** What a thread says once it has loaded the models. */
export const ready = 'ready';

/** What a thread is asked. */
export interface Asked {
  model: string;
  input: unknown;
}
/** What it answers: the model's answer as JSON, or the fault that ended it. */
export type Computed = { ok: boolean; json: string; unknownModel: boolean } | { fault: string };
