import type { ItemInput } from '../../../contracts/item';
import { figure, type Figure } from '../../figure';
import { comesAtC, type FillingResult } from './result';

export type FillingFigures = Record<'total' | 'each' | 'salt' | 'hottest' | 'cool' | 'custard' | 'body', Figure>;

/** What the Filling shows, each with its reason. */
export function fillingFigures(item: ItemInput, pieces: number, r: FillingResult): FillingFigures {
  const { filling, product } = item;
  const { density, hottest, vessel } = r;
  return {
    total: figure(
      r.totalG,
      'g',
      'filling.total',
      { pieces, each: r.eachG, ml: r.eachMl * pieces, density },
      'estimate',
      'filling.volume',
    ),
    each: figure(
      r.eachG,
      'g',
      'filling.each',
      { ml: r.eachMl, pct: filling.fullnessPct, density, dishMl: r.dishMl, product },
      'estimate',
      'filling.volume',
    ),
    salt: figure(r.saltG, 'g', 'filling.salt', { pct: filling.saltPct }, 'exact', 'plan.item'),
    hottest: figure(
      r.fillAtC,
      '°C',
      r.hot ? 'filling.hot' : hottest ? 'filling.hottest' : 'filling.hottestPlain',
      {
        lidMin: r.hot?.lidMin ?? -1,
        baseMin: r.hot?.baseMin ?? -1,
        by: hottest?.limitedBy ?? 'none',
        fat: item.dough.fat,
        face: hottest?.byFaceC ?? 0,
        mean: hottest?.byMeanC ?? 0,
      },
      hottest ? 'physics' : 'estimate',
      'cold.hottestFilling',
    ),
    cool: figure(
      r.coolMinutes,
      'min',
      r.hot ? 'filling.notCooled' : r.warm ? 'filling.cool' : 'filling.kept',
      {
        from: comesAtC(item),
        to: r.fillAtC,
        place: filling.coolAt,
        vessel: filling.coolIn,
        depthMm: vessel.depthMm,
        count: vessel.count,
      },
      'physics',
      'cold.coolFilling',
    ),
    body: figure(
      r.sauce?.flourPer100G ?? null,
      '%',
      'filling.body',
      r.sauce
        ? {
            body: r.sauce.inThePan,
            cold: r.sauce.cold,
            baked: r.sauce.baked,
            liquid: r.sauce.liquidG,
            wanted: r.sauce.wanted,
          }
        : {},
      'estimate',
      'filling.thickener',
    ),
    custard: figure(
      r.custard?.eggPer100G ?? null,
      'g',
      'filling.custard',
      r.custard ? { sets: r.custard.sets, weepsC: r.custard.weepsC } : {},
      'estimate',
      'filling.custard',
    ),
  };
}
