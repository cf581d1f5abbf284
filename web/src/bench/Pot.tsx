import { feltParts, potFeels, potNext, type FeltPart, type PotFeel } from '@crustallum/core/filling/byFeel';
import { weight } from '../wording/numbers';
import { Answers } from './Answers';
import type { RunPlan, Say } from './run';
import { inThePot, type Weighing } from './weighing';

const words: Record<PotFeel, string> = { tooThick: 'too thick', asWanted: 'as wanted', tooThin: 'too thin' };
const grams = (g: number): string => `${weight(g, g < 20 ? 1 : 0)}`;

interface Props {
  item: RunPlan['items'][number];
  itemIndex: number;
  now: Weighing;
  say: Say;
}

/** The pot by feel: each liquid and binder goes in by a first lot and additions, and a word says how it is; all is written down. */
export function Pot({ item, itemIndex, now, say }: Props) {
  const parts = feltParts(item.fillingParts ?? []);
  if (parts.length === 0) return null;
  const feel = potFeels.find((f) => f === now.potFeel);
  return (
    <section aria-label="Poured by feel" className="weigh-out">
      <ul className="plain-list">
        {parts.map((p) => (
          <PotPart
            key={p.name}
            part={p}
            inG={inThePot(now, p.name)}
            say={(data) => say('poured', { itemIndex, ...data })}
          />
        ))}
      </ul>
      <Answers
        label="How the pot is"
        className="bench-row"
        answers={potFeels}
        chosen={feel}
        show={(f) => words[f]}
        onTake={(f) => void say('feel', { itemIndex, feel: f, pot: true })}
      />
      <p className="m-0" style={{ fontSize: 20 }} aria-live="polite">
        {adviceOf(feel, parts)}
        {item.coverG ? ` ${grams(item.coverG)} in all just cover it.` : ''}
      </p>
    </section>
  );
}

function adviceOf(feel: PotFeel | undefined, parts: readonly FeltPart[]): string {
  if (!feel) return 'Drag a spoon through it, and say how it closes behind.';
  const { add } = potNext(feel);
  if (!add) return 'Leave the rest out; what went in is written down.';
  const part = parts.find((p) => p.role === add);
  if (part) return `A little more ${part.name.toLowerCase()}, stir, and look again in a minute.`;
  return add === 'binder'
    ? 'Nothing to bind it is listed: let it simmer open, and look again.'
    : 'A spoon of water, and look again.';
}

function PotPart({
  part,
  inG,
  say,
}: {
  part: FeltPart;
  inG: number | null;
  say: (data: Record<string, unknown>) => Promise<unknown>;
}) {
  const { name, plannedG, firstLotG, additionG } = part;
  const next = inG === null ? firstLotG : additionG;
  return (
    <li className={inG === null ? 'here' : undefined}>
      <span>
        <strong>{name}</strong>{' '}
        {inG === null ? `${grams(plannedG)} by plan` : `${grams(inG)} in, of ${grams(plannedG)}`}
      </span>
      <span className="bench-row">
        <button
          type="button"
          className="press quiet bench-side"
          aria-label={`${name}: ${grams(next)} ${inG === null ? 'first' : 'more'}`}
          onClick={() => void say({ pot: name, grams: Math.round(next * 10) / 10 })}
        >
          {inG === null ? `${grams(next)} first` : `${grams(next)} more`}
        </button>
        <button
          type="button"
          className="press quiet bench-side"
          aria-label={`${name}: take the last back`}
          disabled={inG === null}
          onClick={() => void say({ pot: name, grams: 0, undo: true })}
        >
          Back
        </button>
      </span>
    </li>
  );
}
