import type { Moves } from '@crustallum/core/cutting/portions';
import { useEffect, useState } from 'react';
import { scale } from '../../devices/scale';
import { NumberField } from '../../ui/NumberField';
import { plain } from '../../wording/numbers';
import { Unanswered } from '../Unanswered';
import { useQuestion } from '../useQuestion';

const gramRule = { min: 0, max: 20_000, unit: 'g', integer: false };
const countRule = { min: 2, max: 60, unit: '', integer: true };

/** Portions put on the scale one by one, and the fewest moves of grams that make them alike. */
export function Portions({ pieces, massG }: { pieces: number; massG: number }) {
  const [count, setCount] = useState(Math.max(countRule.min, pieces));
  const [wantedG, setWanted] = useState(Math.round(massG / Math.max(countRule.min, pieces)));
  const [toleranceG, setTolerance] = useState(2);
  const [bowlG, setBowl] = useState(0);
  const [weighed, setWeighed] = useState<number[]>([]);
  const [reading, setReading] = useState(0);
  useEffect(() => {
    scale.tare();
    return scale.subscribe(setReading);
  }, []);
  const all = weighed.length >= count;
  const moves = useQuestion<Moves>(
    'cutting.moves',
    all ? { m: weighed, T: weighed.map(() => wantedG), tol: toleranceG, ...(bowlG > 0 ? { rest: bowlG } : {}) } : null,
  );
  const keep = () => {
    setWeighed([...weighed, Math.round(reading)]);
    scale.tare();
  };
  const answer = all ? moves.value : null;
  const name = (i: number) => (i >= weighed.length ? 'the bowl' : `portion ${i + 1}`);
  return (
    <div className="turns portions">
      <div className="flex flex-wrap gap-4">
        {(
          [
            ['Portions', count, setCount, countRule, '', 0],
            ['Each', wantedG, setWanted, gramRule, 'g', 0],
            ['Give or take', toleranceG, setTolerance, gramRule, 'g', 0],
            ['Left in the bowl', bowlG, setBowl, gramRule, 'g', 0],
          ] as const
        ).map(([label, value, set, rule, unit, places]) => (
          <div key={label}>
            <span className="quiet-ink">{label}</span>{' '}
            <NumberField label={label} value={value} rule={rule} unit={unit} places={places} onChange={set} />
          </div>
        ))}
      </div>
      {!all && (
        <div role="group" aria-label="The stand-in for a scale">
          <p className="m-0" role="status">
            On the scale <strong style={{ fontSize: 28 }}>{plain(reading, 0)} g</strong>, portion {weighed.length + 1}{' '}
            of {count}
          </p>
          <div className="flex flex-wrap gap-2">
            {[50, 10, 1, -1].map((g) => (
              <button key={g} type="button" className="press quiet" onClick={() => scale.put(g)}>
                {g > 0 ? `+${g}` : g}
              </button>
            ))}
            <button type="button" className="press" disabled={reading < 1} onClick={keep}>
              That is one
            </button>
          </div>
        </div>
      )}
      <ol className="plain-list" aria-label="Weighed portions">
        {weighed.map((g, i) => (
          <li key={i}>
            <strong>{i + 1}</strong>
            <span>
              {plain(g, 0)} g{' '}
              <span className="quiet-ink">
                {Math.abs(g - wantedG) <= toleranceG
                  ? 'right'
                  : `${plain(Math.abs(g - wantedG), 0)} ${g > wantedG ? 'over' : 'short'}`}
              </span>
            </span>
          </li>
        ))}
      </ol>
      {all && <Unanswered asked={moves} working="Looking for the fewest moves" />}
      {answer && (
        <section aria-label="Moves">
          {!answer.feasible ? (
            <p className="m-0">
              All together they are {plain(Math.abs(answer.gapG), 0)} g {answer.gapG > 0 ? 'over' : 'short'}: it comes
              out at {plain(answer.proposeG ?? wantedG, 0)} g each.{' '}
              <button type="button" className="press quiet" onClick={() => setWanted(answer.proposeG ?? wantedG)}>
                Take {plain(answer.proposeG ?? wantedG, 0)} g each
              </button>
            </p>
          ) : answer.count === 0 ? (
            <p className="m-0">
              <strong>All are right.</strong>
            </p>
          ) : (
            <ol className="plain-list">
              {answer.moves.map((m, i) => (
                <li key={i}>
                  <strong>{plain(m.g, 0)} g</strong>
                  <span>
                    from {name(m.from)} to {name(m.to)}
                  </span>
                </li>
              ))}
            </ol>
          )}
        </section>
      )}
      {weighed.length > 0 && (
        <div className="flex gap-2">
          <button type="button" className="press quiet" onClick={() => setWeighed(weighed.slice(0, -1))}>
            Weigh the last again
          </button>
        </div>
      )}
    </div>
  );
}
