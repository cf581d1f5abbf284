import { passes } from '../../../lamination/thickness';
import { panelCount, type Fold, type LockName } from '../../../lamination/layers';
import type { FoldsInput, LockIn } from '../../../contracts/folds';

/** Most a sheet is thinned in one pass of the pin (estimate). */
const passRatio = 1.5;
/** Turns for which fat is spread on, where it is spread in portions (estimate: a third each time). */
const spreadPortions = 3;
export const turnsAtOnce = 2;
/** Flour that lies on a dusted sheet and is brushed off before it is folded, g per dm² (estimate). */
export const dustingGPerDm2 = 0.35;

/** The folds of a laminate in order: a sequence of the cook's own, or so many like ones. */
export const foldsIn = (folds: FoldsInput): Fold[] =>
  folds.ownFolds?.length
    ? folds.ownFolds
    : Array.from({ length: folds.turns }, () => (folds.fold === 3 ? 'letter' : 'book'));

export const lockIn = (folds: FoldsInput): LockIn => folds.lock ?? 'lumps';

/** How layers are counted: lumps as if they were one sheet of fat in an envelope (estimate). */
export const lockOf = (folds: FoldsInput): { lock: LockName; portions: number } => {
  const said = lockIn(folds);
  if (said === 'spread')
    return { lock: 'envelope', portions: Math.min(folds.spreadTurns ?? spreadPortions, foldsIn(folds).length) };
  return { lock: said === 'lumps' ? 'envelope' : said, portions: 0 };
};

/** Share of the fat that is rubbed into the dough before the rest comes between its layers; lumps are all mixed in. */
export const rubbedShare = (folds: FoldsInput): number =>
  lockIn(folds) === 'lumps' ? 0 : (folds.rubbedPct ?? 0) / 100;

/** A block is beaten and locked in; lumps and spread fat are not. */
export const hasBlock = (folds: FoldsInput): boolean => !['lumps', 'spread'].includes(lockIn(folds));

/** One turn by its sizes, mm: the packet it begins as, the sheet it is rolled to, the packet it is folded to. */
export interface TurnRow {
  turn: number;
  fold: Fold;
  panels: number;
  fromMm: number;
  lengthMm: number;
  widthMm: number;
  rolledMm: number;
  passes: number;
  /** Thickness after each pass. */
  passMm: number[];
  foldedLengthMm: number;
  foldedMm: number;
  /** Fat spread on it before it is folded, g. */
  spreadG: number;
  /** Rest after it: minutes, and whether heat or springing back makes it as long; null where the next turn follows at once. */
  rest: { minutes: number; because: 'heat' | 'spring'; shrinkPct: number } | null;
}

/** Twice as long as wide, where only one side of a sheet is said. */
const usualAspect = 2;

/** A turn's sheet from above: the sides the cook said, else what their thickness leaves, else the usual length and half as wide. */
function turnSize(folds: FoldsInput, turn: number, volumeMm3: number): { lengthMm: number; widthMm: number } {
  const own = folds.ownTurns?.find((t) => t.turn === turn);
  const area = own?.thicknessMm ? volumeMm3 / own.thicknessMm : null;
  const lengthMm =
    own?.lengthMm ??
    (own?.widthMm
      ? area
        ? area / own.widthMm
        : usualAspect * own.widthMm
      : area
        ? Math.sqrt(usualAspect * area)
        : folds.rolledLengthMm);
  const widthMm = own?.widthMm ?? (area ? area / lengthMm : lengthMm / usualAspect);
  return { lengthMm, widthMm };
}

/**
 * Sizes of every turn of a laminate of that volume, rolled each time to one length and half as wide, or as the cook said of it:
 * of length, width and thickness any two give the third. Volume stays.
 */
export function turnRows(folds: FoldsInput, volumeMm3: number, fatG: number): TurnRow[] {
  const list = foldsIn(folds);
  const { portions } = lockOf(folds);
  let foldedMm: number | null = null;
  return list.map((fold, i) => {
    const panels = panelCount(fold);
    const { lengthMm, widthMm } = turnSize(folds, i + 1, volumeMm3);
    const rolledMm = volumeMm3 / (lengthMm * widthMm);
    const fromMm = foldedMm ?? panels * rolledMm;
    foldedMm = panels * rolledMm;
    const by = passes(Math.max(fromMm, rolledMm) / 1000, rolledMm / 1000, passRatio);
    return {
      turn: i + 1,
      fold,
      panels,
      fromMm,
      lengthMm,
      widthMm,
      rolledMm,
      passes: by.n,
      passMm: by.thicknesses.map((m) => m * 1000),
      foldedLengthMm: lengthMm / panels,
      foldedMm,
      spreadG: i < portions ? ((1 - rubbedShare(folds)) * fatG) / portions : 0,
      rest: null,
    };
  });
}
