import { IsString, MaxLength } from 'class-validator';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { Nested, NumberIn } from '../../quantities/rules';
import { stretchToRun, valueAt } from '../coldLine/line';
import { ItemInput } from '../../contracts/item';
import { planItem } from '../item';
import { runStretch, type StretchRun } from '../coldLine/stretchRun';
import { KitchenInput } from '../../contracts/kitchen';
import { remember } from '../memo';

/** How a kitchen really is, as nobody in it knows. */
export interface HiddenKitchen {
  benchFactor: number;
  fridgeFactor: number;
  /** The room against what its thermometer was said to show, and the fat against what was planned, K. */
  roomK: number;
  startK: number;
}

/** Neighbouring seeds begin alike: they are mixed, and the first throws are thrown away. */
const generator = (seed: number) => {
  const random = xoroshiro128plus(Math.imul(Math.trunc(seed) ^ 0x5bd1e995, 0x9e3779b1));
  for (let i = 0; i < 8; i++) random.next();
  return random;
};
const spread = (low: number, high: number, share: number): number => low + (high - low) * share;

/** A kitchen of its own for every seed: coefficients 0.6 to 1.6 times ours, room within 1.5 K, start within 0.8 K. */
export function hiddenKitchen(seed: number): HiddenKitchen {
  const random = generator(seed);
  const next = () => uniformFloat64(random);
  return {
    benchFactor: Math.exp(spread(Math.log(0.6), Math.log(1.6), next())),
    fridgeFactor: Math.exp(spread(Math.log(0.6), Math.log(1.6), next())),
    roomK: spread(-1.5, 1.5, next()),
    startK: spread(-0.8, 0.8, next()),
  };
}

/** What the model `plan.probe` takes: where a simulated probe is put, and when it is read. */
export class ProbeInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  @IsString() @MaxLength(40) stepId!: string;
  @NumberIn(0, 1440, 'min') minute!: number;
  /** Which kitchen it really is. */
  @NumberIn(-2_147_483_648, 2_147_483_647, '', { integer: true }) seed!: number;
}

export interface ProbeReading {
  /** null: the probe dropped out. */
  valueC: number | null;
}

/** The stand-in's own failings: first-order lag, noise, share of readings that do not come (estimates of a cheap probe). */
const probeLagMin = 0.15;
const noiseK = 0.08;
const dropOuts = 0.05;
const readsAMinute = 6;
const longestMin = 180;

/** The step as it truly goes in the hidden kitchen: what no forecast sees. */
export function trueStretch({ item, kitchen, stepId, seed }: Omit<ProbeInput, 'minute'>): StretchRun {
  const plan = planItem(item, kitchen);
  const stretch = stretchToRun(plan.line, stepId);
  const { body } = stretch;
  const hidden = hiddenKitchen(seed);
  const factor = body.kind === 'bench' ? hidden.benchFactor : hidden.fridgeFactor;
  return remember(['true', plan.dough.spec, body, stretch.value[0], kitchen, hidden], () =>
    runStretch({
      spec: plan.dough.spec,
      body,
      startC: stretch.value[0] + hidden.startK,
      minutes: longestMin,
      factor,
      kitchen: { ...kitchen, roomC: kitchen.roomC + hidden.roomK },
    }),
  );
}

/** What the simulated probe says at a minute of a step: late, a little off, sometimes nothing; the same each time it is asked. */
export function readProbe(input: ProbeInput): ProbeReading {
  const line = trueStretch(input);
  const random = generator(input.seed ^ Math.imul(Math.floor(input.minute * readsAMinute) + 1, 0x9e3779b1));
  const next = () => uniformFloat64(random);
  if (next() < dropOuts) return { valueC: null };
  // the sum of twelve even throws is normal enough for a thermometer
  const noise = noiseK * (Array.from({ length: 12 }, next).reduce((sum, v) => sum + v, 0) - 6);
  const value = valueAt(line, Math.max(0, input.minute - probeLagMin)) + noise;
  return { valueC: Math.round(value * 10) / 10 };
}
