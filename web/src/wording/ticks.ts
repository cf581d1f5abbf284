import type { Tick } from '@crustallum/core/plan/stations/seal/result';
import { degrees, plain, thin } from './numbers';

const words: Record<Tick['code'], (v: Tick['values']) => [string, string]> = {
  'tick.fillingCold': (v) => [`filling at ${degrees(Number(v['atC']), 0)} or under`, 'probe the middle'],
  'tick.ovenHot': (v) => [
    'the oven is at its heat',
    Number(v['lidMin']) < 0
      ? 'it goes in at once'
      : `in within ${plain(Number(v['lidMin']), 1)} min of the lid going on`,
  ],
  'tick.rimBare': (v) => [`rim bare for ${thin(Number(v['rimMm']), 0)}`, 'all round'],
  'tick.glued': (v) => [`rim wetted with ${v['glue']}`, 'not with the wash'],
  'tick.airOut': () => ['air pressed out', 'from the filling outwards'],
  'tick.rawApart': () => ['board, knife, hands washed', 'the filling is raw'],
  'tick.herbs': () => ['herbs and seasoning in', 'before it goes in'],
  'tick.ringsOff': () => ['all rings off', 'and no cloth beside them'],
  'tick.ovenOff': () => ['oven off', 'and nothing forgotten inside'],
  'tick.rawWashed': () => ['hands, boards, knives washed hot', 'something was raw'],
  'tick.restCold': () => ['what is left is in the cold', 'within two hours, in shallow dishes'],
  'tick.benchClear': () => ['bench cleared', 'and knives put away'],
};

/** A condition, and how it is seen to. */
export const tickWords = ({ code, values }: Tick): [what: string, how: string] => words[code](values);
