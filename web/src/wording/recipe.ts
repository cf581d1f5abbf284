import type { Alarm } from '@crustallum/core/recipes/alarms';
import type { Fact, FactKind } from '@crustallum/core/recipes/facts';
import { degrees, plain, span } from './numbers';

export const factWords: Record<FactKind, string> = {
  serves: 'Serves',
  makes: 'Makes',
  oven: 'Oven',
  bakeMin: 'Bakes',
  restMin: 'Chills',
  coolMin: 'Cools',
  cookMin: 'Cooks',
  preheat: 'Preheat',
  tinMm: 'Dish',
  cutterMm: 'Cutter',
  lidMm: 'Lid',
  thicknessMm: 'Rolled to',
  crumbMm: 'Pieces of fat',
  coreC: 'Middle at',
  portionG: 'A portion',
  turns: 'Turns',
};

const range = (low: number, high: number, write: (v: number) => string) =>
  high > low ? `${write(low)}–${write(high)}` : write(low);

/** A fact as it is read: `9-inch` is `22.9 cm`. */
export function factWritten({ kind, low, high }: Pick<Fact, 'kind' | 'low' | 'high'>): string {
  if (kind.endsWith('Min')) return range(low, high, span);
  if (kind.endsWith('C') || kind === 'oven') return range(low, high, (v) => degrees(v, 0));
  if (kind === 'thicknessMm' || kind === 'crumbMm') return `${range(low, high, (v) => plain(v))} mm`;
  if (kind.endsWith('Mm')) return `${range(low, high, (v) => plain(v / 10, 1))} cm`;
  if (kind === 'portionG') return `${range(low, high, (v) => plain(v, 0))} g`;
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
    fact: `Salt: ${g(v, 'grams')} g is ${one(v, 'pct')} %`,
    because: `pastry has one to two per cent of the ${g(v, 'flour')} g of flour`,
  }),
  ovenCold: (v) => ({
    fact: `${g(v, 'written')} °F is ${g(v, 'c')} °C`,
    because: 'at that heat the crust stays raw and the filling stands where it spoils',
  }),
  ovenHot: (v) => ({ fact: `${g(v, 'written')} °C`, because: `no home oven gets there; as °F it is ${g(v, 'c')} °C` }),
  twoHeats: (v) => ({
    fact: `${g(v, 'one')}° and ${g(v, 'other')}°`,
    because: 'two heats are said and no word of turning it down',
  }),
  twoAmounts: (v) => ({
    fact: `${String(v['name'])}: ${g(v, 'one')} g or ${g(v, 'other')} g`,
    because: 'the list says one, the steps the other',
  }),
  portionsDoNotFit: (v) => ({
    fact: `${g(v, 'count')} × ${g(v, 'each')} g = ${g(v, 'asked')} g`,
    because: `the dough weighs ${g(v, 'dough')} g`,
  }),
  tooManyPieces: (v) => ({
    fact: `${g(v, 'count')} pieces of ${plain(Number(v['d']) / 10, 0)} cm take ${g(v, 'needed')} g`,
    because: `the dough weighs ${g(v, 'dough')} g, offcuts not counted`,
  }),
  lidSmall: (v) => ({
    fact: `A lid of ${plain(Number(v['lid']) / 10, 0)} cm`,
    because: `the dish is ${plain(Number(v['tin']) / 10, 0)} cm across, and the rim wants covering`,
  }),
  waterHigh: (v) => ({ fact: `Water: ${g(v, 'pct')} to 100 of flour`, because: 'that is a batter, or bread' }),
  waterLow: (v) => ({ fact: `Water: ${g(v, 'pct')} to 100 of flour`, because: 'it would not hold together' }),
  spiceHigh: (v) => ({
    fact: `${String(v['name'])}: ${g(v, 'grams')} g`,
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
  teaspoons: (v) => `teaspoon, ${plain(v ?? 0, (v ?? 0) < 10 ? 1 : 0)} g`,
  usualSalt: (v) => `${plain(v ?? 0, 1)} g`,
  forAllOfIt: (v) => `${plain(v ?? 0, 1)} g, the rest is for the filling`,
  meantC: (v) => `${plain(v ?? 0, 0)} °C`,
  usualF: (v) => `350 °F, ${plain(v ?? 0, 0)} °C`,
  meantF: (v) => `°F, ${plain(v ?? 0, 0)} °C`,
  firstHeat: (v) => `${plain(v ?? 0, 0)}°`,
  secondHeat: (v) => `${plain(v ?? 0, 0)}°`,
  firstAmount: (v) => `${plain(v ?? 0, 0)} g`,
  secondAmount: (v) => `${plain(v ?? 0, 0)} g`,
  smallerPortions: (v) => `${plain(v ?? 0, 0)} g each`,
  fewerPieces: (v) => `${plain(v ?? 0, 0)} pieces`,
  widerLid: (v) => `${plain((v ?? 0) / 10, 0)} cm`,
  usualWater: (v) => `${plain(v ?? 0, 0)} g`,
  washLater: () => 'wash before the oven',
  coolFirst: () => 'cool it first',
  core75: () => '75° in the middle',
};
export const optionWritten = (code: string, value: number | null): string => (optionWords[code] ?? (() => code))(value);
