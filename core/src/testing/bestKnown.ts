/** Radii of the best known packings of n equal circles in a unit square; the side over the diameter follows. */
const squareRadii: Record<number, number> = {
  2: 0.292893219,
  3: 0.254333095,
  4: 0.25,
  5: 0.207106781,
  6: 0.187680601,
  7: 0.174457631,
  8: 0.170540689,
  9: 0.166666667,
  10: 0.148204322,
  11: 0.142399237,
  12: 0.139958844,
  13: 0.133993513,
  14: 0.129331793,
  15: 0.127166547,
  16: 0.125,
  17: 0.117196742,
  18: 0.115521433,
  19: 0.112265437,
  20: 0.111382347,
};
export const bestKnownSquare: Record<number, number> = Object.fromEntries(
  Object.entries(squareRadii).map(([n, r]) => [n, 1 / (2 * r)]),
);

/** Radius of the circle over that of the n it holds, which is also diameter over diameter. */
export const bestKnownRound: Record<number, number> = {
  2: 2,
  3: 2.154700538,
  4: 2.414213562,
  5: 2.701301617,
  6: 3,
  7: 3,
  8: 3.304764871,
  9: 3.61312593,
  10: 3.813025631,
  11: 3.923804402,
  12: 4.029601939,
  13: 4.236067978,
  14: 4.328428555,
  15: 4.521356975,
  16: 4.615425595,
  17: 4.792033749,
  18: 4.863703305,
  19: 4.863703305,
  20: 5.122320754,
};
