import { crimps, sealStrength, ventArea, vents, type VentNeed } from '../../../sealing/seals';
import { fillingKinds, washFactors } from '../../../oven/tables';
import type { CutPlan } from '../cut/result';
import type { FillingPlan } from '../filling/result';
import type { OvenPlan } from '../oven/result';
import { figure, type Figure } from '../../figure';
import type { ItemInput } from '../../../contracts/item';
import type { Problem } from '../../problem';
import type { KitchenInput } from '../../../contracts/kitchen';
import { benchMinutes } from '../../steps/minutes';

export interface SealPlan {
  figures: Record<'pinches' | 'strength' | 'vents' | 'wash' | 'time', Figure>;
  problems: Problem[];
  need: VentNeed;
  ventMm2: number;
  strength: number;
  /** Conditions that must stand before a lid goes on; each is crimped when ticked. */
  ticks: { code: string; values: Record<string, number | string> }[];
  benchMin: number;
}

/** Bench minutes of filling and closing. */
export function closingMinutes(item: ItemInput, kitchen: KitchenInput, pieces: number): number {
  const each =
    item.product === 'handPies'
      ? benchMinutes.fillAPiece
      : item.product === 'potPies'
        ? benchMinutes.lidAPot
        : benchMinutes.lidADish;
  const slower =
    item.product === 'handPies'
      ? 0.7 + 0.3 * (crimps[item.seal.crimp].minutesPerMetre / crimps.rope.minutesPerMetre)
      : 1;
  return each * slower * kitchen.pace * (item.product === 'handPies' || item.product === 'potPies' ? pieces : 1);
}

/** Seam, strength, vents against steam, wash, and the conditions before closing. */
export function planSeal(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  filling: FillingPlan,
  oven: OvenPlan,
): SealPlan {
  const { seal } = item;
  const kind = fillingKinds[item.filling.type];
  const ventMm2 = ventArea({ kind: 'slits', n: seal.slits, lengthMm: seal.slitMm });
  const strength = sealStrength(seal.glue, seal.crimp);
  const areaM2 = Math.max(1e-6, cut.planAreaMm2 / 1e6);
  const need = vents({
    areaM2,
    wet: kind.wet,
    steamMaxGMin: oven.bake.steamMaxGMin,
    ventMm2,
    sealStrength: strength,
    fillRatio: item.filling.fullnessPct / 100,
    boilBeforeEndMin: oven.bake.boilMin,
  });
  const { pitchMm } = crimps[seal.crimp];
  const benchMin = closingMinutes(item, kitchen, cut.pieces);
  const filo = item.dough.pastry === 'filo';
  const problems: Problem[] = [];
  if (!filo && ventMm2 < 0.3 * need.needMm2)
    problems.push({
      station: 'seal',
      code: 'tooFewVents',
      fields: ['seal.slits', 'seal.slitMm'],
      values: { ventMm2, needMm2: need.needMm2 },
      weight: 'warn',
    });
  if (!filo && need.leak === 'high')
    problems.push({
      station: 'seal',
      code: 'leaks',
      fields: ['seal.glue', 'seal.crimp', 'filling.fullnessPct'],
      values: { index: need.leakIndex, strength },
      weight: 'warn',
    });
  return {
    figures: {
      pinches: figure(
        Math.round(cut.seamMm / pitchMm),
        '',
        filo ? 'seal.laps' : 'seal.pinches',
        { seamCm: cut.seamMm / 10, pitchMm, crimp: seal.crimp, pieces: cut.pieces },
        'exact',
        'cutting.piece',
      ),
      strength: figure(
        strength,
        '',
        'seal.strength',
        { glue: seal.glue, crimp: seal.crimp, leak: need.leak, index: need.leakIndex * 100 },
        'estimate',
        'sealing.strength',
      ),
      vents: figure(
        ventMm2,
        'mm²',
        filo ? 'seal.prick' : 'seal.vents',
        { n: seal.slits, length: seal.slitMm, need: need.needMm2, steam: need.steamDesignGMin },
        'estimate',
        'sealing.vents',
      ),
      wash: figure(
        oven.bake.times.golden,
        'min',
        'seal.wash',
        { wash: seal.wash, factor: washFactors[seal.wash] },
        'estimate',
        'oven.bake',
      ),
      time: figure(
        benchMin,
        'min',
        'seal.time',
        { pieces: cut.pieces, each: benchMin / Math.max(1, cut.pieces) },
        'estimate',
        'plan.item',
      ),
    },
    problems,
    need,
    ventMm2,
    strength,
    ticks: [
      { code: 'tick.fillingCold', values: { atC: filling.fillAtC } },
      ...(item.dough.pastry === 'filo' ? [] : [{ code: 'tick.rimBare', values: { rimMm: seal.rimMm } }]),
      ...(seal.glue === 'none' || item.dough.pastry === 'filo'
        ? []
        : [{ code: 'tick.glued', values: { glue: seal.glue } }]),
      { code: 'tick.airOut', values: {} },
      ...(filling.raw ? [{ code: 'tick.rawApart', values: {} }] : []),
      { code: 'tick.herbs', values: {} },
    ],
    benchMin,
  };
}
