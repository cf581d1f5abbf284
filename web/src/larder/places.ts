/** The places of a larder, by their letter. */
export const placeWords: Readonly<Record<string, string>> = {
  A: 'fridge, top',
  B: 'fridge, second',
  C: 'fridge, third',
  D: 'fridge, low',
  E: 'freezer, top',
  F: 'freezer, middle',
  G: 'freezer, low',
  H: 'shelf, upper',
  I: 'shelf, lower',
  J: 'cold porch',
};
