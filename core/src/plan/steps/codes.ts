/** `tend`: a moment of hands at something that goes on meanwhile. */
export const stepKinds = ['bench', 'cold', 'oven', 'stand', 'hob', 'tend'] as const;
export type StepKind = (typeof stepKinds)[number];
/** `clearing`: washing up, in nobody's way but the hands'. */
export const strands = ['pastry', 'filling', 'oven', 'clearing'] as const;
export type Strand = (typeof strands)[number];

export const stepCodes = [
  'weigh',
  'mix',
  'rubIn',
  'thaw',
  'rest',
  'lockIn',
  'turns',
  'divide',
  'rollOut',
  'rollPieces',
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
  'blindBake',
  'weightsOut',
  'sealCase',
  'caseCool',
  'keepPies',
  'glaze',
  'preheat',
  'bake',
  'setOven',
  'turnRound',
  'look',
  'secondCoat',
  'tentOn',
  'tentOff',
  'stand',
  'makeAhead',
  'aheadStands',
  'prepareFilling',
  'cookFilling',
  'coolFilling',
  'washPot',
  'clearBench',
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
  /** Done while another step goes on, so many minutes after it began. */
  during?: { stepId: string; atMin: number };
}

export interface TimedStep extends Step {
  itemIndex: number;
  cook: string | null;
  /** Minutes before (negative) the table. */
  startMin: number;
}
