import { ArrayMinSize } from 'class-validator';
import { ListOf, NumberIn } from '../quantities/rules';

/** Nine slices of bread on a tray, row by row from the back left: how brown each came out, 0 pale to 4 too dark. */
export class BreadSlicesInput {
  @ListOf(9) @ArrayMinSize(9) @NumberIn(0, 4, '', { integer: true, each: true }) slices!: number[];
}

export interface OvenPlaces {
  /** Each place against the middle of all nine, K, row by row from the back left. */
  offsetsK: number[];
  hottest: number;
  coolest: number;
  spreadK: number;
  /** Too uneven for a tray to be left as it stands. */
  uneven: boolean;
}

/** Browning that each word stands for: the middle of its colour (of the bake's own levels). */
export const breadDoses = [0.15, 0.6, 2.2, 7.5, 12] as const;
/** A degree at the surface for a ratio of browning: RT²/Ea at 160 °C and 72 kJ/mol, the bake's own rate. */
const kelvinPerLog = (8.314 * 433 ** 2) / 72_000;
/** A bread of another colour next to it is nothing to turn a tray for, K (our choice). */
const unevenK = 12;

/**
 * Where an oven is hot and cool, from nine slices toasted together (0 pale, 1 straw, 2 golden, 3 deep, 4 too dark): the ratio of
 * browning told as degrees. An estimate: a slice tells its colour in five steps only.
 * @example ovenPlaces([3, 2, 2, 2, 2, 2, 2, 2, 1]).hottest // 0
 */
export function ovenPlaces(slices: readonly number[]): OvenPlaces {
  const logs = slices.map((s) => Math.log(breadDoses[s]));
  const sorted = [...logs].sort((a, b) => a - b);
  const middle = sorted[4];
  const offsetsK = logs.map((l) => (l - middle) * kelvinPerLog);
  const hottest = offsetsK.indexOf(Math.max(...offsetsK));
  const coolest = offsetsK.indexOf(Math.min(...offsetsK));
  const spreadK = offsetsK[hottest] - offsetsK[coolest];
  return { offsetsK, hottest, coolest, spreadK, uneven: spreadK >= unevenK };
}
