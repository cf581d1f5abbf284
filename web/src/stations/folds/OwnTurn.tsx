import type { OwnTurnInput } from '@crustallum/core/contracts/folds';
import type { TurnRow } from '@crustallum/core/plan/stations/lamination/turns';
import { Fragment } from 'react';
import { useItem } from '../../desk/useItem';
import { Ruled } from '../_shared/Ruled';

/** The sizes of one turn, each to be written over: any two give the third. */
export function OwnTurn({ row }: { row: TurnRow }) {
  const { item, change } = useItem();
  const all = item?.document.folds.ownTurns ?? [];
  const own = all.find((t) => t.turn === row.turn);
  const others = all.filter((t) => t.turn !== row.turn);
  const put = (next: OwnTurnInput | null) => {
    const list = next ? [...others, next].sort((a, b) => a.turn - b.turn) : others;
    change({ 'folds.ownTurns': list.length ? list : undefined });
  };
  /** Where two were said before, one of them is let go: width for thickness, thickness for either side. */
  const say = (size: 'lengthMm' | 'widthMm' | 'thicknessMm', mm: number) => {
    const { turn, ...said } = own ?? { turn: row.turn };
    const kept = Object.entries(said).filter(([name]) => name !== size);
    const stays =
      kept.length < 2 ? kept : kept.filter(([name]) => name !== (size === 'thicknessMm' ? 'widthMm' : 'thicknessMm'));
    put({ turn, ...Object.fromEntries(stays), [size]: mm });
  };
  const cm = { scale: 0.1, unit: 'cm' };
  const sizes = [
    ['lengthMm', 'long', row.lengthMm, cm],
    ['widthMm', 'wide', row.widthMm, cm],
    ['thicknessMm', 'thick', row.rolledMm, {}],
  ] as const;
  return (
    <span className="flex flex-wrap items-center gap-x-3">
      {sizes.map(([size, word, value, written]) => (
        <Fragment key={size}>
          <Ruled
            path={`folds.ownTurns.${size}`}
            label={`Turn ${row.turn}, ${word}`}
            value={value}
            places={1}
            {...written}
            onChange={(mm) => say(size, mm)}
          />
          <span className="quiet-ink">{word}</span>
        </Fragment>
      ))}
      {own && (
        <button type="button" className="press quiet" onClick={() => put(null)}>
          As ours
        </button>
      )}
    </span>
  );
}
