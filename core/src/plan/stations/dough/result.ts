import type { DoughInput } from '../../../contracts/dough';
import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import type { MaterialSpec } from '../../../cold/material';
import { mixForward, mixSolve, type MixAnswer, type MixStage } from '../../../cold/mixing';
import { askedMass, bowlLoss } from '../../../dough/ask';
import { scaled, type FormulaPart } from '../../../dough/formula';
import { ingredientCompositions } from '../../../ingredients/composition';
import { ingredientOf } from '../../../ingredients/table';
import { workBand, type Band } from '../../coldLine/band';
import { remember } from '../../memo';
import { benchMinutes } from '../../steps/minutes';
import type { CutPlan } from '../cut/station';
import { lockIn } from '../lamination/turns';
import { doughFacts, fatLabel, isFlour, partsOf, type DoughFacts } from './formula';
import { heatCapacity, otherHeap, type Heap } from './heat';
import { truthOf, type DoughTruth } from './truth';
import type { FatShare } from '../../../ingredients/massFractions';

export interface DoughMasses {
  flourG: number;
  fatG: number;
  waterG: number;
  iceG: number;
  saltG: number;
  totalG: number;
}

/** The numbers of a dough that other rooms use. */
export interface DoughResult {
  /** What the dough truly is; null for bought leaves. */
  truth: DoughTruth | null;
  masses: DoughMasses;
  heaps: Heap[];
  outOfBowlC: number;
  waterC: number | null;
  band: Band | null;
  /** Everything mixed; for laminated doughs fat and dough stay apart. */
  spec: MaterialSpec;
  partsPer100: { flour: number; fat: number; water: number; salt: number; other: number };
  /** Null for bought leaves: they come made. */
  facts: DoughFacts | null;
  /** Dough beyond what the Cut asks for, g; below nothing when it is short. */
  surplusG: number;
}

/** What a bowl's figures need besides the result. */
export interface BowlDough {
  result: DoughResult;
  facts: DoughFacts;
  solved: MixAnswer;
  /** What it should come out of the bowl at, °C. */
  targetC: number;
  /** The fat is not in the bowl: a block, or fat to be spread. */
  apart: boolean;
  otherG: number;
  /** Fat in the fat, 0 to 1, by its packet or the table. */
  fatShare: number;
}

const iceC = -15;
/** What has no fat to keep cold is mixed with water as warm as a hand, °C: it stretches the sooner (an estimate). */
const warmWaterC = 35;
/** A dough that takes its fat later is mixed no warmer than this, °C: an estimate. */
const bareDoughC = 20;
/** A machine takes this share of the minutes of hands (estimate). */
const machineShare = 0.05;
const fast = new Set(['processorPulse', 'processorDough']);

interface Other {
  name: string;
  mass: number;
  startC: number;
  label?: NonNullable<DoughInput['others']>[number]['label'];
}

/** Grams and temperatures of the bowl for the dough the Cut asks for. */
export function bowlDough(item: ItemInput, kitchen: KitchenInput, cut: CutPlan): BowlDough {
  const { dough } = item;
  const per100 = partsOf(dough);
  const sum = per100.reduce((total, p) => total + p.grams, 0);
  const totalG = askedMass(dough.askBy ?? 'pieces', dough.askValue ?? 1, sum, cut.doughMassG / (1 - bowlLoss));
  const facts = doughFacts(dough, kitchen, scaled(per100, totalG / sum));
  const partsPer100 = {
    flour: 100,
    fat: dough.fatToFlourPct,
    water: dough.waterToFlourPct,
    salt: dough.saltToFlourPct,
    other: (dough.others ?? []).reduce((total, o) => total + o.toFlourPct, 0),
  };
  const grams = (part: number) => (totalG * part) / sum;
  const dry = { flourG: grams(100), fatG: grams(partsPer100.fat), saltG: grams(partsPer100.salt) };
  const waterG = grams(partsPer100.water);
  const others = (dough.others ?? []).map((o): Other => ({
    name: o.ingredient,
    mass: grams(o.toFlourPct),
    startC: ingredientOf(o.ingredient)?.place === 'fridge' ? kitchen.fridgeC : kitchen.roomC,
    ...(o.label ? { label: o.label } : {}),
  }));
  const flours = facts.parts.filter((p) => p.grams > 0 && isFlour(p.id) && !others.some((o) => o.name === p.id));
  const band = workBand(dough.pastry, dough.fat, fatsOf(facts.parts));
  const laminated = dough.pastry === 'roughPuff';
  const apart = laminated && lockIn(item.folds) !== 'lumps';
  const targetC = band
    ? apart
      ? bareDoughC
      : laminated
        ? band.low
        : Math.min(band.high - 2, band.low + 5)
    : warmWaterC;
  const solved = mixed(item, kitchen, { ...dry, waterG, flours, others, apart, targetC, warm: !band });
  const masses: DoughMasses = { ...dry, waterG, iceG: solved.iceKg * 1000, totalG };
  return {
    result: {
      truth: truthOf(facts, item.brief.count, totalG),
      masses,
      heaps: heaps(dough, kitchen, masses, solved, others),
      outOfBowlC: solved.temperatureC,
      waterC: solved.waterC,
      band,
      spec: doughSpec(dough, masses, flours, others),
      partsPer100,
      facts,
      surplusG: totalG * (1 - bowlLoss) - cut.doughMassG,
    },
    facts,
    solved,
    targetC: band ? targetC : solved.temperatureC,
    apart,
    otherG: grams(partsPer100.other),
    fatShare: dough.fatLabelPct === undefined ? ingredientCompositions[dough.fat].fat : dough.fatLabelPct / 100,
  };
}

const fatIn = (dough: DoughInput) => {
  const label = fatLabel(dough);
  return { name: dough.fat, ...(label ? { label } : {}) };
};

/** The water that brings the bowl to its temperature. */
function mixed(
  item: ItemInput,
  kitchen: KitchenInput,
  o: {
    fatG: number;
    waterG: number;
    saltG: number;
    flours: readonly FormulaPart[];
    others: readonly Other[];
    apart: boolean;
    targetC: number;
    /** Nothing in it has to stay cold. */
    warm: boolean;
  },
): MixAnswer {
  const { dough } = item;
  const { method } = dough;
  const minutes = (dough.pastry === 'roughPuff' ? benchMinutes.mix : benchMinutes.rubIn) * kitchen.pace;
  const share = fast.has(method) ? machineShare : 1;
  const stages: MixStage[] = [
    {
      add: [
        ...o.flours.map((f) => ({ name: f.id, mass: f.grams / 1000, startC: kitchen.roomC })),
        ...(o.apart ? [] : [{ ...fatIn(dough), mass: o.fatG / 1000, startC: dough.fatC }]),
        { name: 'salt', mass: o.saltG / 1000, startC: kitchen.roomC },
        ...o.others.map((other) => ({ ...other, mass: other.mass / 1000 })),
      ],
      method,
      minutes: 0.6 * minutes * share,
    },
    { add: [{ name: 'LIQUID', mass: o.waterG / 1000 }], method, minutes: 0.4 * minutes * share },
  ];
  const { roomC, tapC } = kitchen;
  const { targetC } = o;
  const waterKg = o.waterG / 1000;
  if (o.warm) {
    const add = stages.map((s) => s.add?.map((a) => (a.name === 'LIQUID' ? { ...a, startC: warmWaterC } : a)));
    const poured = stages.map((s, i) => ({
      ...s,
      add: waterKg > 0 ? add[i] : add[i]?.filter((a) => a.name !== 'LIQUID'),
    }));
    const { temperatureC } = mixForward({ stages: poured, roomC });
    return { status: 'ok', temperatureC, waterC: warmWaterC, waterKg, iceKg: 0, chillOthersToC: null };
  }
  return remember(['mix', stages, roomC, targetC, tapC], () =>
    mixSolve({ stages, roomC, targetC, tapMinC: Math.max(1, tapC), iceC }),
  );
}

function doughSpec(
  dough: DoughInput,
  masses: DoughMasses,
  flours: readonly FormulaPart[],
  others: readonly Other[],
): MaterialSpec {
  const dry = flours.map((f) => ({ name: f.id, mass: f.grams }));
  const wet = [
    { name: 'water', mass: masses.waterG },
    { name: 'salt', mass: masses.saltG },
    ...others.map(({ startC: _, ...other }) => other),
  ];
  const fat = fatIn(dough);
  if (dough.pastry !== 'roughPuff') return { items: [...dry, { ...fat, mass: masses.fatG }, ...wet] };
  return {
    kind: 'laminate',
    dough: { items: [...dry, ...wet] },
    fat: { items: [{ ...fat, mass: 1 }] },
    fatMassFraction: masses.fatG / masses.totalG,
  };
}

function heaps(
  dough: DoughInput,
  kitchen: KitchenInput,
  { flourG, fatG, waterG, iceG }: DoughMasses,
  solved: MixAnswer,
  others: readonly Other[],
): Heap[] {
  const { roomC, tapC } = kitchen;
  // ice draws the water under its own temperature, by what melting and warming it take
  const ice = iceG > 0 ? (solved.iceKg * 333_600 + solved.iceKg * 2050 * -iceC) / (waterG / 1000) / 4176 : 0;
  const waterC = solved.waterC === null ? tapC : solved.waterC - ice;
  return [
    { name: 'flour', massG: flourG, startC: roomC, heatCapacity: heatCapacity('flour', flourG, roomC) },
    { name: 'fat', massG: fatG, startC: dough.fatC, heatCapacity: heatCapacity(dough.fat, fatG, dough.fatC) },
    { name: 'water', massG: waterG, startC: waterC, heatCapacity: (waterG / 1000) * 4176 },
    ...otherHeap(others),
  ];
}

/** The fats of a dough by their shares of all of it; a laminate's are taken as one with its dough's (estimate). */
function fatsOf(parts: readonly FormulaPart[]): FatShare[] {
  const fats = parts.filter((p) => ingredientOf(p.id)?.group === 'fat' && p.grams > 0);
  const of = (p: FormulaPart) => {
    const { fatCurve, fat } = ingredientCompositions[p.id as keyof typeof ingredientCompositions];
    return { fat: fatCurve, grams: p.grams * fat };
  };
  const sum = fats.reduce((total, p) => total + of(p).grams, 0);
  return fats.map((p) => ({ fat: of(p).fat, share: of(p).grams / sum }));
}
