import type { LeavesPlan } from '@crustallum/core/plan/stations/lamination/station';
import { leafPieceKinds } from '@crustallum/core/filling/leafPieces';
import { useItem } from '../../desk/useItem';
import { Pick } from '../../design/ui/Pick';
import { actWords, coverWords, layingWords, stripActs } from '../../wording/folds';
import { counted, long, plain, span, weight } from '../../wording/numbers';

/** The order the leaves are laid in, how long one may lie and under what, and what to do with a torn one. */
export function LeafLaying({ lamination }: { lamination: LeavesPlan }) {
  const { item, plan, change } = useItem();
  const leaves = plan?.cut.leaves;
  if (!item || !plan || !leaves) return null;
  const { made, laying } = leaves;
  const halves = item.document.folds.halfLeaves ?? false;
  const acts = made ? stripActs(made, leaves.perStack) : (laying?.acts ?? []).map((act) => actWords(act, halves));
  const fat = lamination.figures.brush.value ?? 0;
  return (
    <div className="turns">
      {made && (
        <Pick
          label="Closed as"
          value={made.kind}
          options={leafPieceKinds.map((kind) => [kind, layingWords[kind]] as const)}
          onChange={(kind) => change({ 'folds.laying': kind })}
        />
      )}
      {item.document.product === 'filoTray' && (
        <Pick
          label="Leaves"
          value={halves ? 'halves' : 'whole'}
          options={[
            ['whole', 'whole'],
            ['halves', 'cut in two'],
          ]}
          onChange={(cut) => change({ 'folds.halfLeaves': cut === 'halves' || undefined })}
        />
      )}
      <ol className="plain-list" aria-label="Order of laying">
        {acts.map((words, i) => (
          <li key={words}>
            <strong>{i + 1}</strong>
            <span>{words}</span>
          </li>
        ))}
      </ol>
      <p className="m-0">
        {counted(leaves.count, 'leaf takes', 'leaves take')} {weight(fat)} of fat
        {made
          ? ` in ${counted(leaves.stacks, 'stack', 'stacks')}: ${counted(made.perStack, 'piece', 'pieces')} of a stack, each with ${weight(plan.filling.eachG)} of filling`
          : ''}
        .
      </p>
      {lamination.stretchedCm !== null && (
        <p className="m-0">
          Stretched at home, each piece of dough goes to {plain(lamination.stretchedCm, 0)} ×{' '}
          {long(10 * lamination.stretchedCm, 0)}: thin enough to read print through.
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
