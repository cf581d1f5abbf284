import { foldsIn, lockIn } from '@crustallum/core/plan/stations/lamination/turns';
import { Minus, Plus } from 'lucide-react';
import { useItem } from '../../desk/useItem';
import { Choice } from '../../design/ui/Choice';
import { foldWords, lockInWords } from '../../wording/folds';
import { foldNames, lockIns, type FoldWord } from '@crustallum/core/contracts/folds';

const mostTurns = 12;

/** How the fat comes in, and the sequence of folds: like turns, or one's own. */
export function FoldPlan() {
  const { item, change } = useItem();
  if (!item) return null;
  const { folds } = item.document;
  const own = folds.ownFolds ?? [];
  const sequence = foldsIn(folds) as FoldWord[];
  const set = (next: FoldWord[]) => change({ 'folds.ownFolds': next });
  return (
    <>
      <Choice
        label="Fat comes in"
        value={lockIn(folds)}
        options={lockIns.map((l) => [l, lockInWords[l]] as const)}
        onChange={(lock) => change({ 'folds.lock': lock })}
      />
      {own.length === 0 ? (
        <button type="button" className="press quiet w-full" onClick={() => set(sequence)}>
          Mix the folds
        </button>
      ) : (
        <div role="group" aria-label="Folds in turn">
          {own.map((fold, i) => (
            <Choice
              key={i}
              label={`Turn ${i + 1}`}
              value={fold}
              options={foldNames.map((f) => [f, foldWords[f]] as const)}
              onChange={(f) => set(own.map((was, j) => (j === i ? f : was)))}
            />
          ))}
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="press quiet"
              disabled={own.length >= mostTurns}
              onClick={() => set([...own, own[own.length - 1] ?? 'letter'])}
            >
              <Plus size={18} /> turn
            </button>
            <button
              type="button"
              className="press quiet"
              disabled={own.length <= 1}
              onClick={() => set(own.slice(0, -1))}
            >
              <Minus size={18} /> turn
            </button>
            <button type="button" className="press quiet" onClick={() => set([])}>
              All alike
            </button>
          </div>
        </div>
      )}
    </>
  );
}
