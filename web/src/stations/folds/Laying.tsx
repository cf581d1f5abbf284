import type { LeavesPlan } from '@crustallum/core/plan/stations/lamination/station';
import { layings } from '@crustallum/core/lamination/leafLaying';
import { useItem } from '../../desk/useItem';
import { Pick } from '../../design/ui/Pick';
import { actWords, coverWords, layingWords } from '../../wording/folds';
import { plain, span } from '../../wording/numbers';

/** The order the leaves are laid in, how long one may lie and under what, and what to do with a torn one. */
export function LeafLaying({ lamination }: { lamination: LeavesPlan }) {
  const { item, change } = useItem();
  const laying = item?.document.folds.laying ?? (item?.document.product === 'filoCoil' ? 'coil' : 'tray');
  const made = lamination.laying;
  return (
    <div className="turns">
      <Pick
        label="Laid as"
        value={laying}
        options={layings.map((l) => [l, layingWords[l]] as const)}
        onChange={(l) => change({ 'folds.laying': l })}
      />
      <ol className="plain-list" aria-label="Order of laying">
        {made.acts.map((a, i) => (
          <li key={`${a.act}${i}`}>
            <strong>{i + 1}</strong>
            <span>{actWords(laying, a, made.pieceMm, made.pieces)}</span>
          </li>
        ))}
      </ol>
      <p className="m-0">
        {made.leaves} {made.leaves === 1 ? 'leaf' : 'leaves'} take {plain(made.brushG, 0)} g of fat
        {made.pieces > 1 ? ` and make ${made.pieces}, each with about ${plain(made.fillG, 0)} g of filling` : ''}.
      </p>
      {lamination.stretchedCm !== null && (
        <p className="m-0">
          Stretched at home, each piece of dough goes to {plain(lamination.stretchedCm, 0)} ×{' '}
          {plain(lamination.stretchedCm, 0)} cm: thin enough to read print through.
        </p>
      )}
      <h2 className="sign">How long a leaf bends</h2>
      <ul className="plain-list" aria-label="Covers">
        {lamination.covers.map((c) => (
          <li key={c.cover}>
            <strong>{coverWords[c.cover]}</strong>
            <span>{c.minutes === null ? 'two hours and more' : span(c.minutes)}</span>
          </li>
        ))}
      </ul>
      <p className="m-0">
        <strong>A torn leaf</strong> goes inside the stack, its tear across the one of the leaf below, with a brush of
        fat to hold it; keep two whole ones for the top. A leaf that cracks when it is bent is too dry: a damp cloth for
        ten minutes, or it goes inside in pieces.
      </p>
    </div>
  );
}
