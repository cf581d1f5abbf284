import type { Answer } from '../quantities/model';

/** Maps one case of a golden file to a registered model and the model's answer back to the file's field names. */
export interface GoldenCase {
  id?: string;
  fn: string;
  section?: number | null;
  input: unknown;
  expect: Expectation[];
  check?: string;
}

export interface Expectation {
  path: string;
  value?: unknown;
  equal?: boolean;
  equals?: unknown;
  abs?: number;
  rel?: number;
  min?: number;
  max?: number;
}

export interface GoldenFile {
  topic: string;
  cases: GoldenCase[];
}

export interface Adapted {
  answer: Answer;
  /** Anything the case's extra check (`layout`) finds wrong. */
  faults?: string[];
  /** The refusal in the file's own error codes, where it has them. */
  errorCode?: string;
}

export type Adapter = (golden: GoldenCase) => Adapted | null;

/** The input as a plain record. */
export const record = (value: unknown): Record<string, unknown> => value as Record<string, unknown>;

/** Renames keys of a record; keys not listed stay as they are, undefined values are dropped. */
export function renamed(value: unknown, names: Record<string, string>): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(record(value))
      .filter(([, v]) => v !== undefined)
      .map(([key, v]) => [names[key] ?? key, v]),
  );
}

/** The same answer with its value mapped. */
export const mapped = (answer: Answer, map: (value: never) => unknown): Answer =>
  answer.ok ? { ok: true, value: map(answer.value as never) } : answer;
