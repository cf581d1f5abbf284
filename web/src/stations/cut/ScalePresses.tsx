import { scale } from '../../devices/scale';
import { weight } from '../../wording/numbers';

/** The stand-in for a scale: its reading, grams to put on, and "that is one". */
export function ScalePresses({ reading, said, onKeep }: { reading: number; said: string; onKeep: () => void }) {
  return (
    <div role="group" aria-label="The stand-in for a scale">
      <p className="m-0" role="status">
        On the scale <strong style={{ fontSize: 28 }}>{weight(reading)}</strong>, {said}
      </p>
      <div className="flex flex-wrap gap-2">
        {[50, 10, 1, -1].map((g) => (
          <button key={g} type="button" className="press quiet" onClick={() => scale.put(g)}>
            {g > 0 ? `+${g}` : g}
          </button>
        ))}
        <button type="button" className="press" disabled={reading < 1} onClick={onKeep}>
          That is one
        </button>
      </div>
    </div>
  );
}
