import type { ItemInput } from '../../../contracts/item';
import type { KitchenInput } from '../../../contracts/kitchen';
import { panelCount, type Fold } from '../../../lamination/layers';
import { figure, type Figure } from '../../figure';
import type { CutPlan } from '../cut/station';
import type { DoughPlan } from '../dough/station';
import type { CrumbResult, FoldsResult, LeavesResult } from './result';
import { foldsIn, hasBlock, lockIn, lockOf } from './turns';

export type FoldsFigures = Record<'leaves' | 'oneLeaf' | 'oneMore' | 'rest' | 'stands', Figure>;
export type CrumbFigures = Record<'large' | 'largest' | 'coat' | 'streak' | 'chill', Figure>;
export type LeavesFigures = Record<'leaves' | 'brush' | 'film' | 'bare' | 'edges', Figure>;

/** The rest that the day found: minutes, their range, and what bound them; null before there is a day. */
export interface NamedRest {
  minutes: number | null;
  range: [number, number] | null;
  fromC: number;
  toC: number;
  springMin: number;
}

const restFigure = (code: string, rest: NamedRest | null): Figure =>
  rest
    ? figure(
        rest.minutes,
        'min',
        code,
        {
          fromC: rest.fromC,
          toC: rest.toC,
          springMin: rest.springMin,
          bound: (rest.minutes ?? 0) <= rest.springMin + 0.01 ? 'spring' : 'heat',
        },
        'physics',
        'cold.chill',
        rest.range ?? undefined,
      )
    : figure(null, 'min', code, {}, 'physics', 'cold.chill');

/** Panels of each fold, as they multiply. */
const sequenceOf = (folds: readonly Fold[]): string => folds.map(panelCount).join(' × ');

/** What the Folds show of a laminate. */
export function foldsFigures(item: ItemInput, cut: CutPlan, r: FoldsResult, rest: NamedRest | null): FoldsFigures {
  const all = foldsIn(item.folds);
  const turns = all.length;
  const t = cut.rolled.thicknessMm;
  const chosen = r.columns[turns - 1];
  const more = r.columns[turns];
  const lumps = !hasBlock(item.folds) && lockOf(item.folds).portions === 0;
  return {
    leaves: figure(
      chosen.fatLayers,
      'leaves',
      'folds.leaves',
      { turns, sequence: sequenceOf(all), lock: lockIn(item.folds), nominal: r.nominal, distinct: r.distinct },
      'exact',
      'lamination.layers',
    ),
    oneLeaf: figure(
      chosen.fatUm / 1000,
      'mm',
      'folds.oneLeaf',
      {
        phi: r.phiFat * 100,
        share: t * r.phiFat,
        t,
        leaves: chosen.fatLayers,
        ...(lumps ? { streakUm: r.streakM * 1e6 } : {}),
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
    rest: restFigure('folds.rest', rest),
    stands: figure(r.standsMm, 'mm', 'folds.stands', { swell: r.swell, t }, 'estimate', 'oven.bake'),
  };
}

/** What the Crumb shows of a rubbed-in dough. */
export function crumbFigures(
  item: ItemInput,
  cut: CutPlan,
  dough: DoughPlan,
  r: CrumbResult,
  rest: NamedRest | null,
): CrumbFigures {
  const { coatedPct, crumbMm, discMm } = item.folds;
  const sheet = cut.rolled.thicknessMm;
  const source = 'lamination.crumbMix';
  return {
    large: figure(
      r.largeG,
      'g',
      'crumb.large',
      { fat: dough.masses.fatG, pct: 100 - coatedPct, lumps: r.lumps },
      'exact',
      source,
    ),
    largest: figure(crumbMm, 'mm', 'crumb.largest', { streak: r.streakMm, sheet }, 'estimate', source),
    coat: figure(
      r.coverage * 100,
      '%',
      'crumb.coat',
      { um: r.coatUm, lessWater: lessWaterPct(r.coverage) },
      'estimate',
      source,
    ),
    streak: figure(r.streakMm, 'mm', 'crumb.streak', { disc: discMm, sheet, crumb: crumbMm }, 'estimate', source),
    chill: restFigure('crumb.chill', rest),
  };
}

/** A coat of fat keeps flour from taking water: so many per cent less where all of it is coated (estimate). */
export const lessWaterPct = (coverage: number): number => coverage * 10;

/** What the Leaves show. */
export function leavesFigures(
  item: ItemInput,
  kitchen: KitchenInput,
  dough: DoughPlan,
  r: LeavesResult,
): LeavesFigures {
  const { folds } = item;
  const { roomC, humidityPct: humidity } = kitchen;
  const perM2 = folds.brushGramsPerM2;
  return {
    leaves: figure(r.count, 'leaves', 'leaves.count', { perStack: folds.leavesInStack }, 'exact', 'cutting.piece'),
    brush: figure(
      dough.masses.fatG,
      'g',
      'leaves.brush',
      { perLeaf: r.brushPerLeafG, perM2 },
      'estimate',
      'cold.filoFat',
    ),
    film: figure(r.fatFilmMm, 'mm', 'leaves.film', { perM2 }, 'estimate', 'cold.filoFat'),
    bare: figure(
      r.bare.minutesToLimit,
      'min',
      'leaves.bare',
      { loss: r.bare.initialLossGramsPerM2Min, humidity, roomC },
      'estimate',
      'cold.filoDrying',
    ),
    edges: figure(r.edges.minutesToLimit, 'min', 'leaves.edges', { humidity }, 'estimate', 'cold.filoDrying'),
  };
}
