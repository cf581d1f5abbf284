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
export const closingCodes: readonly StepCode[] = ['fillSeal', 'lidSeal', 'coverLeaves'];

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

/** Bench minutes of an unhurried home cook. Estimates; the kitchen's learnt pace multiplies them. */
export const benchMinutes = {
  weigh: 10,
  mix: 10,
  rubIn: 12,
  rollATurn: 5,
  foldATurn: 1,
  beatBlock: 5,
  lockIn: 4,
  rollOut: 8,
  cutAPiece: 0.4,
  lineDish: 8,
  fillAPiece: 1,
  lidADish: 10,
  lidAPot: 1.5,
  knead: 10,
  restLeaves: 60,
  stretchALeaf: 2.5,
  openLeaves: 2,
  brushALeaf: 0.7,
  layAStack: 3,
} as const;
