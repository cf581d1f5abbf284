import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { NumberIn } from '../quantities/rules';

/** What the model `oven.thermometer` takes: a simulated thermometer in a simulated oven. */
export class OvenThermometerInput {
  @NumberIn(50, 300, '°C') setC!: number;
  @NumberIn(0, 600, 'min') sinceOnMin!: number;
  /** Which oven it really is. */
  @NumberIn(-2_147_483_648, 2_147_483_647, '', { integer: true }) seed!: number;
}

/** How an oven really is, as its dial does not say. */
interface HiddenOven {
  offsetK: number;
  swingK: number;
  periodMin: number;
  heatsCMin: number;
}

const generator = (seed: number) => {
  const random = xoroshiro128plus(Math.imul(Math.trunc(seed) ^ 0x2c1b3c6d, 0x9e3779b1));
  for (let i = 0; i < 8; i++) random.next();
  return () => uniformFloat64(random);
};
const between = (low: number, high: number, share: number): number => low + (high - low) * share;

/** An oven of its own for every seed: off its dial by −20 to +16 K, swinging 3 to 9 K every 6 to 11 minutes. */
export function hiddenOven(seed: number): HiddenOven {
  const next = generator(seed);
  return {
    offsetK: between(-20, 16, next()),
    swingK: between(3, 9, next()),
    periodMin: between(6, 11, next()),
    heatsCMin: between(9, 16, next()),
  };
}

/** The stand-in's own failings (estimates of a cheap thermometer that hangs on the shelf). */
const lagMin = 3;
const noiseK = 1;
const dropOuts = 0.04;
const roomC = 21;

/** What it shows: late, a little off, sometimes nothing (null); the same each time it is asked. °C to whole degrees. */
export function readOvenThermometer({ setC, sinceOnMin, seed }: OvenThermometerInput): { valueC: number | null } {
  const oven = hiddenOven(seed);
  const throws = generator(seed ^ Math.imul(Math.floor(sinceOnMin * 4) + 1 + Math.round(setC) * 4096, 0x9e3779b1));
  if (throws() < dropOuts) return { valueC: null };
  const noise = noiseK * (throws() + throws() + throws() - 1.5);
  const at = Math.max(0, sinceOnMin - lagMin);
  const comesTo = setC + oven.offsetK;
  const heated = Math.min(comesTo, roomC + oven.heatsCMin * at);
  const swing = heated >= comesTo - 0.5 ? oven.swingK * Math.sin((2 * Math.PI * at) / oven.periodMin) : 0;
  return { valueC: Math.round(heated + swing + noise) };
}
