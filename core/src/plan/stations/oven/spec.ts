import type { Liking } from '../../../contracts/oven';
import type { CrustOfDough } from '../../../dough/crust';
import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { simulatorShape } from '../../../filling/fillVolume';
import { usualOtherMm } from '../../../filling/handPiece';
import type { BakeSpec, Beside } from '../../../oven/bakeInput';
import { fillingKinds } from '../../../oven/tables';
import { ovenOf } from '../../ovensOf';
import type { BlindBake, BlindSpec } from '../../../oven/blind';
import { dryAt } from '../../../oven/tables';
import type { CrustType } from '../../../oven/tables';
import { shapeSize } from '../../../cutting/shape';
import { vesselGeometry } from '../../../vessels/vessel';
import { leafMm } from '../cut/leaves';
import type { CutPlan } from '../cut/station';
import { comesAtC } from '../filling/result';
import type { FillingPlan } from '../filling/station';
import { blindOf, heatsOf, isOpen, isPoured } from './programme';

/** Room on a shelf of a home oven, and between what stands on it, mm: pies in the hand swell and steam (estimates). */
const shelfMm = [440, 360] as const;
const betweenMm = { dishes: 20, pieces: 40 } as const;

/** How many of so large a thing stand on one shelf, rows of them one way or the other. */
function onAShelf(long: number, wide: number, between: number): number {
  const beside = (room: number, mm: number) => Math.max(1, Math.floor((room + between) / (mm + between)));
  const rows = (a: number, b: number) => beside(shelfMm[0], a) * beside(shelfMm[1], b);
  return Math.max(rows(long, wide), rows(wide, long));
}

/** Trays an item takes, each a shelf of the oven, and the pies on each: as many as lie there by their size, spread evenly. */
export function onTrays(item: ItemInput, cut: CutPlan): number[] {
  const g = item.cut.vessel ? vesselGeometry(item.cut.vessel) : null;
  const hand = item.product === 'handPies';
  const half = hand && !cut.leaves && item.cut.pieceKind === 'halfmoon';
  const across = item.cut.cutterMm;
  const closed = half
    ? [across, across / 2]
    : cut.rings
      ? item.cut.pieceKind === 'plait'
        ? [item.cut.otherMm ?? usualOtherMm.plait, across / 2]
        : [across, across]
      : cut.closed
        ? shapeSize(cut.closed)
        : null;
  const most =
    hand && closed
      ? onAShelf(closed[0], closed[1], betweenMm.pieces)
      : g && !hand
        ? onAShelf(g.top.length, g.top.width, betweenMm.dishes)
        : cut.pieces;
  // rings are baked whole, and sliced after
  const whole = cut.rings ?? cut.pieces;
  const trays = Math.max(1, Math.ceil(whole / most));
  return Array.from({ length: trays }, (_, i) => Math.floor((whole + trays - 1 - i) / trays));
}

/** The bake simulator's view of an item: outline, crusts, filling, dish, load. */
export function bakeSpec(
  item: ItemInput,
  kitchen: KitchenInput,
  cut: CutPlan,
  crust: CrustOfDough | null,
  filling: FillingPlan,
  blind: BlindBake | null,
  company: InCompany | null,
): BakeSpec {
  const { oven } = item;
  const mine = ovenOf(item, kitchen);
  const kind: CrustType =
    item.dough.pastry === 'roughPuff' ? (item.folds.turns >= 3 ? 'puff' : 'flaky') : item.dough.pastry;
  const { leaves } = cut;
  const crustMm = (layers: number | undefined) =>
    Math.max(0.3, layers === undefined ? cut.rolled.thicknessMm : layers * brushedLeafMm(item));
  const { shape, depthMm } = outline(item, cut, filling);
  const coldC = startsAtC(item, kitchen);
  const own = crust ? { waterToDry: hundredth(crust.waterToDry) } : {};
  const lidOnly = item.product === 'potPies';
  const inDish = item.product !== 'handPies' && item.cut.vessel !== undefined && item.cut.vessel !== null;
  const pieces = Math.min(60, cut.pieces);
  return {
    shape,
    top: isOpen(item) ? null : { type: kind, tMm: crustMm(leaves?.over), ...own },
    base: lidOnly
      ? null
      : {
          type: kind,
          tMm: crustMm(leaves?.under),
          ...own,
          ...(blind
            ? { waterLeft: Math.max(driestBase, Math.min(1, blind.waterLeft)), sealed: blindOf(item)?.sealed }
            : {}),
        },
    filling: {
      type: item.filling.type,
      depthMm: Math.max(3, Math.min(150, depthMm)),
      startC:
        item.oven.from === 'freezer'
          ? coldC
          : comesAtC(item) > filling.fillAtC
            ? Math.min(filling.fillAtC, coldC + 4)
            : Math.max(-30, Math.min(95, comesAtC(item))),
      diceMm: item.filling.diceMm,
      ...setTarget(item, filling),
      ...(lidOnly ? { gapMm: 6 } : {}),
    },
    vessel: inDish ? { material: item.cut.vesselMaterial ?? 'tin' } : null,
    support: oven.support,
    ...(oven.under && oven.under !== 'paper' ? { under: oven.under } : {}),
    // a stone or steel is waited for until it is as hot as the oven
    ...(oven.support === 'stone' || oven.support === 'steel' ? { supportPreheated: true } : {}),
    ...loadOf(item, cut, pieces, company),
    ...(company?.beside.length ? { beside: company.beside } : {}),
    oven: {
      mode: oven.mode,
      steps: heatsOf(oven),
      rack: oven.rack,
      offsetC: mine.offsetC,
      heaterW: mine.heaterW,
      ...(mine.build ? { build: mine.build } : {}),
      ...(mine.build?.steams && oven.steamMin ? { steamMin: oven.steamMin } : {}),
      ...(kitchen.altitudeM ? { altitudeM: kitchen.altitudeM } : {}),
      ...(company?.doorsMin.length ? { doorOpenMin: company.doorsMin } : {}),
    },
    wash: item.seal.wash,
    ...(oven.liked ? { readyBrowning: likedBrowning[oven.liked] } : {}),
    ...(crust
      ? { sugarPct: Math.min(40, tenth(crust.sugarPct)), milkSolidsPct: Math.min(20, tenth(crust.milkSolidsPct)) }
      : {}),
    // a case baked and filled stands in the room, not in the cold
    crustStartC: blind && isOpen(item) ? kitchen.roomC : coldC,
    ...tentsOf(oven),
  };
}

/** Foil from a minute to another, or to the end; none where it would come off before it goes on. */
const tentsOf = ({ tentFromMin: from, tentToMin: to = longestBakeMin }: ItemInput['oven']): Pick<BakeSpec, 'tents'> =>
  from === undefined || to <= from ? {} : { tents: [[from, to]] };

/** What is in the oven with an item: the other things, when the door opens for them, and the shelves they take. */
export interface InCompany {
  beside: Beside[];
  doorsMin: number[];
  trays: number;
}

const mostTrays = 3;

/** Pieces and trays in the oven: an item's own, and the shelves of what is in with it. */
function loadOf(item: ItemInput, cut: CutPlan, pieces: number, company: InCompany | null): Pick<BakeSpec, 'load'> {
  const others = company?.trays ?? 0;
  const hand = item.product === 'handPies';
  const trays = Math.min(mostTrays, (hand ? onTrays(item, cut).length : 1) + others);
  if (hand) return { load: { pieces: cut.rings ?? pieces, trays } };
  if (pieces > 1) return { load: { pieces, ...(trays > 1 ? { trays } : {}) } };
  return trays > 1 ? { load: { trays } } : {};
}

/** So that a gram more in the bowl is no other bake. */
const hundredth = (x: number) => Math.round(x * 100) / 100;
const tenth = (x: number) => Math.round(x * 10) / 10;

/** Browning at which a lid is as the cook likes it (estimates around the middle of gold, 1.65). */
export const likedBrowning: Record<Liking, number> = { light: 1.1, gold: 1.65, deep: 3.2 };

/** What has been handled a little out of the fridge, K. */
export const handledK = 2;

/** How cold a closed pie is when it goes in: by where it waited. */
function startsAtC({ oven }: ItemInput, kitchen: KitchenInput): number {
  if (oven.from === 'freezer') return kitchen.freezerC;
  return oven.from === 'room' ? kitchen.roomC : kitchen.fridgeC + handledK;
}

/** What binds the juice of fruit has to set: its middle goes on to that, up to where it boils. */
function setTarget(item: ItemInput, { fruit }: FillingPlan): { coreTargetC?: number } {
  const usual = fillingKinds[item.filling.type].coreC;
  return fruit?.setsC && fruit.setsC > usual ? { coreTargetC: Math.min(hottestFruitC, fruit.setsC) } : {};
}
/** No middle of fruit is counted on to get hotter: it boils (estimate). */
export const hottestFruitC = 97;

/** Least water a blind-baked base keeps, as a share (estimate), and the longest bake that is reckoned, min. */
const driestBase = 0.02;
const longestBakeMin = 240;

/** The empty case of an item, as it is baked before it is filled; null where it is not. */
export function blindSpec(item: ItemInput, spec: BakeSpec): BlindSpec | null {
  const blind = blindOf(item);
  if (!blind || !spec.base) return null;
  const { shape, vessel, support, oven, base } = spec;
  return {
    shape,
    base: { type: base.type, tMm: base.tMm, ...(base.waterToDry === undefined ? {} : { waterToDry: base.waterToDry }) },
    vessel,
    support: support === 'unknown' ? 'tray' : support,
    ...(spec.supportPreheated ? { supportPreheated: true } : {}),
    oven: { ...oven, steps: [{ fromMin: 0, setC: blind.setC }] },
    crustStartC: Math.min(10, spec.crustStartC ?? 6),
    weightsMin: blind.weightsMin,
    bareMin: blind.bareMin,
    dryAt: isPoured(item) ? dryAt.custard : dryAt.filling,
  };
}

/** One leaf with the fat brushed on it, mm. */
const brushedLeafMm = (item: ItemInput): number => leafMm + item.folds.brushGramsPerM2 / 1000 / 0.92;

function outline(item: ItemInput, cut: CutPlan, filling: FillingPlan): { shape: BakeSpec['shape']; depthMm: number } {
  const disc = (mm: number) => ({ kind: 'disc' as const, dMm: Math.round(Math.max(20, Math.min(450, mm))) });
  if (item.product === 'handPies' && cut.oven)
    return { shape: cut.oven.shape, depthMm: cut.oven.depthMm * (item.filling.fullnessPct / 100) };
  if (item.product === 'filoCoil' && cut.leaves?.ropeMm && cut.leaves.ropeLengthMm)
    return simulatorShape({ kind: 'coil', d: cut.leaves.ropeMm / 10, L: cut.leaves.ropeLengthMm / 10 });
  const g = item.cut.vessel ? vesselGeometry(item.cut.vessel) : null;
  if (!g) return { shape: disc(220), depthMm: 30 };
  const depthMm =
    (filling.eachMl * 1000) /
    (((g.top.length + g.bottom.length) / 2) *
      ((g.top.width + g.bottom.width) / 2) *
      (g.form === 'rect' ? 1 : Math.PI / 4));
  const [a, b] = [(g.top.length + g.bottom.length) / 2, (g.top.width + g.bottom.width) / 2];
  if (g.form === 'rect')
    return { shape: { kind: 'rect', wMm: Math.round(Math.min(a, b)), lMm: Math.round(Math.max(a, b)) }, depthMm };
  return { shape: disc(Math.sqrt(a * b)), depthMm };
}
