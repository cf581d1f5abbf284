import type { Binds, StepPlay } from '@crustallum/core/clock/play';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { span } from './numbers';
import { stepWord } from './steps';

/** How steps and pies are named in what is said of a step of one of them. */
interface Names {
  called: (step: string) => string;
  title: (item: string) => string;
}

export const namesIn = (steps: readonly TimedStep[], titles: readonly string[], itemIndex: number): Names => ({
  called: (key) => {
    const other = steps.find((s) => keyOf(s) === key);
    if (!other) return 'a wait';
    const of = other.itemIndex === itemIndex ? '' : ` of ${titles[other.itemIndex]}`;
    return `“${stepWord(other).toLowerCase()}”${of}`;
  },
  title: (item) => titles[Number(item)] ?? '',
});

/** A step without play: it cannot be later at all (a day laid by the minute is out by one of rounding). */
export const hasNoPlay = (play: StepPlay): boolean => play.laterMin <= 1;

/** How much later a step could be, … */
export const playWords = (play: StepPlay): string => (hasNoPlay(play) ? 'no play' : `${span(play.laterMin)} of play`);

/** … and what keeps it. */
export const laterWords = (play: StepPlay, names: Names): string =>
  `${playWords(play)}${hasNoPlay(play) ? ':' : ', then'} ${bindsWords(play.laterBy, true, names)}`;

/** What keeps a step from being sooner or later, as a clause; `called` names a step with its pie, `title` a pie. */
export function bindsWords(why: Binds | null, later: boolean, { called, title }: Names): string {
  if (!why) return '';
  switch (why.by) {
    case 'follows':
      return later ? `${called(why.step)} follows at once` : `it follows ${called(why.step)} at once`;
    case 'waits':
      return `${called(why.step)} may last no longer`;
    case 'oven':
      return later ? `the oven is wanted for ${called(why.step)}` : `the oven has ${called(why.step)} in it`;
    case 'hands':
      return later ? `${why.cook} is wanted for ${called(why.step)}` : `${why.cook} is at ${called(why.step)}`;
    case 'place':
      return `${placeWords[why.place] ?? 'the pot'} is taken by ${called(why.step)}`;
    case 'stands':
      return `${title(why.item)} may stand no longer before the table`;
    case 'hours':
      return later ? `${why.cook} leaves then` : `${why.cook} is not there before`;
    case 'held':
      return `${called(why.step)} is held`;
    case 'table':
      return 'the table waits';
    case 'begin':
      return 'the day begins there';
  }
}

const placeWords: Record<string, string> = {
  hob: 'a ring of the hob',
  alone: 'the oven’s fan',
  bench: 'a place at the bench',
  scale: 'the scale',
  mixer: 'the mixing machine',
  pots: 'the pot',
  fridge: 'the room in the fridge',
  freezer: 'the room in the freezer',
};
