import type { FridgeShapeName } from '@crustallum/core/cold/fridgeShapes';
import type { LeafPieceKind, LeafPieces } from '@crustallum/core/filling/leafPieces';
import type { Laying, LayingAct } from '@crustallum/core/lamination/leafLaying';
import { counted, long, plain } from './numbers';
import type { FoldWord, LockIn } from '@crustallum/core/contracts/folds';

export const lockInWords: Record<LockIn, string> = {
  lumps: 'in lumps, mixed in',
  envelope: 'a block, in an envelope',
  half: 'a block, in a folded half',
  twoThirds: 'a block, on two thirds',
  inverse: 'outside, round the dough',
  spread: 'soft, spread turn by turn',
};

export const foldWords: Record<FoldWord, string> = {
  single: 'in two',
  letter: 'in three',
  zigzag: 'in three, zigzag',
  book: 'in four',
};

export const shapeWords: Record<FridgeShapeName, string> = {
  disc: 'disc',
  slab: 'slab',
  log: 'log',
  block: 'block',
  ball: 'ball',
};

export const layingWords: Record<Laying, string> = {
  tray: 'tray',
  coil: 'coil',
  triangle: 'triangle',
  parcel: 'parcel',
  cigar: 'cigar',
};

/** One act of laying leaves in a tray or a coil, as it is told. */
export function actWords(a: LayingAct, halves = false): string {
  const leaves = `${a.leaves} ${halves ? 'half leaves' : a.leaves === 1 ? 'leaf' : 'leaves'}`;
  const over = a.overlapMm > 0 ? `, lapped ${long(a.overlapMm)}` : '';
  const turned = a.turnDeg ? `, each turned ${plain(a.turnDeg, 0)}°` : '';
  switch (a.act) {
    case 'base':
      return `${leaves} under${over}${turned}, brushed one by one, their ends over the rim`;
    case 'fill':
      return 'the filling, level, to the corners';
    case 'top':
      return `${leaves} over it${over}${turned}`;
    case 'stack':
      return `${leaves} on one another, each brushed`;
    case 'roll':
      return `filling in a line along the long edge; roll it up loosely, ends tucked in ${long(a.overlapMm)}`;
    case 'join':
      return `coil the first roll from the middle; the next begins ${long(a.overlapMm)} inside the last, seam to the wall`;
    case 'tuck':
      return 'tuck the hanging ends down between crust and wall';
  }
}

/** How a strip of leaf is closed over its filling. */
export const stripWords: Record<LeafPieceKind, (folds: number) => string> = {
  triangle: (n) => `filling on the near corner; fold corner to edge ${n} times, as a flag is folded`,
  parcel: (n) => `filling a little in from the near end; fold both sides in over it, then over and over ${n} times`,
  cigar: (n) => `filling in a line along the near end; fold both sides in a little and roll it up, ${n} times round`,
};

/** Pieces closed in strips of leaf, act by act. */
export function stripActs(made: LeafPieces & { kind: LeafPieceKind; stripMm: number }, leaves: number): string[] {
  return [
    `${counted(leaves, 'leaf', 'leaves')} on one another, each brushed`,
    `cut lengthwise into ${counted(made.across, 'strip', 'strips')} of ${long(made.stripMm)}${made.along > 1 ? `, each cut across in ${made.along}` : ''}`,
    stripWords[made.kind](made.folds),
    'tuck the last end in and brush it shut, seam down',
  ];
}

export const coverWords = {
  none: 'bare',
  cloth: 'under a dry cloth',
  plastic: 'under film or a bag',
  damp: 'under a damp cloth',
} as const;
