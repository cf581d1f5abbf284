import { closingCodes, type TimedStep } from '../plan/steps/codes';

export const troubles = [
  'tooWarm',
  'tooCold',
  'cracked',
  'springsBack',
  'torn',
  'sticky',
  'fatThrough',
  'lidShort',
  'leafTorn',
  'fillingThin',
  'late',
  'powerCut',
  'cut',
  'burn',
] as const;
export type Trouble = (typeof troubles)[number];

const rolled = new Set<string>(['turns', 'rollOut', 'rollPieces', 'lockIn', 'cut', 'lineDish', ...closingCodes]);
const mixed = new Set<string>(['mix', 'rubIn']);
const leaves = new Set<string>(['openLeaves', 'brushStack', 'coverLeaves', 'assembleLeaves', 'stretchLeaves']);
const pots = new Set<string>(['cookFilling', 'prepareFilling', 'coolFilling']);

/** What can go wrong at a step, what is likeliest there first; what can happen to anybody at any time stands last. */
export function troublesAt(step: Pick<TimedStep, 'code'> | undefined, leaf: boolean): Trouble[] {
  const always: Trouble[] = ['late', 'powerCut', 'cut', 'burn'];
  if (!step) return always;
  const { code } = step;
  const here: Trouble[] = [];
  if (mixed.has(code)) here.push('tooWarm', 'sticky', 'cracked');
  else if (leaves.has(code) && leaf) here.push('leafTorn', 'sticky');
  else if (rolled.has(code)) here.push('tooWarm', 'tooCold', 'cracked', 'springsBack', 'sticky', 'torn', 'fatThrough');
  if (closingCodes.includes(code) || code === 'cut') here.push('lidShort');
  if (pots.has(code) || closingCodes.includes(code)) here.push('fillingThin');
  return [...here, ...always];
}

/** Flour dusted in against sticking, share of the dough: more makes it tough (estimate, craft practice). */
const dustShare = { low: 0.005, high: 0.015 };

/** Grams of flour that may be dusted into a dough that sticks; g. */
export const dustedG = (doughG: number): [number, number] => [doughG * dustShare.low, doughG * dustShare.high];

/**
 * Thickness to which a lid that is short has to be rolled to reach, mm: its dough stays as much, its area grows. `null` where that
 * would be thinner than holds.
 * @param thicknessMm as it is @param acrossMm as it is @param shortMm what it lacks, across
 */
export function thinnedMm(thicknessMm: number, acrossMm: number, shortMm: number): number | null {
  const thin = thicknessMm * (acrossMm / (acrossMm + shortMm)) ** 2;
  return thin < thinnestLidMm ? null : thin;
}
/** A lid thinner than this tears as it is laid on, mm (craft practice). */
export const thinnestLidMm = 2;
