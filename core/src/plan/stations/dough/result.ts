import type { MaterialSpec } from '../../../cold/material';
import { material } from '../../../cold/material';
import { tableIndex, tableStepK } from '../../../cold/material';
import { mixSolve, type MixAnswer, type MixStage } from '../../../cold/mixing';
import { ingredientCompositions, type FatShare } from '../../../ingredients/composition';
import { askedMass, bowlLoss } from '../../../dough/ask';
import { scaled, type FormulaPart } from '../../../dough/formula';
import { ingredientOf } from '../../../ingredients/table';
import { truthOf, type DoughTruth } from './truth';
import { doughFacts, isFlour, fatLabel, partsOf, styleOf, type DoughFacts } from './formula';
import { filoFat } from '../../../cold/filo';
import type { CutPlan } from '../cut/result';
import { figure, type Figure } from '../../figure';
import { workBand, type Band } from '../../coldLine/band';
import type { ItemInput } from '../../../contracts/item';
import { lockIn } from '../lamination/turns';
import type { Problem } from '../../problem';
import type { KitchenInput } from '../../../contracts/kitchen';
import { remember } from '../../memo';
import { benchMinutes } from '../../steps/minutes';

/** Degrees a dough may come out of the bowl above the bottom of its band, so that all of the band is still to use. */
const iceC = -15;
/** A dough that takes its fat later is mixed no warmer than this, °C: an estimate. */
const bareDoughC = 20;

export interface Heap {
  name: 'flour' | 'fat' | 'water' | 'salt' | 'other';
  massG: number;
  startC: number;
  /** J per kelvin: the width of its column in the heat-levelling drawing. */
  heatCapacity: number;
}

export interface DoughPlan {
  figures: Record<'flour' | 'fat' | 'waterTemperature' | 'dough' | 'outOfBowl', Figure>;
  /** What the dough truly is; null for bought leaves. */
  truth: DoughTruth | null;
  problems: Problem[];
  masses: { flourG: number; fatG: number; waterG: number; iceG: number; saltG: number; totalG: number };
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

/** Grams and temperatures of the bowl for the dough the Cut asks for. */
export function planDough(item: ItemInput, kitchen: KitchenInput, cut: CutPlan): DoughPlan {
  if (item.dough.pastry === 'filo') return leafDough(item, cut);
  const made = bowlDough(item, kitchen, cut);
  return styleOf(item.dough) === 'boughtPuff' ? fromPacket(made, kitchen, cut) : made;
}

/** Bought puff: the same dough, made by somebody else; nothing is mixed, and it comes out of the fridge. */
function fromPacket(made: DoughPlan, kitchen: KitchenInput, cut: CutPlan): DoughPlan {
  const bought = (unit: 'g' | '°C', value: number | null): Figure =>
    figure(value, unit, 'dough.boughtPuff', { cut: cut.doughMassG, fridgeC: kitchen.fridgeC }, 'estimate', 'plan.item');
  return {
    ...made,
    figures: {
      ...made.figures,
      waterTemperature: bought('°C', null),
      dough: bought('g', cut.doughMassG),
      outOfBowl: bought('°C', kitchen.fridgeC),
    },
    problems: made.problems.filter((p) => !p.code.startsWith('mix.') && p.code !== 'noLiquid'),
    outOfBowlC: kitchen.fridgeC,
    waterC: null,
    surplusG: 0,
  };
}

function bowlDough(item: ItemInput, kitchen: KitchenInput, cut: CutPlan): DoughPlan {
  const { dough } = item;
  const per100 = partsOf(dough);
  const sum = per100.reduce((total, p) => total + p.grams, 0);
  const piecesG = cut.doughMassG / (1 - bowlLoss);
  const totalG = askedMass(dough.askBy ?? 'pieces', dough.askValue ?? 1, sum, piecesG);
  const facts = doughFacts(dough, kitchen, scaled(per100, totalG / sum));
  const parts = {
    flour: 100,
    fat: dough.fatToFlourPct,
    water: dough.waterToFlourPct,
    salt: dough.saltToFlourPct,
    other: (dough.others ?? []).reduce((total, o) => total + o.toFlourPct, 0),
  };
  const grams = (part: number) => (totalG * part) / sum;
  const [flourG, fatG, waterG, saltG] = [grams(100), grams(parts.fat), grams(parts.water), grams(parts.salt)];
  const others = (dough.others ?? []).map((o) => ({
    name: o.ingredient,
    mass: grams(o.toFlourPct),
    startC: ingredientOf(o.ingredient)?.place === 'fridge' ? kitchen.fridgeC : kitchen.roomC,
    ...(o.label ? { label: o.label } : {}),
  }));
  const label = fatLabel(dough);
  const fat = { name: dough.fat, ...(label ? { label } : {}) };
  const flours = facts.parts.filter((p) => p.grams > 0 && isFlour(p.id) && !others.some((o) => o.name === p.id));
  const surplusG = totalG * (1 - bowlLoss) - cut.doughMassG;
  const band = workBand(dough.pastry, dough.fat, fatsOf(facts.parts));
  const laminated = dough.pastry === 'roughPuff';
  // a block, or fat to be spread, is not in the bowl: the dough is mixed without it
  const apart = laminated && lockIn(item.folds) !== 'lumps';
  const targetC = band ? (apart ? bareDoughC : laminated ? band.low : Math.min(band.high - 2, band.low + 5)) : 20;
  const minutes = (laminated ? benchMinutes.mix : benchMinutes.rubIn) * kitchen.pace;
  const stages: MixStage[] = [
    {
      add: [
        ...flours.map((f) => ({ name: f.id, mass: f.grams / 1000, startC: kitchen.roomC })),
        ...(apart ? [] : [{ ...fat, mass: fatG / 1000, startC: dough.fatC }]),
        { name: 'salt', mass: saltG / 1000, startC: kitchen.roomC },
        ...others.map((o) => ({ ...o, mass: o.mass / 1000 })),
      ],
      method: dough.method,
      minutes: 0.6 * minutes * (fast.has(dough.method) ? 0.05 : 1),
    },
    {
      add: [{ name: 'LIQUID', mass: waterG / 1000 }],
      method: dough.method,
      minutes: 0.4 * minutes * (fast.has(dough.method) ? 0.05 : 1),
    },
  ];
  const solved = remember(['mix', stages, kitchen.roomC, targetC, kitchen.tapC], () =>
    mixSolve({ stages, roomC: kitchen.roomC, targetC, tapMinC: Math.max(1, kitchen.tapC), iceC }),
  );
  const problems = [
    ...mixProblems(solved, targetC, facts.ratios.toFlour.water),
    ...sizeProblems(dough, surplusG, cut.doughMassG),
  ];
  const iceG = solved.iceKg * 1000;
  const masses = { flourG, fatG, waterG, iceG, saltG, totalG };
  const dry = flours.map((f) => ({ name: f.id, mass: f.grams }));
  const wet = [
    { name: 'water', mass: waterG },
    { name: 'salt', mass: saltG },
    ...others.map(({ startC: _, ...other }) => other),
  ];
  const withoutFat: MaterialSpec = { items: [...dry, ...wet] };
  const spec: MaterialSpec = laminated
    ? {
        kind: 'laminate',
        dough: withoutFat,
        fat: { items: [{ ...fat, mass: 1 }] },
        fatMassFraction: fatG / totalG,
      }
    : {
        items: [...dry, { ...fat, mass: fatG }, ...wet],
      };
  const fatShare = dough.fatLabelPct === undefined ? ingredientCompositions[dough.fat].fat : dough.fatLabelPct / 100;
  const waterC = solved.waterC;
  const mixedWaterC =
    waterC === null
      ? null
      : waterC - (iceG > 0 ? (solved.iceKg * 333_600 + solved.iceKg * 2050 * -iceC) / (waterG / 1000) / 4176 : 0);
  const heat = (name: string, massG: number, startC: number) => heatCapacity(name, massG, startC);
  return {
    figures: {
      flour: figure(
        flourG,
        'g',
        'dough.flour',
        {
          pieces: cut.figures.firstRoll.reason.values['of'] ?? cut.pieces,
          cut: cut.doughMassG,
          stuck: totalG - cut.doughMassG,
        },
        'estimate',
        'plan.item',
      ),
      fat: figure(
        fatG,
        'g',
        'dough.fat',
        {
          pct: parts.fat,
          fatShare: fatShare * 100,
          fat: dough.fat,
          pastry: dough.pastry,
          truePct: facts.ratios.toFlour.fat,
        },
        'exact',
        'plan.item',
      ),
      waterTemperature: figure(
        waterC,
        '°C',
        'dough.water',
        {
          status: solved.status,
          roomC: kitchen.roomC,
          iceG,
          tapG: waterG - iceG,
          targetC,
          others: solved.chillOthersToC ?? 0,
        },
        'estimate',
        'cold.mixWater',
      ),
      dough: figure(
        totalG,
        'g',
        'dough.total',
        {
          flour: flourG,
          fat: fatG,
          water: waterG,
          salt: saltG,
          other: grams(parts.other),
          sheets: cut.rolled.sheets,
          surplus: surplusG,
          waterPct: facts.ratios.toFlour.water,
        },
        'exact',
        'plan.item',
      ),
      outOfBowl: figure(
        solved.temperatureC,
        '°C',
        'dough.outOfBowl',
        {
          targetC,
          apart: apart ? 1 : 0,
          low: band?.low ?? 0,
          high: band?.high ?? 0,
          method: dough.method,
          fat: dough.fat,
        },
        'estimate',
        'cold.mix',
      ),
    },
    truth: truthOf(facts, item.brief.count, totalG),
    problems,
    masses,
    heaps: [
      { name: 'flour', massG: flourG, startC: kitchen.roomC, heatCapacity: heat('flour', flourG, kitchen.roomC) },
      { name: 'fat', massG: fatG, startC: dough.fatC, heatCapacity: heat(dough.fat, fatG, dough.fatC) },
      { name: 'water', massG: waterG, startC: mixedWaterC ?? kitchen.tapC, heatCapacity: (waterG / 1000) * 4176 },
      ...otherHeap(others),
    ],
    outOfBowlC: solved.temperatureC,
    waterC,
    band,
    spec,
    partsPer100: parts,
    facts,
    surplusG,
  };
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

/** What else goes in, as one column of heat: its mean temperature by what it holds. */
function otherHeap(others: readonly { name: string; mass: number; startC: number }[]): Heap[] {
  const massG = others.reduce((sum, o) => sum + o.mass, 0);
  if (!(massG > 0)) return [];
  const heats = others.map((o) => heatCapacity(o.name, o.mass, o.startC));
  const total = heats.reduce((sum, h) => sum + h, 0);
  const startC = others.reduce((sum, o, i) => sum + o.startC * (heats[i] as number), 0) / total;
  return [{ name: 'other', massG, startC, heatCapacity: total }];
}

/** A dough asked for by its flour or its mass may be short of what the pieces need. */
function sizeProblems(dough: ItemInput['dough'], surplusG: number, neededG: number): Problem[] {
  if ((dough.askBy ?? 'pieces') === 'pieces' || surplusG > -0.01 * neededG) return [];
  return [
    {
      station: 'dough',
      code: 'doughShort',
      fields: ['dough.askValue', 'brief.count'],
      values: { shortG: -surplusG, neededG },
      weight: 'warn',
    },
  ];
}

const fast = new Set(['processorPulse', 'processorDough']);

/** Heat capacity (J/K) of a mass of one ingredient near a temperature, melting included. */
function heatCapacity(name: string, massG: number, t: number): number {
  const { enthalpy } = material({ items: [{ name, mass: 1 }] });
  const i = tableIndex(t);
  return ((massG / 1000) * ((enthalpy[i + 1] as number) - (enthalpy[i] as number))) / tableStepK;
}

/** Under this much water in all, to flour, nothing binds (estimate). */
const leastWaterPct = 8;

function mixProblems(solved: MixAnswer, targetC: number, waterPct: number): Problem[] {
  if (waterPct < leastWaterPct)
    return [
      {
        station: 'dough',
        code: 'noLiquid',
        fields: ['dough.waterToFlourPct'],
        values: { waterPct, least: leastWaterPct },
        weight: 'stop',
      },
    ];
  // egg, milk or cheese may be all the liquid there is
  if (['ok', 'iceNeeded', 'noWater'].includes(solved.status)) return [];
  return [
    {
      station: 'dough',
      code: `mix.${solved.status}`,
      fields: ['dough.waterToFlourPct', 'dough.fatC', 'kitchen.roomC'],
      values: { targetC, reachedC: solved.temperatureC, chillOthersToC: solved.chillOthersToC ?? -99 },
      weight: 'warn',
    },
  ];
}

function leafDough(item: ItemInput, cut: CutPlan): DoughPlan {
  const { folds, dough } = item;
  const leaves = cut.leaves?.count ?? 1;
  const share = ingredientCompositions[dough.fat].fat;
  const f = filoFat({
    sheets: leaves,
    lengthM: folds.leafLengthMm / 1000,
    widthM: folds.leafWidthMm / 1000,
    fatGramsPerM2: folds.brushGramsPerM2,
    fatFraction: share,
  });
  const water = f.doughG - f.flourG;
  return {
    figures: {
      flour: figure(f.flourG, 'g', 'dough.leafFlour', { leaves, doughG: f.doughG }, 'estimate', 'cold.filoFat'),
      fat: figure(
        f.appliedG,
        'g',
        'dough.leafFat',
        { leaves, perLeaf: f.perSheetG, perM2: folds.brushGramsPerM2, fat: dough.fat },
        'estimate',
        'cold.filoFat',
      ),
      waterTemperature: figure(null, '°C', 'dough.bought', { leaves }, 'exact', 'cold.filoFat'),
      dough: figure(
        f.doughG,
        'g',
        'dough.leaves',
        { leaves, areaCm2: (folds.leafLengthMm * folds.leafWidthMm) / 100 },
        'estimate',
        'cold.filoFat',
      ),
      outOfBowl: figure(null, '°C', 'dough.bought', { leaves }, 'exact', 'cold.filoFat'),
    },
    truth: null,
    problems: [],
    masses: { flourG: f.flourG, fatG: f.appliedG, waterG: water, iceG: 0, saltG: 0, totalG: f.doughG + f.appliedG },
    heaps: [],
    outOfBowlC: 20,
    waterC: null,
    band: null,
    spec: {
      items: [
        { name: 'flour', mass: f.flourG },
        { name: 'water', mass: water },
      ],
    },
    partsPer100: { flour: 100, fat: (100 * f.appliedG) / f.flourG, water: (100 * water) / f.flourG, salt: 0, other: 0 },
    facts: null,
    surplusG: 0,
  };
}
