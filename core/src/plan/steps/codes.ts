export type StepKind = 'bench' | 'cold' | 'oven' | 'stand' | 'hob';
export type Strand = 'pastry' | 'filling';

export const stepCodes = [
  'weigh',
  'mix',
  'rubIn',
  'rest',
  'lockIn',
  'turns',
  'rollOut',
  'sheetRest',
  'cut',
  'lineDish',
  'linedRest',
  'fillSeal',
  'lidSeal',
  'latticeSeal',
  'fillOpen',
  'shapedChill',
  'kneadLeaves',
  'restLeaves',
  'stretchLeaves',
  'openLeaves',
  'brushStack',
  'coverLeaves',
  'assembleLeaves',
  'bake',
  'stand',
  'cookFilling',
  'coolFilling',
] as const;
export type StepCode = (typeof stepCodes)[number];

/** Steps at which the filling goes in and the pastry closes over it. */
export const closingCodes: readonly StepCode[] = ['fillSeal', 'lidSeal', 'latticeSeal', 'fillOpen', 'coverLeaves'];

/** One thing done, or waited for, before a bake meets the table. Its time is worked out by the Clock. */
export interface Step {
  id: string;
  code: StepCode;
  strand: Strand;
  kind: StepKind;
  minutes: number;
  /** For waits: how much longer the wait may last without harm, minutes. */
  elasticMin: number;
  /** Pieces worked through one by one, 0 when it is one job. */
  pieces: number;
  values: Record<string, number | string>;
}

export interface TimedStep extends Step {
  itemIndex: number;
  cook: string | null;
  /** Minutes before (negative) the table. */
  startMin: number;
}
