import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { colourLevel } from '../../../oven/tables';
import { figure, type Figure } from '../../figure';
import { heatsOf, heatsWord } from './programme';
import type { OvenResult } from './result';

export type OvenFigures = Record<
  'bake' | 'core' | 'base' | 'colour' | 'look' | 'blind' | 'preheat' | 'stand' | 'under',
  Figure
>;

/** What the Oven shows, each with its reason. */
export function ovenFigures(item: ItemInput, kitchen: KitchenInput, raw: boolean, r: OvenResult): OvenFigures {
  const { bake, spec } = r;
  const own = item.oven.ownMin ?? null;
  const at = r.out;
  return {
    bake: figure(
      r.minutes,
      'min',
      own === null ? 'oven.bake' : 'oven.ownBake',
      {
        ours: bake.proposed ?? 0,
        low: bake.rangeMin?.[0] ?? 0,
        high: bake.rangeMin?.[1] ?? 0,
        heats: heatsWord(heatsOf(item.oven)),
        binds: bake.binds,
        uncertainty: bake.uncertaintyPct,
        mode: item.oven.mode,
        bakes: kitchen.bakeRatios.length,
      },
      kitchen.bakeRatios.length ? 'learnt' : 'estimate',
      'oven.plan',
      own === null ? (bake.rangeMin ?? undefined) : undefined,
    ),
    core: figure(
      at?.coreC ?? null,
      '°C',
      'oven.core',
      { target: r.targetC, safe: bake.safeMin ?? 0, raw: raw ? 1 : 0 },
      'estimate',
      'oven.bake',
    ),
    base: figure(
      at?.baseC ?? null,
      '°C',
      spec.base ? 'oven.base' : 'oven.noBase',
      {
        dryness: (at?.baseDryness ?? 0) * 100,
        set: bake.times.baseSet ?? 0,
        dry: bake.times.baseDry ?? 0,
        support: item.oven.support,
      },
      'estimate',
      'oven.bake',
    ),
    colour: spec.top
      ? figure(
          at?.surfaceC ?? null,
          '°C',
          'oven.colour',
          { level: (at && colourLevel(at.browning)) ?? 'pale', golden: bake.times.golden ?? 0, wash: item.seal.wash },
          'estimate',
          'oven.bake',
        )
      : figure(null, '°C', 'oven.noLid', {}, 'exact', 'oven.bake'),
    ...roundTheBake(item, r),
  };
}

/** When to look, and what goes before the bake and after it. */
function roundTheBake(
  item: ItemInput,
  r: OvenResult,
): Pick<OvenFigures, 'look' | 'blind' | 'stand' | 'under' | 'preheat'> {
  const { bake, spec } = r;
  return {
    look: figure(
      bake.lookAt,
      'min',
      spec.top ? 'oven.look' : 'oven.lookOpen',
      { golden: bake.times.golden ?? 0, latest: bake.latest ?? 0, target: r.targetC },
      'estimate',
      'oven.plan',
    ),
    blind: figure(
      r.blind ? r.blind.dryness * 100 : null,
      '%',
      'oven.blind',
      r.blind ? { set: r.blind.setMin ?? 0, dry: r.blind.dryMin ?? 0, left: r.blind.waterLeft * 100 } : {},
      'estimate',
      'oven.blind',
    ),
    stand: figure(
      item.clock.standMinutes,
      'min',
      'oven.stand',
      {
        rule: r.stand.rule,
        low: r.stand.lowMin,
        high: r.stand.highMin,
        mouth: r.after?.mouthMin ?? 0,
        hot: r.after?.hotUntilMin ?? 0,
        sweats: r.after?.sweatsMin ?? 0,
      },
      'estimate',
      'usual guidance; cooling of one body',
    ),
    under: figure(
      r.trays,
      '',
      'oven.under',
      { under: item.oven.under ?? 'paper', trays: r.onTrays.join(' and ') },
      'estimate',
      'oven.bake',
    ),
    preheat: figure(
      r.preheatMin,
      'min',
      'oven.preheat',
      { setC: item.oven.setC, support: item.oven.support },
      'estimate',
      'oven.preheat',
    ),
  };
}
