import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { fillingKinds } from '../../../oven/tables';
import { crimps, sealStrength, ventArea, vents, type VentNeed } from '../../../sealing/seals';
import { areCups } from '../../steps/cups';
import { benchMinutes } from '../../steps/minutes';
import type { CutPlan } from '../cut/station';
import type { FillingPlan } from '../filling/station';
import type { OvenPlan } from '../oven/station';

/** How a pie is closed: a seam round it, a lid on a pot's rim, strips, leaves tucked under, or not at all. */
export const closings = ['seam', 'lid', 'lattice', 'laps', 'open'] as const;
export type Closing = (typeof closings)[number];

export interface Tick {
  code:
    | 'tick.fillingCold'
    | 'tick.ovenHot'
    | 'tick.rimBare'
    | 'tick.glued'
    | 'tick.airOut'
    | 'tick.rawApart'
    | 'tick.herbs';
  values: Record<string, number | string>;
}

/** The numbers of the Seal that other rooms use. */
export interface SealResult {
  closing: Closing;
  /** Steam against vents, and the chance of a leak; null where nothing holds the steam. */
  need: VentNeed | null;
  /** Open for steam, of one pie, mm². */
  ventMm2: number;
  strength: number;
  /** Seam of one pie, mm, and the pinches it takes. */
  seamMm: number;
  pinches: number;
  /** Of all pies: what is brushed with wash, mm², and the seam that is glued, mm. */
  washMm2: number;
  gluedMm: number;
  /** Conditions that must stand before it is closed; each is pressed when it does. */
  ticks: Tick[];
  benchMin: number;
}

export const closingOf = (item: ItemInput): Closing => {
  if (item.dough.pastry === 'filo') return 'laps';
  if (item.product === 'potPies') return 'lid';
  if (item.product === 'dishPie' && item.cut.lid === 'none') return 'open';
  if (item.product === 'handPies' && item.cut.pieceKind === 'plait') return 'lattice';
  return item.product === 'dishPie' && item.cut.lid === 'lattice' ? 'lattice' : 'seam';
};

/** Bench minutes of filling and closing all pies. */
export function closingMinutes(item: ItemInput, kitchen: KitchenInput, pieces: number): number {
  if (item.product === 'handPies' && item.dough.pastry === 'filo')
    return benchMinutes.closeInAStrip * kitchen.pace * pieces;
  if (item.product === 'handPies') {
    const slower = 0.7 + 0.3 * (crimps[item.seal.crimp].minutesPerMetre / crimps.rope.minutesPerMetre);
    return benchMinutes.fillAPiece * slower * kitchen.pace * pieces;
  }
  const each = {
    lid: benchMinutes.lidAPot,
    open: benchMinutes.fillADish,
    lattice: benchMinutes.latticeADish,
    seam: areCups(item, pieces) ? benchMinutes.lidACup : benchMinutes.lidADish,
    laps: benchMinutes.lidADish,
  }[closingOf(item)];
  return each * kitchen.pace * pieces;
}

/** Seam, strength, vents against steam, wash, and the conditions before closing. */
export function sealResult(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  filling: Pick<FillingPlan, 'fillAtC' | 'raw' | 'hot'>,
  oven: OvenPlan,
): SealResult {
  const { seal } = item;
  const closing = closingOf(item);
  const open = closing === 'open';
  const strength = sealStrength(seal.glue, seal.crimp);
  const ventMm2 =
    closing === 'lattice'
      ? ventArea({ kind: 'lattice', openShare: cut.openShare, areaMm2: cut.planAreaMm2 })
      : open
        ? cut.planAreaMm2
        : ventArea({ kind: 'slits', n: seal.slits, lengthMm: seal.slitMm });
  const need = open
    ? null
    : vents({
        areaM2: Math.max(1e-6, cut.planAreaMm2 / 1e6),
        wet: fillingKinds[item.filling.type].wet,
        steamMaxGMin: oven.bake.steamMaxGMin * shareOfBaked(cut, oven),
        ventMm2: Math.min(1e6, ventMm2),
        sealStrength: strength,
        fillRatio: item.filling.fullnessPct / 100,
        boilBeforeEndMin: oven.bake.boilMin,
      });
  const glues = closing !== 'laps' && closing !== 'open';
  return {
    closing,
    need,
    ventMm2,
    strength,
    seamMm: cut.seamMm,
    pinches: Math.round(cut.seamMm / crimps[seal.crimp].pitchMm),
    // an open pie is brushed along its rim only
    washMm2: cut.pieces * (open ? cut.seamMm * seal.rimMm : cut.planAreaMm2 * (1 - cut.openShare)),
    gluedMm: glues ? cut.seamMm * cut.pieces : 0,
    ticks: ticksOf(item, closing, filling),
    benchMin: closingMinutes(item, kitchen, cut.pieces),
  };
}

/** A slice's share of the ring it is baked in. */
function shareOfBaked(cut: CutPlan, { spec: { shape } }: OvenPlan): number {
  if (!cut.rings || shape.kind !== 'rect') return 1;
  return Math.min(1, cut.planAreaMm2 / (shape.wMm * shape.lMm));
}

function ticksOf(item: ItemInput, closing: Closing, filling: Pick<FillingPlan, 'fillAtC' | 'raw' | 'hot'>): Tick[] {
  const { seal } = item;
  const glued = closing !== 'laps' && closing !== 'open';
  return [
    filling.hot
      ? { code: 'tick.ovenHot', values: { lidMin: filling.hot.lidMin ?? -1 } }
      : { code: 'tick.fillingCold', values: { atC: filling.fillAtC } },
    ...(glued ? [{ code: 'tick.rimBare' as const, values: { rimMm: seal.rimMm } }] : []),
    ...(glued && seal.glue !== 'none' ? [{ code: 'tick.glued' as const, values: { glue: seal.glue } }] : []),
    ...(closing === 'open' || closing === 'lattice' ? [] : [{ code: 'tick.airOut' as const, values: {} }]),
    ...(filling.raw ? [{ code: 'tick.rawApart' as const, values: {} }] : []),
    { code: 'tick.herbs', values: {} },
  ];
}
