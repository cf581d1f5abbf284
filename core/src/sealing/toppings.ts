/** What is strewn on a wash while it is wet: the thing, and grams for each m² of a usual sprinkle (estimates). */
export const toppings = {
  none: null,
  seaSalt: { ingredient: 'seaSalt', gramsPerM2: 25 },
  sesame: { ingredient: 'sesame', gramsPerM2: 90 },
  poppySeed: { ingredient: 'poppySeed', gramsPerM2: 80 },
  caraway: { ingredient: 'caraway', gramsPerM2: 50 },
  sugar: { ingredient: 'sugar', gramsPerM2: 70 },
} as const;
export type Topping = keyof typeof toppings;
