import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { fillingKinds } from '../../../oven/tables';
import {
  sealStrength,
  ventArea,
  vents,
  layeredVentMultiple,
  crimps,
  fullRimMm,
  type VentNeed,
  type VentSpec,
} from '../../../sealing/seals';
import { secondCoatShare, washColours, washGramsPerM2, type WashColour } from '../../../sealing/wash';
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
    | 'tick.herbs'
    | 'tick.ringsOff'
    | 'tick.ovenOff'
    | 'tick.rawWashed'
    | 'tick.restCold'
    | 'tick.benchClear';
  values: Record<string, number | string>;
}

/** The numbers of the Seal that other rooms use. */
export interface SealResult {
  closing: Closing;
  /** Steam against vents, and the chance of a leak; null where nothing holds the steam. */
  need: VentNeed | null;
  /** Open for steam, of one pie, mm²; and what it wants: more in a lid of layers, which close over a cut. */
  ventMm2: number;
  wantedMm2: number;
  vent: VentSpec;
  strength: number;
  /** Seam of one pie, mm, and the pinches it takes. */
  seamMm: number;
  pinches: number;
  /** What one change of the seal would make of the chance of a leak, the best first; none where nothing can leak. */
  changes: SealChange[];
  /** Of all pies: what is brushed, mm², the same with every coat counted, and the seam that is glued, mm. */
  brushedMm2: number;
  washMm2: number;
  gluedMm: number;
  /** Wash for all coats of all pies, g. */
  washG: number;
  /** Colours that every wash would come to in this bake; none where nothing is brushed. */
  colours: WashColour[];
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
  const glues = closing !== 'laps' && closing !== 'open';
  const strength = sealStrength(seal.glue, seal.crimp, { rimMm: glues ? seal.rimMm : fullRimMm });
  const vent: VentSpec =
    closing === 'lattice'
      ? { kind: 'lattice', openShare: cut.openShare, areaMm2: cut.planAreaMm2 }
      : ventOf(item, cut.pieces);
  const ventMm2 = open ? cut.planAreaMm2 : ventArea(vent);
  const steam = {
    areaM2: Math.max(1e-6, cut.planAreaMm2 / 1e6),
    wet: fillingKinds[item.filling.type].wet,
    steamMaxGMin: oven.bake.steamMaxGMin * shareOfBaked(cut, oven),
    ventMm2: Math.min(1e6, ventMm2),
    sealStrength: strength,
    fillRatio: item.filling.fullnessPct / 100,
    boilBeforeEndMin: oven.bake.boilMin,
  };
  // leaves laid over one another let steam out between them
  const need = open || closing === 'laps' ? null : vents(steam);
  // an open pie is brushed along its rim only
  const brushedMm2 = cut.pieces * (open ? cut.seamMm * seal.rimMm : cut.planAreaMm2 * (1 - cut.openShare));
  const coats = seal.coats ?? 1;
  const washMm2 = brushedMm2 * (coats > 1 ? 1 + secondCoatShare : 1);
  // as it comes out: after the cook's own minutes where they set them
  const dose = oven.out?.browning;
  return {
    closing,
    need,
    ventMm2,
    vent,
    wantedMm2: (need?.needMm2 ?? 0) * (item.dough.pastry === 'roughPuff' ? layeredVentMultiple : 1),
    strength,
    changes: need ? sealChanges(item, closing, steam) : [],
    seamMm: cut.seamMm,
    pinches: Math.round(cut.seamMm / crimps[seal.crimp].pitchMm),
    brushedMm2,
    washMm2,
    washG: seal.wash === 'none' ? 0 : (washMm2 / 1e6) * washGramsPerM2,
    colours:
      dose === undefined || closing === 'open' ? [] : washColours(seal.wash, { dose, series: oven.bake.series }, coats),
    gluedMm: glues ? cut.seamMm * cut.pieces : 0,
    ticks: ticksOf(item, closing, filling),
    benchMin: closingMinutes(item, kitchen, cut.pieces),
  };
}

/** A hole of a small pie, and of a large one, mm across (estimates). */
const holeMm = { small: 5, large: 12 } as const;

/** How a lid is opened: as the cook says it. */
export function ventOf({ seal, product }: ItemInput, pieces: number): VentSpec {
  const kind = seal.vent ?? 'slits';
  if (kind === 'none') return { kind };
  if (kind === 'slits') return { kind, n: seal.slits, lengthMm: seal.slitMm };
  const dMm = seal.holeMm ?? (product === 'handPies' || pieces > 6 ? holeMm.small : holeMm.large);
  return { kind, n: kind === 'chimney' ? 1 : seal.slits, dMm };
}

type Steam = Parameters<typeof vents>[0] & { fillRatio: number };

/** One change of an input of the seal or the fill, and the chance of a leak it comes to. */
export interface SealChange {
  path: string;
  to: number | string;
  leakIndex: number;
}

/** Each thing that could be done otherwise, alone, and what it would make of the chance of a leak; only what helps. */
function sealChanges(item: ItemInput, closing: Closing, steam: Steam): SealChange[] {
  const { seal, filling } = item;
  const now = vents(steam).leakIndex;
  const kept = { rimMm: seal.rimMm };
  const tried: (SealChange | null)[] = [
    seal.glue !== 'egg' && changed('seal.glue', 'egg', { sealStrength: sealStrength('egg', seal.crimp, kept) }),
    seal.crimp !== 'rope' && changed('seal.crimp', 'rope', { sealStrength: sealStrength(seal.glue, 'rope', kept) }),
    seal.rimMm < fullRimMm &&
      changed('seal.rimMm', fullRimMm, { sealStrength: sealStrength(seal.glue, seal.crimp, { rimMm: fullRimMm }) }),
    (seal.vent ?? 'slits') === 'slits' &&
      closing !== 'lattice' &&
      seal.slits <= 10 &&
      changed('seal.slits', seal.slits + 2, {
        ventMm2: ventArea({ kind: 'slits', n: seal.slits + 2, lengthMm: seal.slitMm }),
      }),
    filling.fullnessPct > 90 && changed('filling.fullnessPct', 90, { fillRatio: 0.9 }),
  ].map((c) => c || null);
  function changed(path: string, to: number | string, by: Partial<Steam>): SealChange {
    return { path, to, leakIndex: vents({ ...steam, ...by }).leakIndex };
  }
  return tried
    .filter((c): c is SealChange => c !== null && c.leakIndex < now - leastGain)
    .sort((a, b) => a.leakIndex - b.leakIndex);
}
/** Less than this is no gain worth a press. */
const leastGain = 0.005;

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
