import { filoDry, leafCovers, type LeafCover } from '../../../cold/filo';
import { leafLaying, stretchedArea, type LeafLaying } from '../../../lamination/leafLaying';
import { layers, panelCount, type Fold } from '../../../lamination/layers';
import { foldsIn, hasBlock, lockIn, lockOf, turnRows, type TurnRow } from './turns';
import { layerThickness, fatVolumeShare, stackOf, type StackLayer } from '../../../lamination/thickness';
import { crumbMix, roughPuff } from '../../../lamination/roughPuff';
import { material } from '../../../cold/material';
import { crusts } from '../../../oven/tables';
import type { CutPlan } from '../cut/result';
import type { DoughPlan } from '../dough/result';
import { styleOf } from '../dough/formula';
import { figure, type Figure } from '../../figure';
import type { ItemInput } from '../../../contracts/item';
import type { Problem } from '../../problem';
import type { KitchenInput } from '../../../contracts/kitchen';

const workDensityFat = 940;
const workDensityDough = 1190;
/** A folded packet higher than this cannot be rolled by hand, mm (estimate: about a hand's width). */
export const highestPacketMm = 120;

/** One turn's column in the drawing: the finished sheet as it would be if folding stopped there. */
export interface TurnColumn {
  turns: number;
  fatLayers: number;
  fatUm: number;
  band: 'distinct' | 'thinning' | 'merging';
  /** Explicit layers bottom to top, shares of the thickness; null above 700 layers. */
  stack: StackLayer[] | null;
}

export interface LaminationPlan {
  kind: 'folds';
  figures: Record<'leaves' | 'oneLeaf' | 'oneMore' | 'rest' | 'stands', Figure>;
  problems: Problem[];
  columns: TurnColumn[];
  phiFat: number;
  rows: TurnRow[];
  /** Sizes of the first turn, mm. */
  turn: { lengthMm: number; widthMm: number; rolledMm: number; foldedLengthMm: number; foldedMm: number };
  distinct: number;
  nominal: number;
}

export interface CrumbPlan {
  kind: 'crumb';
  figures: Record<'large' | 'largest' | 'coat' | 'streak' | 'chill', Figure>;
  problems: Problem[];
  lumps: number;
  streakMm: number;
  coverage: number;
  discRadiusMm: number;
}

export interface LeavesPlan {
  kind: 'leaves';
  /** Minutes a leaf bends under each cover; null where it does in all of two hours. */
  covers: { cover: LeafCover; minutes: number | null }[];
  laying: LeafLaying;
  /** Home-stretched: what each piece of the dough is stretched to, cm. */
  stretchedCm: number | null;
  figures: Record<'leaves' | 'brush' | 'film' | 'bare' | 'edges', Figure>;
  problems: Problem[];
  fatFilmMm: number;
  leafMm: number;
}

export type ThirdPlan = LaminationPlan | CrumbPlan | LeavesPlan;

/** Sheet and packet of every turn for the dough on hand: rolled to a length, half as wide. */
export function turnSizes(item: ItemInput, dough: DoughPlan): TurnRow[] {
  const volumeMm3 = (dough.masses.totalG / 1000 / material(dough.spec).densityKgM3) * 1e9;
  return turnRows(item.folds, volumeMm3, dough.masses.fatG);
}

/** Panels of each fold, as they multiply. */
const sequenceOf = (folds: readonly Fold[]): string => folds.map(panelCount).join(' × ');

/** Folds of a laminate, crumb of a shortcrust or leaves of filo; the rest and chill times come in later from the Cold Line. */
export function planThird(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, dough: DoughPlan): ThirdPlan {
  if (item.dough.pastry === 'filo') return planLeaves(item, kitchen, dough);
  return item.dough.pastry === 'roughPuff' ? planFolds(item, kitchen, cut, dough) : planCrumb(item, cut, dough);
}

const waiting = (code: string): Figure => figure(null, 'min', code, {}, 'physics', 'cold.chill');

function planFolds(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, dough: DoughPlan): LaminationPlan {
  const { lumpMm } = item.folds;
  const all = foldsIn(item.folds);
  const turns = all.length;
  const { lock, portions } = lockOf(item.folds);
  const t = cut.rolled.thicknessMm;
  const phi = fatVolumeShare(
    dough.masses.fatG,
    dough.masses.totalG - dough.masses.fatG,
    workDensityFat,
    workDensityDough,
  );
  // one turn more would be like the last
  const folds = (n: number): Fold[] => [...all, all[turns - 1] as Fold].slice(0, n);
  const column = (n: number): TurnColumn => {
    const { fat, fatUm, fatBand } = layerThickness({
      lock,
      portions,
      folds: folds(n),
      thicknessM: t / 1000,
      phiFat: phi,
    });
    return {
      turns: n,
      fatLayers: fat,
      fatUm,
      band: fatBand,
      stack: fat <= 350 ? stackOf(lock, folds(n), phi, portions) : null,
    };
  };
  const columns = Array.from({ length: turns + 1 }, (_, i) => column(i + 1));
  const chosen = columns[turns - 1] as TurnColumn;
  const more = columns[turns] as TurnColumn;
  const rows = turnSizes(item, dough);
  const turn = rows[0] as TurnRow;
  const last = rows[turns - 1] as TurnRow;
  const highest = Math.max(...rows.map((r) => r.foldedMm));
  const counted = layers(lock, folds(turns), portions);
  const streak = roughPuff({
    lumpM: lumpMm / 1000,
    startThicknessM: Math.min(highestPacketMm, Math.max(5, turn.foldedMm)) / 1000,
    folds: folds(turns),
    finalThicknessM: t / 1000,
  });
  const { swell } = crusts[turns >= 3 ? 'puff' : 'flaky'];
  const problems: Problem[] = [];
  const bought = styleOf(item.dough) === 'boughtPuff';
  if (!bought && turn.lengthMm > Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm))
    problems.push({
      station: 'folds',
      code: 'longerThanBench',
      fields: ['folds.rolledLengthMm', 'kitchen.benchLengthMm'],
      values: { length: turn.lengthMm, bench: Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm) },
      weight: 'stop',
    });
  if (!bought && last.foldedMm <= t)
    problems.push({
      station: 'folds',
      code: 'finalThickerThanPacket',
      fields: ['cut.thicknessMm', 'folds.rolledLengthMm'],
      values: { packet: last.foldedMm, sheet: t },
      weight: 'stop',
    });
  if (!bought && highest > highestPacketMm)
    problems.push({
      station: 'folds',
      code: 'packetTooHigh',
      fields: ['folds.rolledLengthMm'],
      values: { packet: highest, highest: highestPacketMm },
      weight: 'stop',
    });
  if (chosen.band === 'merging')
    problems.push({
      station: 'folds',
      code: 'filmsMerge',
      fields: ['folds.turns'],
      values: { um: chosen.fatUm, turns },
      weight: 'warn',
    });
  return {
    kind: 'folds',
    figures: {
      leaves: figure(
        chosen.fatLayers,
        'leaves',
        'folds.leaves',
        {
          turns,
          sequence: sequenceOf(all),
          lock: lockIn(item.folds),
          nominal: counted.nominal,
          distinct: counted.distinct,
        },
        'exact',
        'lamination.layers',
      ),
      oneLeaf: figure(
        chosen.fatUm / 1000,
        'mm',
        'folds.oneLeaf',
        {
          phi: phi * 100,
          share: t * phi,
          t,
          leaves: chosen.fatLayers,
          ...(hasBlock(item.folds) || portions > 0 ? {} : { streakUm: streak.streakM * 1e6 }),
        },
        'estimate',
        'lamination.layerThickness',
      ),
      oneMore: figure(
        more.fatUm / 1000,
        'mm',
        'folds.oneMore',
        { turns: turns + 1, band: more.band, leaves: more.fatLayers },
        'estimate',
        'lamination.layerThickness',
      ),
      rest: waiting('folds.rest'),
      stands: figure(t * swell, 'mm', 'folds.stands', { swell, t }, 'estimate', 'oven.bake'),
    },
    problems,
    columns,
    phiFat: phi,
    rows,
    turn,
    distinct: counted.distinct,
    nominal: counted.nominal,
  };
}

function planCrumb(item: ItemInput, cut: CutPlan, dough: DoughPlan): CrumbPlan {
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
  const large = fatG * (1 - coatedPct / 100);
  const problems: Problem[] = [];
  if (mix.streakMm > cut.rolled.thicknessMm * 0.5 && crumbMm > cut.rolled.thicknessMm)
    problems.push({
      station: 'folds',
      code: 'lumpTooBig',
      fields: ['folds.crumbMm', 'cut.thicknessMm'],
      values: { crumb: crumbMm, sheet: cut.rolled.thicknessMm },
      weight: 'warn',
    });
  if (dough.band && dough.outOfBowlC > dough.band.soft)
    problems.push({
      station: 'folds',
      code: 'crumbMelts',
      fields: ['dough.fatC', 'kitchen.roomC', 'dough.method'],
      values: { outC: dough.outOfBowlC, soft: dough.band.soft },
      weight: 'warn',
    });
  return {
    kind: 'crumb',
    figures: {
      large: figure(
        large,
        'g',
        'crumb.large',
        { fat: fatG, pct: 100 - coatedPct, lumps: mix.lumps },
        'exact',
        'lamination.crumbMix',
      ),
      largest: figure(
        crumbMm,
        'mm',
        'crumb.largest',
        { streak: mix.streakMm, sheet: cut.rolled.thicknessMm },
        'estimate',
        'lamination.crumbMix',
      ),
      coat: figure(
        mix.coverage * 100,
        '%',
        'crumb.coat',
        { um: mix.coatUm, lessWater: mix.coverage * 10 },
        'estimate',
        'lamination.crumbMix',
      ),
      streak: figure(
        mix.streakMm,
        'mm',
        'crumb.streak',
        { disc: discMm, sheet: cut.rolled.thicknessMm, crumb: crumbMm },
        'estimate',
        'lamination.crumbMix',
      ),
      chill: waiting('crumb.chill'),
    },
    problems,
    lumps: mix.lumps,
    streakMm: mix.streakMm,
    coverage: mix.coverage,
    discRadiusMm: Math.sqrt(volume / (Math.PI * (discMm / 1000))) * 1000,
  };
}

/** Thickness of a leaf, mm: 190 g a square metre (estimate). */
const leafMm = 190 / 1000 / 1.25;
const pieceG = (dough: DoughPlan): number =>
  (dough.masses.totalG - dough.masses.fatG) / Math.max(1, Number(dough.figures.dough.reason.values['leaves']) || 1);

/** How the leaves of this pie are laid: by the cook's choice, else as its tin says. */
function layingOf(item: ItemInput): LeafLaying {
  const { folds, cut, product } = item;
  const top = cut.vessel?.top ?? 300;
  const [tinLengthMm, tinWidthMm] = typeof top === 'number' ? [top, top] : top;
  return leafLaying({
    laying: folds.laying ?? (product === 'filoCoil' ? 'coil' : 'tray'),
    leafLengthMm: folds.leafLengthMm,
    leafWidthMm: folds.leafWidthMm,
    tinLengthMm: tinLengthMm,
    tinWidthMm: tinWidthMm,
    leavesInStack: folds.leavesInStack,
    brushGramsPerM2: folds.brushGramsPerM2,
  });
}

function planLeaves(item: ItemInput, kitchen: KitchenInput, dough: DoughPlan): LeavesPlan {
  const { folds } = item;
  const dry = (faces: number, cover: LeafCover = 'none') =>
    filoDry({ airC: kitchen.roomC, humidity: kitchen.humidityPct / 100, faces, cover, minutes: 120 });
  const [top, edge] = [dry(1), dry(2)];
  const fatFilmMm = folds.brushGramsPerM2 / 1000 / 0.92;
  return {
    kind: 'leaves',
    covers: (Object.keys(leafCovers) as LeafCover[]).map((cover) => ({ cover, minutes: dry(1, cover).minutesToLimit })),
    laying: layingOf(item),
    stretchedCm: styleOf(item.dough) === 'stretchedFilo' ? 100 * stretchedArea(pieceG(dough), leafMm).sideM : null,
    figures: {
      leaves: figure(
        dough.figures.dough.reason.values['leaves'] as number,
        'leaves',
        'leaves.count',
        { perStack: folds.leavesInStack },
        'exact',
        'cutting.piece',
      ),
      brush: figure(
        dough.masses.fatG,
        'g',
        'leaves.brush',
        { perLeaf: dough.figures.fat.reason.values['perLeaf'] ?? 0, perM2: folds.brushGramsPerM2 },
        'estimate',
        'cold.filoFat',
      ),
      film: figure(fatFilmMm, 'mm', 'leaves.film', { perM2: folds.brushGramsPerM2 }, 'estimate', 'cold.filoFat'),
      bare: figure(
        top.minutesToLimit,
        'min',
        'leaves.bare',
        { loss: top.initialLossGramsPerM2Min, humidity: kitchen.humidityPct, roomC: kitchen.roomC },
        'estimate',
        'cold.filoDrying',
      ),
      edges: figure(
        edge.minutesToLimit,
        'min',
        'leaves.edges',
        { humidity: kitchen.humidityPct },
        'estimate',
        'cold.filoDrying',
      ),
    },
    problems: [],
    fatFilmMm,
    leafMm,
  };
}
