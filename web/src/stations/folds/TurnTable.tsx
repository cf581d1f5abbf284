import type { FoldsPlan } from '@crustallum/core/plan/stations/lamination/station';
import { dustingGPerDm2 } from '@crustallum/core/plan/stations/lamination/turns';
import { foldWords } from '../../wording/folds';
import { long, plain, sides, span, thin, weight } from '../../wording/numbers';
import { OwnTurn } from './OwnTurn';

/** Every roll by its sizes: passes of the pin, folds, edges, and the rest after it, with what makes it as long. */
export function TurnTable({
  lamination,
  sheet,
}: {
  lamination: FoldsPlan;
  sheet: { l: number; w: number; t: number; trimMm: number };
}) {
  const { rows } = lamination;
  const last = rows[rows.length - 1];
  return (
    <div className="turns">
      <h2 className="sign">Roll by roll</h2>
      <ol className="plain-list">
        {rows.map((r) => (
          <li key={r.turn}>
            <strong>Turn {r.turn}</strong>
            <span>
              from {thin(r.fromMm, 0)} to <OwnTurn row={r} /> in {r.passes} {r.passes === 1 ? 'pass' : 'passes'}
              {r.passes > 1 && <> ({r.passMm.map((m) => plain(m, 0)).join(', ')} mm)</>}
              {r.spreadG > 0 && `; spread ${weight(r.spreadG)} of fat`}; fold{' '}
              {foldWords[r.fold as keyof typeof foldWords] ?? r.fold} to {sides([r.foldedLengthMm, r.widthMm])},{' '}
              {thin(r.foldedMm, 0)}; a quarter round, seam to your right, {r.turn} {r.turn === 1 ? 'dent' : 'dents'} in
              the edge
            </span>
            <span className="quiet-ink">
              {r.rest
                ? `rest ${span(r.rest.minutes)}: ${r.rest.because === 'heat' ? `the heat takes that long; springing back is by then under ${plain(r.rest.shrinkPct, 0)} %` : `springing back takes that long; it would shrink ${plain(r.rest.shrinkPct, 0)} % if cut at once`}`
                : 'the next turn at once'}
            </span>
          </li>
        ))}
        <li>
          <strong>Sheet</strong>
          <span>
            from {thin(last?.foldedMm ?? sheet.t, 0)} to {sides([sheet.l, sheet.w])}, {thin(sheet.t)}; trim{' '}
            {long(sheet.trimMm)} off each edge with a straight cut, so that every layer is open
          </span>
          <span className="quiet-ink">
            brush off about {weight(((sheet.l * sheet.w) / 10_000) * dustingGPerDm2)} of flour before every fold: it
            keeps layers from closing
          </span>
        </li>
      </ol>
    </div>
  );
}
