import type { FridgeShapeName } from '@crustallum/core/cold/fridgeShapes';
import type { Laying, LayingAct } from '@crustallum/core/lamination/leafLaying';
import { plain } from './numbers';
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
};

/** One act of laying leaves, as it is told. */
export function actWords(laying: Laying, a: LayingAct, piece: readonly [number, number], pieces: number): string {
  const cm = (mm: number) => plain(mm / 10, 1);
  const over = a.overlapMm > 0 ? `, lapped ${cm(a.overlapMm)} cm` : '';
  const turned = a.turnDeg ? `, each turned ${plain(a.turnDeg, 0)}°` : '';
  switch (a.act) {
    case 'base':
      return `${a.leaves} leaves under${over}${turned}, brushed one by one, their ends over the rim`;
    case 'fill':
      return 'the filling, level, to the corners';
    case 'top':
      return `${a.leaves} leaves over it${over}${turned}`;
    case 'stack':
      return `${a.leaves} ${a.leaves === 1 ? 'leaf' : 'leaves'} on one another, each brushed`;
    case 'strips':
      return laying === 'triangle'
        ? `cut lengthwise into ${pieces} strips of ${cm(piece[0])} cm`
        : `cut across into ${pieces}, a parcel each`;
    case 'flags':
      return `filling on the near corner; fold corner to edge ${plain(piece[1], 0)} times, as a flag is folded`;
    case 'roll':
      return laying === 'coil'
        ? `filling in a line along the long edge; roll it up loosely, ends tucked in ${cm(a.overlapMm)} cm`
        : `roll it up from the near edge, ${cm(a.overlapMm)} cm at a turn, seam down`;
    case 'join':
      return `coil the first roll from the middle; the next begins ${cm(a.overlapMm)} cm inside the last, seam to the wall`;
    case 'tuck':
      return laying === 'tray'
        ? 'tuck the hanging ends down between crust and wall'
        : laying === 'triangle'
          ? 'tuck the last end in and brush it shut'
          : `fold both sides in by ${cm(a.overlapMm)} cm`;
  }
}

export const coverWords = {
  none: 'bare',
  cloth: 'under a dry cloth',
  plastic: 'under film or a bag',
  damp: 'under a damp cloth',
} as const;
