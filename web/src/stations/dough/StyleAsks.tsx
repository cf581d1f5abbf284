import { startOf, styleOf } from '@crustallum/core/plan/stations/dough/formula';
import { plain } from '../../wording/numbers';
import { useDough } from './useDough';

const named = [
  ['fatToFlourPct', 'fat'],
  ['waterToFlourPct', 'water'],
  ['saltToFlourPct', 'salt'],
] as const;

/** Where the cook's own ratios stand against those of the style: both, and one press for the style's. */
export function StyleAsks() {
  const { dough, style } = useDough();
  if (!dough?.ownRatios) return null;
  const name = styleOf(dough);
  const start = startOf(name);
  const differ = named.filter(([field]) => Math.abs((start[field] ?? 0) - dough[field]) >= 0.5);
  if (differ.length === 0) return null;
  return (
    <p className="whatif m-0">
      Yours stand: {differ.map(([field, word]) => `${word} ${plain(dough[field], 1)}`).join(', ')} to 100 of flour; the
      style has {differ.map(([field]) => plain(start[field] ?? 0, 1)).join(', ')}.{' '}
      <button type="button" className="in-words" onClick={() => style(name, true)}>
        Take the style’s
      </button>
    </p>
  );
}
