import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { environment } from '../../../cold/environments';
import { coolFilling, maxFillingTemperature, type FillingCooling } from '../../../cold/fillingCooling';
import { minutesOverHot } from '../../../cold/overHot';
import { material, type MaterialSpec } from '../../../cold/material';
import { enoughToCoverG } from '../../../filling/byFeel';
import { goesInRaw } from '../../../filling/inPie';
import { firmnessOf, type Firmness } from '../../../filling/firmness';
import { fruitBalance, isFruit, type FruitBalance } from '../../../filling/fruit';
import { bindsAs, isPoured } from '../../../filling/poured';
import { diceRule, usualYield } from '../../../filling/yields';
import { custardSet, type Custard } from '../../../filling/custard';
import { tasterOf, type Taster } from '../../../filling/taster';
import { ingredientNamed } from '../../../ingredients/named';
import { spiceSlips, type SpiceSlip } from '../../../ingredients/spices';
import { ingredientOf } from '../../../ingredients/table';
import { fillingKinds, type FillType } from '../../../oven/tables';
import { workBand } from '../../coldLine/band';
import { remember } from '../../memo';
import { dishMl } from '../cut/dishMl';
import type { CutPlan } from '../cut/station';
import type { DoughPlan } from '../dough/station';
import { partsOfFilling, type FillingPart } from './part';
import { panCm, potOfFilling } from './pot';
import { sauceOf, type Sauce } from './sauce';
import type { Pot } from '../../../filling/pot';

/** What a filling cools in: how many of it, its radius and how deep the filling lies. */
export interface CoolingVessel {
  kind: 'pot' | 'trays';
  count: number;
  radiusMm: number;
  depthMm: number;
}

/** Salt a filling is seasoned to, % of it, and so much more where it is eaten cold (estimates). */
const saltAimPct = { from: 0.9, to: 1.2 } as const;
const coldSaltMultiple = 1.15;

/** The numbers of a filling that other rooms use. */
export interface FillingResult {
  /** Eaten without more cooking it would be raw. */
  raw: boolean;
  totalG: number;
  eachG: number;
  eachMl: number;
  /** g/ml. */
  density: number;
  saltG: number;
  /** What goes in, as the cook listed it. */
  parts: FillingPart[];
  /** All of the list as it is when it is ready, g; null while it is not known what goes in. */
  finishedG: number | null;
  /** The most that can be pressed into one, g. */
  overfullG: number;
  /** What of the finished filling does not go into the pieces as full as they are wanted, g; negative where it is too little. */
  spareG: number;
  /** Salt that comes with what goes in, g, and all salt against the finished filling, %; what it may be. */
  saltWithinG: number;
  saltAllPct: number | null;
  saltAim: { from: number; to: number };
  /** Capacity of the dish to the brim, ml; 0 without one. */
  dishMl: number;
  /** Minutes from the heat until it is cold enough to fill; 0 for a filling kept cold, null when it never is. */
  coolMinutes: number | null;
  /** It comes off the heat warmer than it may be filled at. */
  warm: boolean;
  curve: { minutes: number[]; temperatureC: number[] };
  cooling: FillingCooling | null;
  /** The air it cools in, °C. */
  airC: number;
  /** Hottest it may be filled at, °C, and what says so; null where no fat can suffer. */
  fillAtC: number;
  hottest: ReturnType<typeof maxFillingTemperature> | null;
  vessel: CoolingVessel;
  /** It goes in hot: minutes until the fat over it, and under it, is soft; null where it is filled cold. */
  hot: { lidMin: number | null; baseMin: number | null } | null;
  /** Its sauce, where it is one and what is poured in is listed. */
  sauce: Sauce | null;
  /** One pot and the order things go into it; null where nothing is cooked, or it is made already. */
  pot: Pot | null;
  /** How a filling holds together that is no sauce; null where it lies in pieces. */
  firmness: Firmness | null;
  /** By how much its line is lower after the bake, % of its height: what went in raw has shrunk. */
  sinksPct: number;
  /** Fat of the raw meat that goes in, %: how juicy it eats; null where none does. */
  meatFatPct: number | null;
  /** The largest dice that tear no crust here, mm, and whether those wanted would. */
  dice: { tear: boolean; maxMm: number };
  /** Liquid that just covers what is in the pot, g in all, and the pot, cm across; null where nothing is poured, or it is not cooked. */
  cover: { grams: number; potCm: number } | null;
  /** Its juice and what binds it, where raw fruit is what it is. */
  fruit: FruitBalance | null;
  /** How it sets, where it is set by egg and its egg and liquid are listed; else null. */
  custard: Custard | null;
  /** Strong spices of which more is listed than anyone eats. */
  spiceSlips: SpiceSlip[];
  /** What is taken to taste it by, before it is filled; null where there is nothing to season. */
  taster: Taster | null;
}

const sweet: ReadonlySet<FillType> = new Set<FillType>([
  'apple_raw',
  'berry_raw',
  'fruit_cooked',
  'mincemeat_sweet',
  'roll_jam',
  'roll_fruit',
]);
export const isSweet = (type: FillType): boolean => sweet.has(type);

/** Effective convection in a cooling filling (estimates): thin sauces stir themselves, dense ones do not. */
const conductivityMultiple: Partial<Record<FillType, number>> = {
  stew_runny: 8,
  stew_thick: 3,
  chicken_cream: 3,
  fruit_cooked: 3,
};
const potRadiusMm = 110;
/** A tray holds this many times what the foot of a pot does, at most this deep (estimates). */
const trayAreas = 2.2;
const trayDepthMm = 25;
const restAtRoomMin = 20;
export const longestCoolingMin = 720;
/** No filling is put in warmer than this, °C; under a lid only it may be warmer (estimates). */
const fillAtMostC = { inPastry: 21, underLid: 40 } as const;

/** How warm a filling comes, °C: off the heat, as it is kept, or as it lies where it is made already. */
export const comesAtC = ({ filling }: ItemInput): number =>
  filling.have ? Math.max(filling.have.atC, thawedC) : filling.cookedC;
/** What came from the freezer is thawed in the fridge, °C (estimate). */
const thawedC = 2;

/** Grams of filling, and how long it has to cool before it may meet the dough. */
export function fillingResult(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, dough: DoughPlan): FillingResult {
  const { filling } = item;
  const kind = fillingKinds[filling.type];
  const density = kind.density / 1000;
  const eachMl = cut.comfortableMl * (filling.fullnessPct / 100);
  const eachG = eachMl * density;
  const totalG = eachG * cut.pieces;
  const spec = {
    items: [{ name: sweet.has(filling.type) ? 'fruitFilling' : 'meatFilling', mass: 1 }],
    conductivityMultiple: conductivityMultiple[filling.type] ?? 1,
  } satisfies MaterialSpec;
  const stirred = filling.coolAt === 'iceBath' ? { ...spec, conductivityMultiple: stirredMultiple } : spec;
  // trays do not stand in a bath
  const coolIn = filling.coolAt === 'iceBath' ? 'pot' : filling.coolIn;
  const vessel = coolingVessel(coolIn, (totalG / density) * 1000);
  const hottest = hottestAt(item, kitchen, cut, dough, { spec, eachMl });
  const hot = filledHot(item, kitchen, cut, dough);
  const fillAtC = hot ? comesAtC(item) : Math.min(hottest?.maxC ?? fillAtMostC.inPastry, coolToAtMostC(item));
  const warm = comesAtC(item) > fillAtC;
  const { cooling, airC } = warm
    ? cooled(item, kitchen, stirred, vessel)
    : { cooling: null, airC: coolingAir(item, kitchen).airC };
  const coolMinutes = cooling ? crossing(cooling.line, fillAtC) : 0;
  const listed = partsOfFilling(filling, totalG, cut.pieces);
  const sauce = sauceOf(item, listed);
  const fruit = fruitOf(filling, listed);
  const ready = finishedOf(listed, sauce, totalG);
  const finishedG = ready === null ? null : ready - (fruit?.keptOutG ?? 0);
  const parts = shared(listed, finishedG, totalG, cut.pieces);
  const apart = parts.reduce((sum, p) => sum + (p.inPieG * (p.saltPct - filling.saltPct)) / 100, 0);
  const saltG = (totalG * filling.saltPct) / 100 + apart;
  const saltWithinG = parts.reduce((sum, p) => sum + p.grams * saltOf(ingredientNamed(p.name) ?? ''), 0);
  const aimed = filling.eatenCold ? coldSaltMultiple : 1;
  const raw = kind.raw || parts.some(isRawMeat);
  return {
    raw,
    totalG,
    eachG,
    eachMl,
    density,
    saltG,
    parts,
    finishedG,
    overfullG: cut.overfullMl * density,
    spareG: finishedG === null ? 0 : finishedG - totalG,
    saltWithinG,
    saltAllPct: finishedG ? (100 * (saltG + saltWithinG)) / finishedG : null,
    saltAim: { from: saltAimPct.from * aimed, to: saltAimPct.to * aimed },
    dishMl: dishMl(item),
    coolMinutes,
    warm,
    curve: cooling
      ? thinned(cooling.line, Math.min(longestCoolingMin, Math.max(60, (coolMinutes ?? longestCoolingMin) * 1.6)))
      : { minutes: [], temperatureC: [] },
    cooling,
    airC,
    fillAtC,
    hottest,
    vessel,
    hot,
    sauce,
    fruit,
    pot: filling.have ? null : potOfFilling(filling, listed),
    firmness: sauce || fruit || filling.layered ? null : firmnessOf(parts.map(known)),
    sinksPct: sinksPct(parts),
    meatFatPct: meatFatPct(parts),
    dice: diceRule({
      diceMm: filling.diceMm,
      depthMm: Math.max(3, Math.min(150, (eachMl * 1000) / Math.max(1, cut.planAreaMm2))),
      crustMm: Math.max(0.3, Math.min(25, cut.rolled.thicknessMm)),
    }),
    cover: coverOf(filling, parts),
    custard: filling.type === 'custard' ? custardOf(parts) : null,
    spiceSlips: spiceSlips(parts.map(known), finishedG ?? totalG),
    taster:
      filling.have || filling.layered || isSweet(filling.type) ? null : tasterOf(totalG, raw || parts.some(isRawEgg)),
  };
}

const known = (p: FillingPart) => ({ ...p, ingredient: ingredientNamed(p.name) });

/** Raw parts lose in the oven what they would have lost in the pan (the same yields; an estimate). */
function sinksPct(parts: readonly FillingPart[]): number {
  const all = parts.reduce((sum, p) => sum + p.inPieG, 0);
  const lost = parts.reduce((sum, p) => {
    const pct = goesInRaw.has(p.preparation) ? (usualYield(ingredientNamed(p.name) ?? '')?.cookPct ?? 0) : 0;
    return sum + (p.inPieG * Math.max(0, pct)) / 100;
  }, 0);
  return all > 0 ? (100 * lost) / all : 0;
}

function meatFatPct(parts: readonly FillingPart[]): number | null {
  const meat = parts.filter((p) => isRawMeat(p) && ingredientOf(ingredientNamed(p.name) ?? '')?.group === 'meat');
  const all = meat.reduce((sum, p) => sum + p.trimmedG, 0);
  const fat = meat.reduce((sum, p) => sum + p.trimmedG * (usualYield(ingredientNamed(p.name) ?? '')?.fatPct ?? 0), 0);
  return all > 0 ? Math.min(60, fat / all) : null;
}

function coverOf({ cookMinutes, diceMm }: ItemInput['filling'], parts: FillingResult['parts']): FillingResult['cover'] {
  const grams = cookMinutes > 0 ? enoughToCoverG(parts, panCm, diceMm) : null;
  return grams === null ? null : { grams, potCm: panCm };
}

/** Fillings of raw fruit, whose juice runs in the oven. */
const ofRawFruit: ReadonlySet<FillType> = new Set<FillType>(['apple_raw', 'berry_raw', 'roll_fruit']);

function fruitOf(filling: ItemInput['filling'], parts: readonly FillingPart[]): FruitBalance | null {
  if (!ofRawFruit.has(filling.type)) return null;
  const known = parts.map((p) => ({ ...p, id: ingredientNamed(p.name) ?? '' }));
  return fruitBalance({
    fruit: known.filter((p) => isFruit(p.id)).map((p) => ({ ingredient: p.id, grams: p.trimmedG })),
    sugarG: known.filter((p) => ingredientOf(p.id)?.group === 'sweet').reduce((sum, p) => sum + p.grams, 0),
    binders: known.flatMap((p) => {
      const kind = bindsAs(p.id);
      return kind ? [{ kind, grams: p.grams }] : [];
    }),
    wanted: filling.body ?? 'holds a trail',
    boiledTo: filling.juiceTo,
  });
}

/** Meat or fish that goes into the pastry uncooked, whatever the rest is. */
const isRawMeat = ({ name, preparation }: FillingPart): boolean =>
  ['raw', 'minced', 'marinated'].includes(preparation) &&
  ['meat', 'fish'].includes(ingredientOf(ingredientNamed(name) ?? '')?.group ?? '');

/** Egg that nothing was done to: what it is stirred into is not tasted as it is. */
const isRawEgg = ({ name, preparation }: FillingPart): boolean =>
  ['raw', 'asItIs'].includes(preparation) && ingredientOf(ingredientNamed(name) ?? '')?.group === 'egg';

/** Salt of an ingredient as it is bought, by its share. */
const saltOf = (id: string): number => {
  const own = ingredientOf(id)?.composition.salt ?? 0;
  return own > 0 ? own : (usualYield(id)?.saltPct ?? 0) / 100;
};

/** All of the list when it is ready, g: its solids as they are then, and a sauce less what went in steam. Null where the list says too little. */
function finishedOf(parts: readonly FillingPart[], sauce: Sauce | null, totalG: number): number | null {
  if (parts.reduce((sum, p) => sum + p.grams, 0) < leastListed * totalG) return null;
  const solids = parts.filter((p) => !sauce || !isPoured(ingredientNamed(p.name) ?? ''));
  return solids.reduce((sum, p) => sum + p.inPieG, 0) + (sauce?.liquidG ?? 0);
}
/** Finished grams for each 100 g of pie, where so much is made at once; null where the list says too little. */
export function finishedPer100(filling: ItemInput['filling'], totalG: number): number | null {
  const parts = partsOfFilling(filling, totalG, 1);
  const finished = finishedOf(parts, sauceOf({ filling }, parts), totalG);
  return finished === null ? null : (100 * finished) / totalG;
}
/** A list that comes to less than this of the filling is not all of it. */
const leastListed = 0.5;

/** What of each part goes into one piece, where all of it would be more than they hold. */
const shared = (
  parts: readonly FillingPart[],
  finishedG: number | null,
  totalG: number,
  pieces: number,
): FillingPart[] => {
  const share = finishedG === null ? 1 : Math.min(1, totalG / finishedG);
  return parts.map((p) => ({ ...p, eachG: (share * p.inPieG) / Math.max(1, pieces) }));
};

/** Liquids an egg sets. */
const setByEgg = new Set(['dairy', 'liquid']);

function custardOf(parts: FillingResult['parts']): Custard | null {
  const sum = { eggG: 0, yolkG: 0, liquidG: 0, cheeseG: 0, starchG: 0 };
  for (const { name, grams } of parts) {
    const id = ingredientNamed(name);
    const group = ingredientOf(id ?? '')?.group;
    if (id === 'yolk') sum.yolkG += grams;
    else if (group === 'egg') sum.eggG += grams;
    else if (group === 'cheese') sum.cheeseG += grams;
    else if (group === 'starch' || group === 'flour') sum.starchG += grams;
    else if (group && setByEgg.has(group)) sum.liquidG += grams;
  }
  return custardSet(sum);
}

/** Room between a filling and a lid laid over a dish, mm. */
const underLidMm = 6;

/** No filling meets its pastry warmer than this where it is cooled first, °C. */
const coolToAtMostC = ({ product }: ItemInput): number =>
  product === 'potPies' ? fillAtMostC.underLid : fillAtMostC.inPastry;

/** Whether a filling may go in hot: it is, and a dish holds it. What is folded by hand cannot be closed over it. */
export const mayGoInHot = (item: ItemInput): boolean =>
  comesAtC(item) > coolToAtMostC(item) && (item.product === 'potPies' || item.product === 'dishPie');

/** What a filling that goes in hot does to the fat around it; null where it goes in cold. */
function filledHot(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, dough: DoughPlan): FillingResult['hot'] {
  if (!item.filling.filledHot || !mayGoInHot(item)) return null;
  const { pastry, fat } = item.dough;
  const band = workBand(pastry, fat);
  if (!band) return { lidMin: null, baseMin: null };
  const minutes = (gapMm: number | null) =>
    minutesOverHot({
      pastry: material(dough.spec),
      thicknessM: cut.rolled.thicknessMm / 1000,
      startC: kitchen.fridgeC + 2,
      limitC: band.soft,
      fillingC: comesAtC(item),
      gapMm,
      roomC: kitchen.roomC,
    });
  return {
    lidMin: minutes(underLidMm),
    baseMin: item.product === 'potPies' ? null : minutes(null),
  };
}

/** A pot, or as many trays as keep it shallow. */
function coolingVessel(kind: CoolingVessel['kind'], volumeMm3: number): CoolingVessel {
  const area = Math.PI * potRadiusMm * potRadiusMm;
  if (kind === 'pot') return { kind, count: 1, radiusMm: potRadiusMm, depthMm: Math.max(10, volumeMm3 / area) };
  const count = Math.max(1, Math.ceil(volumeMm3 / (area * trayAreas) / trayDepthMm));
  const depthMm = Math.max(8, Math.min(trayDepthMm, volumeMm3 / (count * area * trayAreas)));
  return { kind, count, radiusMm: potRadiusMm * Math.sqrt(trayAreas), depthMm };
}

/** How warm a filling may meet this dough before its fat suffers; null for leaves and for fat that does not set. */
function hottestAt(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  dough: DoughPlan,
  filling: { spec: MaterialSpec; eachMl: number },
): FillingResult['hottest'] {
  const { fat, pastry } = item.dough;
  const band = workBand(pastry, fat);
  if (pastry === 'filo' || !band) return null;
  const depthM = Math.max(0.005, (filling.eachMl * 1000) / cut.planAreaMm2 / 1000);
  const pastryC = band.low ?? kitchen.fridgeC;
  return remember(['hottest', filling.spec, depthM, dough.spec, cut.rolled.thicknessMm, pastryC, fat], () =>
    maxFillingTemperature({
      filling: material(filling.spec),
      fillingThicknessM: depthM,
      pastry: material(dough.spec),
      pastryThicknessM: cut.rolled.thicknessMm / 1000,
      pastryC,
      fat,
    }),
  );
}

/** Ice and water, stirred, °C. */
const iceWaterC = 0.5;
/** Stirred every few minutes a filling carries its heat so many times as well as at rest (cold.md 7, estimate). */
const stirredMultiple = 50;
/** From the hob into the bath, min. */
const intoTheBathMin = 5;

function coolingAir(item: ItemInput, kitchen: KitchenInput) {
  switch (item.filling.coolAt) {
    case 'room':
      return { airC: kitchen.roomC, name: 'room' as const };
    case 'porch':
      return { airC: kitchen.porchC, name: 'fridge' as const };
    case 'fridge':
      return { airC: kitchen.fridgeC, name: kitchen.fridgeKind };
    case 'iceBath':
      return { airC: iceWaterC, name: 'iceBathStirred' as const };
  }
}

/** The filling off the heat: a while at room, then where it cools. */
function cooled(item: ItemInput, kitchen: KitchenInput, spec: MaterialSpec, vessel: CoolingVessel) {
  const place = item.filling.coolAt;
  const bath = place === 'iceBath';
  const { airC, name } = coolingAir(item, kitchen);
  const { roomC, humidityPct, fridgeFactor } = kitchen;
  const key = ['cooling', spec, vessel, comesAtC(item), place, airC, roomC, humidityPct, fridgeFactor];
  const cooling = remember(key, () =>
    coolFilling({
      material: material(spec),
      shape: { kind: 'pot', radiusM: vessel.radiusMm / 1000, thicknessM: vessel.depthMm / 1000 },
      startC: comesAtC(item),
      metric: 'warmest',
      cells: { nx: 6, nz: 8 },
      toleranceK: 0.25,
      phases: [
        {
          minutes: bath ? intoTheBathMin : restAtRoomMin,
          around: environment('room', { airC: roomC, vessel: true, humidity: humidityPct / 100 }),
        },
        {
          minutes: longestCoolingMin,
          around: bath
            ? environment(name, { airC, roomC, humidity: humidityPct / 100 })
            : environment(name, {
                airC,
                vessel: true,
                humidity: 0.8,
                coefficientMultiple: place === 'fridge' ? fridgeFactor : 1,
              }),
        },
      ],
    }),
  );
  return { cooling, airC };
}

function crossing(line: { minutes: number[]; temperatureC: number[] }, limit: number): number | null {
  for (let i = 1; i < line.minutes.length; i++) {
    const [a, b] = [line.temperatureC[i - 1], line.temperatureC[i]];
    if (b > limit) continue;
    const [t0, t1] = [line.minutes[i - 1], line.minutes[i]];
    return a > b ? t0 + ((t1 - t0) * (a - limit)) / (a - b) : t1;
  }
  return null;
}

function thinned(
  line: { minutes: number[]; temperatureC: number[] },
  end: number,
): { minutes: number[]; temperatureC: number[] } {
  const minutes: number[] = [];
  const temperatureC: number[] = [];
  let next = 0;
  line.minutes.forEach((m, i) => {
    if (m > end || (m < next && i > 0)) return;
    minutes.push(m);
    temperatureC.push(line.temperatureC[i]);
    next = m + end / 60;
  });
  return { minutes, temperatureC };
}
