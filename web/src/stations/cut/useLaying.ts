import { layingOrder } from '@crustallum/core/templates/cutOrder';
import type { Bed, PlacedPiece } from '@crustallum/core/cutting/placing';
import { shapeSize } from '@crustallum/core/cutting/shape';
import type { RolledGeneration } from '@crustallum/core/plan/stations/cut/result';
import { useLayoutEffect, useRef, useState } from 'react';
import { useItem } from '../../desk/useItem';
import { question } from '../../workers/question';
import { asInput, keptLaying } from './frame';
import { mayQuarterTurn } from '@crustallum/core/cutting/sheet';

export interface Laying {
  bed: Bed;
  /** In cutting order. */
  pieces: readonly PlacedPiece[];
  chosen: number | null;
  choose: (index: number | null) => void;
  /** Puts a piece down as near to there as it is clear of the others. */
  putDown: (index: number, at: readonly [number, number]) => void;
  hold: (index: number) => void;
  turn: (index: number) => void;
  takeOff: (index: number) => void;
  again: () => void;
  inRows: () => void;
  own: boolean;
  /** Pieces may lie a quarter turn round: not where dough shrinks differently along and across. */
  quarterTurns: boolean;
  anyHeld: boolean;
}

/** The pieces of roll 1 as they lie, in the order they are cut, and what can be done with them. */
export function useLaying(first: RolledGeneration): Laying {
  const { item, change } = useItem();
  const [chosen, choose] = useState<number | null>(null);
  // where pieces were put down, shown until the worker has found them a clear place
  const [coming, setComing] = useState<readonly PlacedPiece[] | null>(null);
  const cut = item?.document.cut;
  const bed: Bed = { sheet: first.sheet, shape: first.shape, trim: cut?.trimMm ?? 5, gap: cut?.gapMm ?? 2 };
  const quarterTurns = mayQuarterTurn(cut?.shrinkPct, cut?.shrinkAcrossPct);
  const perSheet = Math.ceil(first.n / first.sheets);
  // as it lies now, for an answer that comes later
  const lying = useRef(cut?.placed);
  useLayoutEffect(() => {
    lying.current = cut?.placed;
  });
  const held = cut?.placed?.map((p) => p.held === true);
  const all = first.layout.centres.map(([x, y], i): PlacedPiece => ({
    x,
    y,
    turn: first.layout.turns[i] ?? 0,
    ...(held?.[i] ? { held: true } : {}),
  }));
  const order = layingOrder(first.sheet, first.layout.centres, shapeSize(first.shape)[0]);
  const pieces = coming ?? order.slice(0, cut?.placed ? all.length : perSheet).map((i) => all[i] as PlacedPiece);
  const put = (next: readonly PlacedPiece[]) => change(keptLaying(first.sheet, next, first.shape.kind === 'disc'));
  const others = (index: number) => pieces.filter((_, i) => i !== index);
  const replaced = (index: number, piece: PlacedPiece) => pieces.map((p, i) => (i === index ? piece : p));
  const at = (index: number) => pieces[index] as PlacedPiece;
  /**
   * Shows `meanwhile`, has the worker look, and lays what it found; what it could not find stays as it was put. What was
   * taken back or laid otherwise meanwhile stands: the answer to it comes too late.
   */
  const ask = async (
    model: string,
    more: object,
    meanwhile: readonly PlacedPiece[],
    taken: (found: unknown) => readonly PlacedPiece[],
  ) => {
    setComing(meanwhile);
    const asked = lying.current;
    const answer = await question(model, { ...bed, shape: asInput(bed.shape), ...more });
    setComing(null);
    if (lying.current !== asked) return;
    put(answer?.ok ? taken(answer.value) : meanwhile);
  };
  const clear = (index: number, piece: PlacedPiece) =>
    ask('cutting.snap', { piece, others: others(index) }, replaced(index, piece), (found) =>
      replaced(index, found as PlacedPiece),
    );
  return {
    bed,
    pieces,
    chosen: chosen !== null && chosen < pieces.length ? chosen : null,
    choose,
    putDown: (index, [x, y]) => void clear(index, { ...at(index), x, y }),
    hold: (index) => put(replaced(index, { ...at(index), held: !at(index).held })),
    turn: (index) => {
      const next = {
        ...at(index),
        turn: (((at(index).turn ?? 0) + (quarterTurns ? 90 : 180)) % 360) as 0 | 90 | 180 | 270,
      };
      void clear(index, next);
    },
    takeOff: (index) => {
      choose(null);
      put(others(index));
    },
    again: () =>
      void ask(
        'cutting.layAround',
        { held: pieces.filter((p) => p.held), most: 200 },
        pieces,
        (found) => (found as { pieces: PlacedPiece[] }).pieces,
      ),
    inRows: () => {
      choose(null);
      change({ 'cut.placed': undefined });
    },
    own: cut?.placed !== undefined,
    quarterTurns,
    anyHeld: pieces.some((p) => p.held),
  };
}
