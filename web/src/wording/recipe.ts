import type { Alarm } from '@crustallum/core/recipes/alarms';
import type { Fact, FactKind } from '@crustallum/core/recipes/facts';
import { counted, degrees, heat, long, plain, sides, span, spread, thin, weight } from './numbers';

export const factWords: Record<FactKind, string> = {
  serves: 'Serves',
  makes: 'Makes',
  oven: 'Oven',
  bakeMin: 'Bakes',
  restMin: 'Chills',
  standMin: 'Stands',
  coolMin: 'Cools',
  cookMin: 'Cooks',
  preheat: 'Preheat',
  frozenMin: 'From frozen',
  frozenMoreMin: 'From frozen, more',
  tinMm: 'Dish',
  depthMm: 'Deep',
  cutterMm: 'Cutter',
  pieceBy: 'Pieces',
  sheetBy: 'Rolled to',
  lidMm: 'Lid',
  thicknessMm: 'Rolled to',
  crumbMm: 'Pieces of fat',
  coreC: 'Middle at',
  portionG: 'A portion',
  eachMl: 'Filling in each',
  turns: 'Turns',
};

const range = (low: number, high: number, write: (v: number) => string) =>
  high > low ? `${write(low)}–${write(high)}` : write(low);

/** A fact as it is read: `9-inch` is `22.9 cm`. */
export function factWritten({ kind, low, high }: Pick<Fact, 'kind' | 'low' | 'high'>): string {
  if (kind.endsWith('Min')) return range(low, high, span);
  if (kind === 'pieceBy' || kind === 'sheetBy') return sides([low, high]);
  if (kind === 'eachMl') return `${range(low, high, (v) => plain(v, 0))} ml`;
  if (kind === 'oven') return range(low, high, heat);
  if (kind.endsWith('C')) return range(low, high, (v) => degrees(v, 0));
  if (kind === 'thicknessMm' || kind === 'crumbMm') return spread(low, high, 'mm');
  if (kind.endsWith('Mm')) return spread(low / 10, high / 10, 'cm');
  if (kind === 'portionG') return spread(low, high, 'g');
  return range(low, high, (v) => plain(v, 0));
}

/** What is not said, by the names the readings use. */
export const blankWords: Record<string, string> = {
  serves: 'Serves',
  flour: 'Flour',
  fat: 'Fat',
  water: 'Water',
  salt: 'Salt',
  tinMm: 'Dish',
  cutterMm: 'Cutter',
  thicknessMm: 'Rolled to',
  oven: 'Oven',
  bakeMin: 'Bakes',
  restMin: 'Chills',
  cookMin: 'Cooks',
  filling: 'Filling',
};

type Values = Alarm['values'];
const g = (v: Values, key: string) => plain(Number(v[key] ?? 0), 0);
const one = (v: Values, key: string) => plain(Number(v[key] ?? 0), 1);

/** What is doubtful, with its number, and why. */
export const alarmWords: Record<string, (v: Values) => { fact: string; because: string }> = {
  saltHigh: (v) => ({
    fact: `Salt: ${weight(Number(v['grams']))} is ${one(v, 'pct')} %`,
    because: `pastry has one to two per cent of the ${weight(Number(v['flour']))} of flour`,
  }),
  ovenCold: (v) => ({
    fact: `${g(v, 'written')} °F is ${g(v, 'c')} °C`,
    because: 'at that heat the crust stays raw and the filling stands where it spoils',
  }),
  ovenHot: (v) => ({ fact: `${g(v, 'written')} °C`, because: `no home oven gets there; as °F it is ${g(v, 'c')} °C` }),
  ovenBare: (v) => ({
    fact: `${g(v, 'written')}, and no word of whose degrees`,
    because: `as °F it is ${g(v, 'c')} °C`,
  }),
  packUnknown: (v) => ({
    fact: `${String(v['name'])}: ${counted(Number(v['count'] ?? 1), String(v['kind']), `${String(v['kind'])}s`)} of it`,
    because: 'the page does not say what one weighs; it stands on the label',
  }),
  tooThick: (v) => ({
    fact: `${long(Number(v['mm']))} thick`,
    because: 'no pastry is rolled so thick',
  }),
  listedTwice: (v) => ({
    fact: `${String(v['name'])} stands twice: ${weight(Number(v['one']), 1)} and ${weight(Number(v['other']), 1)}`,
    because: 'a line may have been copied, or both are meant',
  }),
  nameAgainstMethod: (v) => ({
    fact: `“${String(v['name'])}”, and the fat is rubbed to crumbs`,
    because: 'layers need lumps or a block and folds; rubbed to crumbs it is a short dough',
  }),
  twoHeats: (v) => ({
    fact: `${heat(Number(v['one']))} and ${heat(Number(v['other']))}`,
    because: 'two heats are said and no word of turning it down',
  }),
  twoAmounts: (v) => ({
    fact: `${String(v['name'])}: ${weight(Number(v['one']))} or ${weight(Number(v['other']))}`,
    because: 'the list says one, the steps the other',
  }),
  portionsDoNotFit: (v) => ({
    fact: `${g(v, 'count')} × ${weight(Number(v['each']))} = ${weight(Number(v['asked']))}`,
    because: `the dough weighs ${weight(Number(v['dough']))}`,
  }),
  tooManyPieces: (v) => ({
    fact: `${g(v, 'count')} pieces of ${long(Number(v['d']), 0)} take ${weight(Number(v['needed']))}`,
    because: `the dough weighs ${weight(Number(v['dough']))}, offcuts not counted`,
  }),
  lidSmall: (v) => ({
    fact: `A lid of ${long(Number(v['lid']), 0)}`,
    because: `the dish is ${long(Number(v['tin']), 0)} across, and the rim wants covering`,
  }),
  waterHigh: (v) => ({ fact: `Water: ${g(v, 'pct')} to 100 of flour`, because: 'that is a batter, or bread' }),
  waterLow: (v) => ({ fact: `Water: ${g(v, 'pct')} to 100 of flour`, because: 'it would not hold together' }),
  spiceHigh: (v) => ({
    fact: `${String(v['name'])}: ${weight(Number(v['grams']))}`,
    because: `that is ${one(v, 'pct')} % of the filling: a tablespoon for a teaspoon?`,
  }),
  washBeforeChill: () => ({
    fact: 'Washed before the chill',
    because: 'the wash soaks in and dulls; it goes on just before the oven',
  }),
  filledHot: () => ({ fact: 'Filled while hot', because: 'heat melts the fat of the base before the oven sets it' }),
  coreMissing: (v) => ({
    fact: `${String(v['name'])} goes in, and no heat for its middle is said`,
    because: 'raw meat and fish are safe by heat only; follow your local food-safety rules',
  }),
};

const optionWords: Record<string, (v: number | null) => string> = {
  asWritten: () => 'as written',
  onceOnly: () => 'once only',
  usualPack: (v) => `${weight(v ?? 0)}, the commonest`,
  leftOut: () => 'not counted',
  byMethod: () => 'as the steps say',
  meantMm: (v) => `${thin(v ?? 0)}`,
  usualThickness: (v) => `${thin(v ?? 0)}`,
  teaspoons: (v) => `teaspoon, ${plain(v ?? 0, (v ?? 0) < 10 ? 1 : 0)} g`,
  usualSalt: (v) => `${weight(v ?? 0, 1)}`,
  forAllOfIt: (v) => `${weight(v ?? 0, 1)}, the rest is for the filling`,
  meantC: (v) => `${heat(v ?? 0)}`,
  usualF: (v) => `350 °F, ${heat(v ?? 0)}`,
  meantF: (v) => `°F, ${heat(v ?? 0)}`,
  firstHeat: (v) => heat(v ?? 0),
  secondHeat: (v) => heat(v ?? 0),
  firstAmount: (v) => `${weight(v ?? 0)}`,
  secondAmount: (v) => `${weight(v ?? 0)}`,
  smallerPortions: (v) => `${weight(v ?? 0)} each`,
  fewerPieces: (v) => `${plain(v ?? 0, 0)} pieces`,
  widerLid: (v) => `${long(v ?? 0, 0)}`,
  usualWater: (v) => `${weight(v ?? 0)}`,
  washLater: () => 'wash before the oven',
  coolFirst: () => 'cool it first',
  core75: (v) => `${degrees(v ?? 75, 0)} in the middle`,
};
export const optionWritten = (code: string, value: number | null): string => (optionWords[code] ?? (() => code))(value);
