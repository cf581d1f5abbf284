import { ItemInput } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import { planScraps } from '../../cutting/scraps';
import { shapeArea } from '../../cutting/shape';
import { handPiece } from '../../filling/handPiece';
import { planBakeTime } from '../../oven/bakePlan';
import type { BakeSpec } from '../../oven/bakeInput';
import { Nested } from '../../quantities/rules';
import { planItem } from '../item';
import { doughDensity } from '../stations/cut/result';

/** What the model `plan.fromRest` takes: the item whose rest is asked about. */
export class FromRestInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
}

/** Small pies, or twists without a filling, out of what is left: how many, what goes into each, how long they bake beside. */
export interface RestWay {
  kind: 'halfmoon' | 'twist';
  sizeMm: number;
  n: number;
  eachDoughG: number;
  eachFillingG: number;
  /** At the item's own heat; null where they are never ready at it. */
  bakeMin: number | null;
}

export interface FromRest {
  doughG: number;
  fillingG: number;
  ways: RestWay[];
}

/** Rounds for small half-moons, mm, and the rim that closes them. */
const roundsMm = [70, 90] as const;
const rimMm = 8;
/** Of what is gathered and rolled again so much can be cut (estimate). */
const cutShare = 0.85;
/** Twists of a finger's width, at a pie's heat, min (estimate). */
const twistMin = 12;

/**
 * What small things come of the dough and the filling that are left over by plan: half-moons of two sizes as long as there is
 * filling, twists of the dough alone; their minutes at the item's own heat, by the same bake. Estimates; a probe tells.
 */
export function fromRest({ item, kitchen }: FromRestInput): FromRest {
  const { cut, filling, oven } = planItem(item, kitchen);
  const doughG = cut.savedG;
  const fillingG = Math.max(0, filling.spareG);
  // leaves are laid, not rolled; what is gathered of them is nothing to cut from
  if (item.dough.pastry === 'filo' || doughG < 1) return { doughG, fillingG, ways: [] };
  const thicknessMm = cut.rolled.thicknessMm;
  const rho = doughDensity[item.dough.pastry];
  const moons = roundsMm.flatMap((sizeMm): RestWay[] => {
    const piece = handPiece({ kind: 'halfmoon', sizeMm, rimMm, thicknessMm });
    const eachDoughG = (shapeArea(piece.shape) * thicknessMm * rho) / 1000;
    const eachFillingG = piece.comfortableMl * filling.density;
    const n = Math.floor(Math.min((cutShare * doughG) / eachDoughG, fillingG / eachFillingG));
    if (n < 1) return [];
    const bakeMin = planBakeTime(small(oven.spec, piece.oven, n), kitchen.bakeRatios).proposed;
    return [{ kind: 'halfmoon', sizeMm, n, eachDoughG, eachFillingG, bakeMin }];
  });
  const { n, sizeMm } = planScraps({ fate: 'twists', scrapG: doughG, miniMm: 0, thicknessMm, rho, generation: 1 });
  const twists: RestWay[] =
    moons.length === 0 && n > 0
      ? [{ kind: 'twist', sizeMm, n, eachDoughG: doughG / n, eachFillingG: 0, bakeMin: twistMin }]
      : [];
  return { doughG, fillingG, ways: [...moons, ...twists] };
}

/** The item's bake with small closed pieces in the place of its own. */
function small(spec: BakeSpec, { shape, depthMm }: { shape: BakeSpec['shape']; depthMm: number }, n: number): BakeSpec {
  const { vessel: _, beside: __, tents: ___, ...rest } = spec;
  const crust = spec.top ?? spec.base;
  const type = crust?.type ?? 'shortcrust';
  const tMm = crust?.tMm ?? 3;
  return {
    ...rest,
    shape,
    top: { type, tMm },
    base: { type, tMm },
    vessel: null,
    support: spec.vessel ? 'tray' : spec.support,
    filling: { ...spec.filling, depthMm: Math.max(4, Math.round(depthMm)) },
    load: { pieces: n },
  };
}
