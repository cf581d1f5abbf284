import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { filoDry, leafCovers, type LeafCover } from '../../../cold/filo';
import { material } from '../../../cold/material';
import { stretchedArea } from '../../../lamination/leafLaying';
import { layers, type Fold } from '../../../lamination/layers';
import { crumbMix, roughPuff } from '../../../lamination/roughPuff';
import { fatVolumeShare, layerThickness, stackOf, type StackLayer } from '../../../lamination/thickness';
import { crusts } from '../../../oven/tables';
import { leafMm } from '../cut/leaves';
import type { CutPlan } from '../cut/station';
import { styleOf } from '../dough/formula';
import type { DoughPlan } from '../dough/station';
import { foldsIn, lockOf, rubbedShare, turnRows, type TurnRow } from './turns';

const workDensityFat = 940;
const workDensityDough = 1190;
/** A folded packet higher than this cannot be rolled by hand, mm (estimate: about a hand's width). */
export const highestPacketMm = 120;
/** Above so many layers of fat they are not drawn one by one. */
const mostDrawn = 350;
/** Density of brushed fat, g/cm³. */
const brushedDensity = 0.92;
/** How long leaves are watched drying, min. */
const longestDryMin = 120;

/** One turn's column in the drawing: the finished sheet as it would be if folding stopped there. */
export interface TurnColumn {
  turns: number;
  fatLayers: number;
  fatUm: number;
  band: 'distinct' | 'thinning' | 'merging';
  /** Explicit layers bottom to top, shares of the thickness; null above 700 layers. */
  stack: StackLayer[] | null;
}

/** Turns and films of a laminate. */
export interface FoldsResult {
  kind: 'folds';
  columns: TurnColumn[];
  phiFat: number;
  rows: TurnRow[];
  /** Sizes of the first turn, mm. */
  turn: TurnRow;
  distinct: number;
  nominal: number;
  streakM: number;
  /** What the finished sheet stands, baked, mm, and how many times it swells. */
  standsMm: number;
  swell: number;
}

/** Lumps and coat of a rubbed-in dough. */
export interface CrumbResult {
  kind: 'crumb';
  largeG: number;
  lumps: number;
  streakMm: number;
  coverage: number;
  coatUm: number;
  discRadiusMm: number;
}

/** Leaves: how long they bend, and what is brushed on them. */
export interface LeavesResult {
  kind: 'leaves';
  /** Minutes a leaf bends under each cover; null where it does in all of two hours. */
  covers: { cover: LeafCover; minutes: number | null }[];
  /** Home-stretched: what each piece of the dough is stretched to, cm. */
  stretchedCm: number | null;
  count: number;
  brushPerLeafG: number;
  fatFilmMm: number;
  leafMm: number;
  bare: ReturnType<typeof filoDry>;
  edges: ReturnType<typeof filoDry>;
}

/** Sheet and packet of every turn for the dough on hand: rolled to a length, half as wide. */
export function turnSizes(item: ItemInput, dough: DoughPlan): TurnRow[] {
  const volumeMm3 = (dough.masses.totalG / 1000 / material(dough.spec).densityKgM3) * 1e9;
  return turnRows(item.folds, volumeMm3, dough.masses.fatG);
}

/** Turns of a laminate, with one more than is asked for: what it would do. */
export function foldsResult(item: ItemInput, cut: CutPlan, dough: DoughPlan): FoldsResult {
  const all = foldsIn(item.folds);
  const turns = all.length;
  const { lock, portions } = lockOf(item.folds);
  const t = cut.rolled.thicknessMm;
  const { fatG, totalG } = dough.masses;
  // what is rubbed in makes no layers
  const layeredG = fatG * (1 - rubbedShare(item.folds));
  const phi = fatVolumeShare(layeredG, totalG - layeredG, workDensityFat, workDensityDough);
  // one turn more would be like the last
  const folds = (n: number): Fold[] => [...all, all[turns - 1]].slice(0, n);
  const column = (n: number): TurnColumn => {
    const asked = { lock, portions, folds: folds(n), thicknessM: t / 1000, phiFat: phi };
    const { fat, fatUm, fatBand } = layerThickness(asked);
    const stack = fat <= mostDrawn ? stackOf(lock, folds(n), phi, portions) : null;
    return { turns: n, fatLayers: fat, fatUm, band: fatBand, stack };
  };
  const rows = turnSizes(item, dough);
  const turn = rows[0];
  const { distinct, nominal } = layers(lock, folds(turns), portions);
  const { streakM } = roughPuff({
    lumpM: item.folds.lumpMm / 1000,
    startThicknessM: Math.min(highestPacketMm, Math.max(5, turn.foldedMm)) / 1000,
    folds: folds(turns),
    finalThicknessM: t / 1000,
  });
  const { swell } = crusts[turns >= 3 ? 'puff' : 'flaky'];
  return {
    kind: 'folds',
    columns: Array.from({ length: turns + 1 }, (_, i) => column(i + 1)),
    phiFat: phi,
    rows,
    turn,
    distinct,
    nominal,
    streakM,
    standsMm: t * swell,
    swell,
  };
}

/** Lumps, streaks and coat of a rubbed-in dough. */
export function crumbResult(item: ItemInput, cut: CutPlan, dough: DoughPlan): CrumbResult {
  const { coatedPct, crumbMm, discMm } = item.folds;
  const { flourG, fatG, totalG } = dough.masses;
  const mix = crumbMix({
    flourKg: flourG / 1000,
    fatKg: fatG / 1000,
    coatedShare: coatedPct / 100,
    lumpM: crumbMm / 1000,
    discThicknessM: discMm / 1000,
    sheetThicknessM: cut.rolled.thicknessMm / 1000,
  });
  const volume = totalG / 1000 / material(dough.spec).densityKgM3;
  return {
    kind: 'crumb',
    largeG: fatG * (1 - coatedPct / 100),
    lumps: mix.lumps,
    streakMm: mix.streakMm,
    coverage: mix.coverage,
    coatUm: mix.coatUm,
    discRadiusMm: Math.sqrt(volume / (Math.PI * (discMm / 1000))) * 1000,
  };
}

/** Leaves laid, brushed and drying. */
export function leavesResult(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, dough: DoughPlan): LeavesResult {
  const { folds } = item;
  const dry = (faces: number, cover: LeafCover = 'none') =>
    filoDry({ airC: kitchen.roomC, humidity: kitchen.humidityPct / 100, faces, cover, minutes: longestDryMin });
  const count = cut.leaves?.count ?? 1;
  const leafG = (dough.masses.totalG - dough.masses.fatG) / Math.max(1, count);
  return {
    kind: 'leaves',
    covers: (Object.keys(leafCovers) as LeafCover[]).map((cover) => ({ cover, minutes: dry(1, cover).minutesToLimit })),
    stretchedCm: styleOf(item.dough) === 'stretchedFilo' ? 100 * stretchedArea(leafG, leafMm).sideM : null,
    count,
    brushPerLeafG: dough.masses.fatG / Math.max(1, count),
    fatFilmMm: folds.brushGramsPerM2 / 1000 / brushedDensity,
    leafMm,
    bare: dry(1),
    edges: dry(2),
  };
}
