import { environment } from '../../../cold/environments';
import { coolFilling, maxFillingTemperature, type FillingCooling } from '../../../cold/fillingCooling';
import { material } from '../../../cold/material';
import { fillingKinds, type FillType } from '../../../oven/tables';
import { workBand } from '../../coldLine/band';
import type { CutPlan } from '../cut/result';
import { dishMl } from '../cut/cut';
import type { DoughPlan } from '../dough/result';
import { figure, type Figure } from '../../figure';
import type { ItemInput } from '../../../contracts/item';
import type { Problem } from '../../problem';
import type { KitchenInput } from '../../../contracts/kitchen';
import { remember } from '../../memo';

export interface FillingPlan {
  figures: Record<'total' | 'each' | 'salt' | 'hottest' | 'cool', Figure>;
  problems: Problem[];
  raw: boolean;
  totalG: number;
  eachG: number;
  eachMl: number;
  /** Minutes from the heat until it is cold enough to fill, and the curve; zero for a raw filling kept cold. */
  coolMinutes: number | null;
  curve: { minutes: number[]; temperatureC: number[] };
  cooling: FillingCooling | null;
  fillAtC: number;
  vessel: { kind: 'pot' | 'trays'; count: number; radiusMm: number; depthMm: number };
}

const sweet = new Set<FillType>([
  'apple_raw',
  'berry_raw',
  'fruit_cooked',
  'mincemeat_sweet',
  'roll_jam',
  'roll_fruit',
]);
/** Effective convection in a cooling filling (estimates): thin sauces stir themselves, dense ones do not. */
const conductivityMultiple: Partial<Record<FillType, number>> = {
  stew_runny: 8,
  stew_thick: 3,
  chicken_cream: 3,
  fruit_cooked: 3,
};
const potRadiusMm = 110;
const trayDepthMm = 25;
const restAtRoomMin = 20;
const longestMin = 720;

/** Grams of filling, and how long it has to cool before it may meet the dough. */
export function planFilling(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, dough: DoughPlan): FillingPlan {
  const { filling } = item;
  const kind = fillingKinds[filling.type];
  const density = kind.density / 1000;
  const eachMl = cut.comfortableMl * (filling.fullnessPct / 100);
  const eachG = eachMl * density;
  const totalG = eachG * cut.pieces;
  const spec = {
    items: [{ name: sweet.has(filling.type) ? 'fruitFilling' : 'meatFilling', mass: 1 }],
    conductivityMultiple: conductivityMultiple[filling.type] ?? 1,
  };
  const radiusMm = potRadiusMm;
  const volumeMm3 = (totalG / density) * 1000;
  const trays = filling.coolIn === 'trays';
  const area = Math.PI * radiusMm * radiusMm;
  const count = trays ? Math.max(1, Math.ceil(volumeMm3 / (area * 2.2) / trayDepthMm)) : 1;
  const depthMm = trays
    ? Math.max(8, Math.min(trayDepthMm, volumeMm3 / (count * area * 2.2)))
    : Math.max(10, volumeMm3 / area);
  const vessel = { kind: filling.coolIn, count, radiusMm: trays ? radiusMm * Math.sqrt(2.2) : radiusMm, depthMm };
  const fat = item.dough.fat;
  const pastryC = workBand(item.dough.pastry, fat)?.low ?? kitchen.fridgeC;
  const depthOfFilling = Math.max(0.005, (eachMl * 1000) / cut.planAreaMm2 / 1000);
  const hottest =
    item.dough.pastry === 'filo' || !workBand(item.dough.pastry, fat)
      ? null
      : remember(['hottest', spec, depthOfFilling, dough.spec, cut.rolled.thicknessMm, pastryC, fat], () =>
          maxFillingTemperature({
            filling: material(spec),
            fillingThicknessM: depthOfFilling,
            pastry: material(dough.spec),
            pastryThicknessM: cut.rolled.thicknessMm / 1000,
            pastryC,
            fat,
          }),
        );
  const fillAtC = Math.min(hottest?.maxC ?? 21, item.product === 'potPies' ? 40 : 21);
  const problems: Problem[] = [];
  let cooling: FillingCooling | null = null;
  let coolMinutes: number | null = 0;
  const warm = filling.cookedC > fillAtC;
  if (warm) {
    const place = filling.coolAt;
    const [airC, name] =
      place === 'room'
        ? [kitchen.roomC, 'room' as const]
        : place === 'porch'
          ? [kitchen.porchC, 'fridge' as const]
          : [kitchen.fridgeC, kitchen.fridgeKind];
    const key = [
      'cooling',
      spec,
      vessel,
      filling.cookedC,
      place,
      airC,
      kitchen.roomC,
      kitchen.humidityPct,
      kitchen.fridgeFactor,
    ];
    cooling = remember(key, () =>
      coolFilling({
        material: material(spec),
        shape: { kind: 'pot', radiusM: vessel.radiusMm / 1000, thicknessM: depthMm / 1000 },
        startC: filling.cookedC,
        metric: 'warmest',
        cells: { nx: 6, nz: 8 },
        toleranceK: 0.25,
        phases: [
          {
            minutes: restAtRoomMin,
            around: environment('room', { airC: kitchen.roomC, vessel: true, humidity: kitchen.humidityPct / 100 }),
          },
          {
            minutes: longestMin,
            around: environment(name, {
              airC,
              vessel: true,
              humidity: 0.8,
              coefficientMultiple: place === 'fridge' ? kitchen.fridgeFactor : 1,
            }),
          },
        ],
      }),
    );
    coolMinutes = crossing(cooling.line, fillAtC);
    if (coolMinutes === null)
      problems.push({
        station: 'filling',
        code: 'neverCold',
        fields: ['filling.coolAt', 'filling.coolIn'],
        values: { fillAtC, airC, after: longestMin / 60 },
        weight: 'stop',
      });
    if (cooling.caution !== 'within')
      problems.push({
        station: 'filling',
        code: `cooling.${cooling.caution}`,
        fields: ['filling.coolIn', 'filling.coolAt'],
        values: { stage1: cooling.stage60to21Min ?? -1, stage2: cooling.stage21to5Min ?? -1 },
        weight: 'warn',
      });
  }
  if (filling.fullnessPct > 115)
    problems.push({
      station: 'filling',
      code: 'overfull',
      fields: ['filling.fullnessPct'],
      values: { pct: filling.fullnessPct },
      weight: 'warn',
    });
  return {
    figures: {
      total: figure(
        totalG,
        'g',
        'filling.total',
        { pieces: cut.pieces, each: eachG, ml: eachMl * cut.pieces, density },
        'estimate',
        'filling.volume',
      ),
      each: figure(
        eachG,
        'g',
        'filling.each',
        { ml: eachMl, pct: filling.fullnessPct, density, dishMl: dishMl(item), product: item.product },
        'estimate',
        'filling.volume',
      ),
      salt: figure(
        (totalG * filling.saltPct) / 100,
        'g',
        'filling.salt',
        { pct: filling.saltPct },
        'exact',
        'plan.item',
      ),
      hottest: figure(
        fillAtC,
        '°C',
        hottest ? 'filling.hottest' : 'filling.hottestPlain',
        {
          by: hottest?.limitedBy ?? 'none',
          fat,
          face: hottest?.byFaceC ?? 0,
          mean: hottest?.byMeanC ?? 0,
        },
        hottest ? 'physics' : 'estimate',
        'cold.hottestFilling',
      ),
      cool: figure(
        coolMinutes,
        'min',
        warm ? 'filling.cool' : 'filling.kept',
        { from: filling.cookedC, to: fillAtC, place: filling.coolAt, vessel: filling.coolIn, depthMm, count },
        'physics',
        'cold.coolFilling',
      ),
    },
    problems,
    raw: kind.raw,
    totalG,
    eachG,
    eachMl,
    coolMinutes,
    curve: cooling
      ? thinned(cooling.line, Math.min(longestMin, Math.max(60, (coolMinutes ?? longestMin) * 1.6)))
      : { minutes: [], temperatureC: [] },
    cooling,
    fillAtC,
    vessel,
  };
}

function crossing(line: { minutes: number[]; temperatureC: number[] }, limit: number): number | null {
  for (let i = 1; i < line.minutes.length; i++) {
    const [a, b] = [line.temperatureC[i - 1] as number, line.temperatureC[i] as number];
    if (b > limit) continue;
    const [t0, t1] = [line.minutes[i - 1] as number, line.minutes[i] as number];
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
    temperatureC.push(line.temperatureC[i] as number);
    next = m + end / 60;
  });
  return { minutes, temperatureC };
}
