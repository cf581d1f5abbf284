import type { HandPieceKind } from '@crustallum/core/filling/handPiece';
import type { Moves } from '@crustallum/core/cutting/portions';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { useEffect, useState } from 'react';
import { scale } from '../../devices/scale';
import { NumberField } from '../../design/ui/NumberField';
import { Whence } from '../../design/ui/Whence';
import { long, weight } from '../../wording/numbers';
import { Pick } from '../../design/ui/Pick';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';
import { baseShare, portionsOf, type Portion } from './portionsOf';
import { ScalePresses } from './ScalePresses';
import { Variants } from './Variants';

const gramRule = { min: 0, max: 20_000, unit: 'g', integer: false };
/** Of a log divided by eye, mm for each portion. */
const markMm = 40;
const countRule = { min: 2, max: 60, unit: '', integer: true };

/** Portions put on the scale one by one, and the fewest moves of grams that bring each to what it should be. */
export function Portions({ item, pieces, massG }: { item: ItemInput; pieces: number; massG: number }) {
  const variants = item.cut.variants ?? [];
  const pairs =
    item.product === 'handPies' && (['round2', 'rect2', 'outline2'] as HandPieceKind[]).includes(item.cut.pieceKind);
  const [apart, setApart] = useState<'alike' | 'apart'>('alike');
  const split = pairs && apart === 'apart';
  const [count, setCount] = useState(Math.max(countRule.min, pieces));
  const [eachG, setEach] = useState(Math.round(massG / Math.max(countRule.min, pieces)));
  const [toleranceG, setTolerance] = useState(2);
  const [bowlG, setBowl] = useState(0);
  const [weighed, setWeighed] = useState<number[]>([]);
  const [reading, setReading] = useState(0);
  useEffect(() => {
    scale.tare();
    return scale.subscribe(setReading);
  }, []);
  const wanted: Portion[] = portionsOf({
    count,
    eachG,
    variants,
    baseShare: split ? baseShare(item.cut.cutterMm, item.seal.rimMm) : null,
  });
  const all = weighed.length >= wanted.length;
  const moves = useQuestion<Moves>(
    'cutting.moves',
    all
      ? {
          m: weighed,
          T: wanted.map((p) => p.grams),
          tol: toleranceG,
          ...(bowlG > 0 ? { rest: bowlG } : {}),
        }
      : null,
  );
  const keep = () => {
    setWeighed([...weighed, Math.round(reading)]);
    scale.tare();
  };
  const answer = all ? moves.value : null;
  const name = (i: number) => (i >= weighed.length ? 'the bowl' : (wanted[i]?.name ?? ''));
  const next = wanted[weighed.length];
  return (
    <div className="turns portions">
      {pairs && (
        <div style={{ maxWidth: 340 }}>
          <Pick
            label="Lid and base"
            value={apart}
            options={[
              ['alike', 'one ball'],
              ['apart', 'two balls'],
            ]}
            onChange={(v) => {
              setApart(v);
              setWeighed([]);
            }}
          />
        </div>
      )}
      <div className="flex flex-wrap gap-4">
        {(
          [
            [split ? 'Pies' : 'Portions', count, setCount, countRule, ''],
            ['Each', eachG, setEach, gramRule, 'g'],
            ['Give or take', toleranceG, setTolerance, gramRule, 'g'],
            ['Left in the bowl', bowlG, setBowl, gramRule, 'g'],
          ] as const
        ).map(([label, value, set, rule, unit]) => (
          <div key={label}>
            <span className="quiet-ink">{label}</span>{' '}
            <NumberField label={label} value={value} rule={rule} unit={unit} places={0} onChange={set} />
          </div>
        ))}
      </div>
      <p className="quiet-ink m-0" style={{ fontSize: 15 }}>
        Without a scale: a log of {long(count * markMm, 0)}, even along its length, cut every {long(markMm, 0)}
        {count % 2 === 0 ? '; or halves of halves' : count % 3 === 0 ? '; or thirds' : ''}.
      </p>
      {!all && next && (
        <ScalePresses
          reading={reading}
          expectedG={next.grams}
          said={`${next.name} of ${wanted.length}, to be ${weight(next.grams)}`}
          onKeep={keep}
        />
      )}
      <ol className="plain-list" aria-label="Weighed portions">
        {weighed.map((g, i) => {
          const p = wanted[i];
          return (
            <li key={i}>
              <strong>{i + 1}</strong>
              <span>
                {p && p.kind !== 'portion' ? `${p.kind}, ` : ''}
                {weight(g)}{' '}
                <span className="quiet-ink">
                  {Math.abs(g - (p?.grams ?? g)) <= toleranceG
                    ? 'right'
                    : `${weight(Math.abs(g - (p?.grams ?? g)))} ${g > (p?.grams ?? g) ? 'over' : 'short'}`}
                </span>
              </span>
            </li>
          );
        })}
      </ol>
      {all && <Unanswered asked={moves} working="Looking for the fewest moves" />}
      {answer && (
        <section aria-label="Moves">
          {!answer.feasible ? (
            <p className="m-0">
              All together they are {weight(Math.abs(answer.gapG))} {answer.gapG > 0 ? 'over' : 'short'}: it comes out
              at {weight(answer.proposeG ?? eachG)} each.{' '}
              <button
                type="button"
                className="press quiet"
                onClick={() => setEach((split ? 2 : 1) * (answer.proposeG ?? eachG))}
              >
                Take {weight(answer.proposeG ?? eachG)} each
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
                  <strong>{weight(m.g)}</strong>
                  <span>
                    from {name(m.from)} to {name(m.to)}
                  </span>
                </li>
              ))}
            </ol>
          )}
        </section>
      )}
      {answer && (
        <Whence
          model="cutting.moves"
          given={`${weighed.map((g) => weight(g)).join(', ')}, give or take ${weight(toleranceG)}`}
        />
      )}
      {weighed.length > 0 && (
        <div className="flex gap-2">
          <button type="button" className="press quiet" onClick={() => setWeighed(weighed.slice(0, -1))}>
            Weigh the last again
          </button>
        </div>
      )}
      <Variants variants={variants} pieces={pieces} />
    </div>
  );
}
