import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import type { Product } from '../../../contracts/products';
import { crustOfDough } from '../../../dough/crust';
import type { SeriesRow } from '../../../oven/bake';
import type { BakeSpec, OvenStep } from '../../../oven/bakeInput';
import { planBakeTime, type BakePlan } from '../../../oven/bakePlan';
import { simulateBlind, type BlindBake } from '../../../oven/blind';
import { ovenPlaces } from '../../../oven/breadSlices';
import { preheatMinutes } from '../../../oven/preheat';
import { heatConversions, plausible, type BakeClass, type Finding } from '../../../oven/plausible';
import { afterBake, type AfterBake } from '../../../oven/afterBake';
import { pieKeeps, type PiesKeep } from '../../pieKeeps';
import { standOf, type Stand } from './standing';
import { remember } from '../../memo';
import type { CutPlan } from '../cut/station';
import type { DoughPlan } from '../dough/station';
import type { FillingPlan } from '../filling/station';
import { bakeSpec, blindSpec, onTrays, type InCompany } from './spec';

/** The numbers of a bake that other rooms use. */
export interface OvenResult {
  bake: BakePlan;
  spec: BakeSpec;
  /** What is in the oven with it, and how long it would take alone; null where it is alone. */
  company: InCompany | null;
  aloneMin: number | null;
  /** The same bake with the fan the other way, 20 °C moved: the what-if. */
  otherFan: { mode: 'conv' | 'fan'; setC: number; proposedMin: number | null };
  conversions: ReturnType<typeof heatConversions>;
  /** The cook's own minutes where they set them, else what is proposed. */
  minutes: number | null;
  /** How it is when it comes out then: the minute's row of the simulation. */
  out: SeriesRow | null;
  /** What the middle has to reach, °C. */
  targetC: number;
  /** The case baked before it is filled; null where it is not. */
  blind: BlindBake | null;
  /** The heat it is judged by: of several, their mean over the bake, °C to 5. */
  meanC: number;
  /** Minutes from cold until the oven can take it. */
  preheatMin: number;
  /** The same for the empty case's own heat. */
  blindPreheatMin: number;
  /** Shelves it takes in the oven, and the pies on each. */
  trays: number;
  onTrays: number[];
  /** How long it stands, what comes of it as it stands, and how long it keeps. */
  stand: Stand;
  after: AfterBake | null;
  keeps: PiesKeep;
  /** Whether heat and time can be meant. */
  findings: Finding[];
}

const classes: Record<Product, BakeClass> = {
  handPies: 'small',
  dishPie: 'pie',
  potPies: 'pie',
  filoTray: 'filo',
  filoCoil: 'filo',
};

const preheat = ({ oven, support }: Pick<BakeSpec, 'oven' | 'support'>): number =>
  remember(['preheat', oven, support], () => preheatMinutes(oven, support));

/** Mean heat over a bake of so many minutes, °C to 5. */
function meanHeatC(heats: readonly OvenStep[], minutes: number | null): number {
  const end = minutes ?? Infinity;
  if (heats.length === 1 || !Number.isFinite(end)) return heats[0]?.setC ?? 0;
  const sum = heats.reduce((total, h, i) => {
    const to = Math.min(end, heats[i + 1]?.fromMin ?? end);
    return total + h.setC * Math.max(0, to - h.fromMin);
  }, 0);
  return Math.round(sum / end / 5) * 5;
}

/** An oven that toasted nine slices alike needs no turning. */
function inThisOven(bake: BakePlan, { breadSlices }: KitchenInput): BakePlan {
  if (!breadSlices || breadSlices.length !== 9 || ovenPlaces(breadSlices).uneven) return bake;
  return { ...bake, advice: bake.advice.filter((a) => a.code !== 'ROTATE') };
}

/** How it is at a minute; under foil what is proposed is a run of its own, and says so. */
function comesOut(item: ItemInput, bake: BakePlan, minutes: number | null): SeriesRow | null {
  const row = bake.series[Math.min(bake.series.length - 1, Math.round(minutes ?? 0))];
  if (minutes === null || !row) return null;
  return item.oven.ownMin ? row : { ...row, ...bake.atProposed };
}

/** The bake of an item: time with its range, what decides, and whether its heat can be meant. */
export function ovenResult(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  dough: DoughPlan,
  filling: FillingPlan,
  company: InCompany | null,
): OvenResult {
  const crust = dough.facts && crustOfDough(dough.facts.parts);
  const empty = blindSpec(item, bakeSpec(item, kitchen, cut, crust, filling, null, null));
  const blind = empty && remember(['blind', empty], () => simulateBlind(empty));
  const spec = bakeSpec(item, kitchen, cut, crust, filling, blind, company);
  const bake = inThisOven(
    remember(['bake', spec, kitchen.bakeRatios], () => planBakeTime(spec, kitchen.bakeRatios)),
    kitchen,
  );
  const alone = company && bakeSpec(item, kitchen, cut, crust, filling, blind, null);
  const aloneBake =
    alone && remember(['bake', alone, kitchen.bakeRatios], () => planBakeTime(alone, kitchen.bakeRatios));
  const trays = onTrays(item, cut);
  const mode: 'conv' | 'fan' = item.oven.mode === 'fan' ? 'conv' : 'fan';
  const less = mode === 'fan' ? -20 : 20;
  const setC = item.oven.setC + less;
  const other = {
    ...spec,
    support: spec.support === 'unknown' ? ('tray' as const) : spec.support,
    oven: { ...spec.oven, mode, steps: spec.oven.steps.map((s) => ({ ...s, setC: s.setC + less })) },
  };
  const minutes = item.oven.ownMin ?? bake.proposed;
  const out = comesOut(item, bake, minutes);
  const meanC = meanHeatC(spec.oven.steps, minutes);
  const otherBake = remember(['bake', other, kitchen.bakeRatios], () => planBakeTime(other, kitchen.bakeRatios));
  return {
    bake,
    spec,
    company,
    aloneMin: aloneBake ? aloneBake.proposed : null,
    otherFan: { mode, setC, proposedMin: otherBake.proposed },
    conversions: heatConversions(item.oven.mode === 'fan' ? Math.min(300, item.oven.setC + 20) : item.oven.setC),
    minutes,
    out,
    targetC: bake.targetC,
    blind,
    meanC,
    preheatMin: preheat(spec),
    blindPreheatMin: empty ? preheat(empty) : 0,
    trays: trays.length,
    stand: standOf(item),
    after: out && afterBake(spec, out.coreC, bake.boilingC, kitchen.roomC),
    keeps: pieKeeps(item, filling),
    onTrays: trays,
    findings: plausible({
      value: meanC,
      unit: 'C',
      mode: item.oven.mode,
      timeMin: minutes,
      cls: classes[item.product],
    }),
  };
}
