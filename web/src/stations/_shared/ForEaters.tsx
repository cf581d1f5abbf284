import { apartWords, notForWords, type EatersOfItem } from '../../wording/eaters';

/** Whose pieces are made apart and for whom it is not, wherever hands are at it. Nothing where everybody eats everything. */
export function ForEaters({ eaters, size = 16 }: { eaters: EatersOfItem; size?: number }) {
  const { apart } = eaters;
  const notFor = notForWords(eaters);
  if (apart.length === 0 && notFor.length === 0) return null;
  return (
    <div role="note" aria-label="For whom" style={{ fontSize: size }}>
      {apart.map((a) => (
        <p key={a.mark} className="m-0">
          <strong>First:</strong> {apartWords(a)}.
        </p>
      ))}
      {notFor.map((words) => (
        <p key={words} className="m-0">
          {words.replace(/^n/, 'N')}.
        </p>
      ))}
    </div>
  );
}
