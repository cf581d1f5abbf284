/** A heaped teaspoon, enough to taste by, g (estimate). */
const spoonfulG = 10;

/** What is taken to taste a filling by before it is filled. */
export interface Taster {
  grams: number;
  /** Cooked through in a pan first: raw meat, fish and egg are not tasted raw. */
  fried: boolean;
  /** Salt that lifts all of it by a tenth of a per cent, g. */
  saltStepG: number;
}

/** A spoonful to taste by of so many grams of filling, and what one step of salt weighs in all of it; an estimate of a hand. */
export const tasterOf = (fillingG: number, raw: boolean): Taster => ({
  grams: Math.min(spoonfulG, fillingG),
  fried: raw,
  saltStepG: fillingG / 1000,
});
