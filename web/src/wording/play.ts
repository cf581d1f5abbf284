import type { Binds } from '@crustallum/core/clock/play';

/** What keeps a step from being sooner or later, as a clause; `called` names a step with its pie, `title` a pie. */
export function bindsWords(
  why: Binds | null,
  later: boolean,
  { called, title }: { called: (step: string) => string; title: (item: string) => string },
): string {
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

const placeWords: Record<string, string> = { hob: 'a ring of the hob', alone: 'the oven’s fan' };
