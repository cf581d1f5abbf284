import type { FromRecipe } from '@crustallum/core/plan/fromRecipe';
import type { Alarm } from '@crustallum/core/recipes/alarms';
import type { ReadRecipe } from '@crustallum/core/recipes/readRecipe';
import { heat, plain, quantity, spread, weight } from '../wording/numbers';
import { blankWords, factWords, factWritten } from '../wording/recipe';

/** One line of what was understood. */
export interface Row {
  key: string;
  state: 'said' | 'notSaid' | 'doubtful' | 'unknown';
  name: string;
  text: string;
  /** The line of the text it comes from; none for what is not said. */
  line: number | null;
  amount?: number;
  /** Which fact of the reading it is. */
  fact?: number;
  alarm?: Alarm;
}

const grams = (low: number | null, high: number | null): string =>
  low === null
    ? 'no amount said'
    : high !== null && high > low + 0.5
      ? spread(low, high, 'g')
      : `${weight(low, low < 10 ? 1 : 0)}`;

/** What was understood, in the order of the text; then what is not said, with the value taken for it. */
export function rowsOf(read: ReadRecipe, made: FromRecipe | null): Row[] {
  const now = made?.read ?? read;
  const doubted = new Set(read.alarms.flatMap((a) => (a.about.amount === undefined ? [] : [a.about.amount])));
  const facts = new Set(read.alarms.flatMap((a) => (a.about.fact === undefined ? [] : [a.about.fact])));
  const said: Row[] = [
    ...now.amounts.flatMap((a, i): Row[] =>
      doubted.has(i)
        ? []
        : [
            {
              key: `a${i}`,
              state: a.id === null ? 'unknown' : 'said',
              name: a.name,
              text: `${grams(a.grams, a.gramsHigh)}${a.note ? `, ${a.note}` : ''}`,
              line: a.place.line,
              amount: i,
            },
          ],
    ),
    ...now.facts.flatMap((f, i): Row[] =>
      facts.has(f.kind) || f.place.line < 0
        ? []
        : [{ key: `f${i}`, state: 'said', name: factWords[f.kind], text: factWritten(f), line: f.place.line, fact: i }],
    ),
    ...read.alarms.map((alarm, i): Row => ({
      key: `d${i}`,
      state: 'doubtful',
      name: '',
      text: '',
      line: alarm.line,
      alarm,
    })),
  ].sort((a, b) => (a.line ?? 0) - (b.line ?? 0));
  const blanks = (made?.taken ?? []).map((t): Row => ({
    key: `n${t.what}`,
    state: 'notSaid',
    name: blankWords[t.what] ?? t.what,
    text: `${takenWritten(t.what, t.value)} taken`,
    line: null,
  }));
  return [...said, ...blanks];
}

function takenWritten(what: string, value: number | string): string {
  if (typeof value === 'string') return value;
  if (what === 'oven') return heat(value);
  if (what === 'thicknessMm') return quantity(value, 'mm');
  if (what === 'cutterMm') return quantity(value / 10, 'cm');
  if (what === 'cookMin') return `${plain(value, 0)} min`;
  if (what === 'water' || what === 'salt') return `${weight(value, value < 10 ? 1 : 0)}`;
  if (what === 'fat') return `${plain(value, 0)} % of the flour`;
  return plain(value, 0);
}
