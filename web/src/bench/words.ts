import { stepWord, type Call } from '../wording/steps';
import { isWait, type BenchState } from './run';

/** How it is done, or what is left where nothing is in this row. */
export function howOf(state: BenchState, all: boolean, words: Call | null): string {
  if (all)
    return state.finished
      ? 'The run is finished. Write down how it came out.'
      : 'Everything is in, out or on the table. Write down how it came out.';
  return words?.how ?? 'What is left is with the others. Take something over, or sit down.';
}

/** Something is missing yet: it is not the press that is meant. */
export const isKept = ({ standing, step }: Pick<BenchState, 'standing' | 'step'>): boolean =>
  step?.kind !== 'tend' && (standing === 'waiting' || standing === 'blocked');

/** What the large press says. */
export function pressWord({ standing, step, offer }: BenchState, all: boolean, words: Call | null): string {
  if (all) return 'To the log';
  if (!offer || !step || !words) return 'See what is left';
  if (step.kind === 'tend') return words.press;
  if (isKept({ standing, step })) return 'Begin it early';
  if (standing === 'ready' && !isWait(step)) return `Begin: ${stepWord(step).toLowerCase()}`;
  return words.press;
}
