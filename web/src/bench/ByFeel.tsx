import { partName } from '@crustallum/core/dough/formula';
import { byFeel, feelTests, type Feel } from '@crustallum/core/dough/weighing';
import { plain, weight, weightParts } from '../wording/numbers';
import { Answers } from './Answers';
import { FeelPicture } from './FeelPicture';
import type { RunPlan, Say } from './run';
import { pouredPart, type Weighing } from './weighing';

const feelWords: Record<Feel, { word: string; next: string }> = {
  crumbly: { word: 'falls apart', next: 'A spoon more, and press it again.' },
  holds: { word: 'holds when pressed', next: 'Enough. Leave the rest in the jug.' },
  sticks: { word: 'sticks to the finger', next: 'No more. Dust it, chill it, and work it less.' },
  cracks: { word: 'cracks at the rim', next: 'Cover it ten minutes and look again before you pour.' },
};
const spoonG = 15;
/** Flour a hand dusts in at once, g (estimate). */
const dustG = 5;

interface Props {
  item: RunPlan['items'][number];
  itemIndex: number;
  now: Weighing;
  say: Say;
}

const stateOf = (item: Props['item'], now: Weighing) => {
  const parts = item.parts ?? [];
  const liquid = pouredPart(parts);
  const plannedG = (liquid?.grams ?? 0) * now.factor;
  const flourG = Math.max(1, (parts[0]?.grams ?? 1) * now.factor);
  const feel = feelTests.find((f) => f === now.feel) ?? 'crumbly';
  const firstLotPct = item.firstLotPct ?? 100;
  return {
    liquid,
    plannedG,
    ...byFeel({ plannedG, flourG, firstLotPct, topUpsG: now.topUpsG, dustedG: now.dustedG, feel }),
  };
};

/** Liquid by feel: the first lot, then spoon by spoon; all of it is written down. */
export function Poured({ item, itemIndex, now, say }: Props) {
  const state = stateOf(item, now);
  if (!state.liquid)
    return (
      <>
        <div className="bench-label">nothing to pour</div>
        <p className="m-0" style={{ fontSize: 22 }}>
          Egg, fat or cheese wets this one: all of it goes in.
        </p>
      </>
    );
  return (
    <>
      <div className="bench-label">{partName(state.liquid).toLowerCase()} poured so far</div>
      <div className="bench-far" role="status" aria-label={`Poured ${weight(state.pouredG)}`}>
        {weightParts(state.pouredG).number}
        <small> {weightParts(state.pouredG).unit}</small>
      </div>
      <p className="m-0" style={{ fontSize: 20 }}>
        {weight(state.firstLotG)} first, of {weight(state.plannedG)}
        {state.leftG < -0.5 ? `; ${weight(-state.leftG)} more than planned` : ''}
      </p>
      <div className="bench-row">
        <button
          type="button"
          className="press bench-side"
          onClick={() => void say('poured', { itemIndex, grams: spoonG })}
        >
          A spoon more
        </button>
        <button
          type="button"
          className="press quiet bench-side"
          disabled={now.topUpsG.length === 0}
          onClick={() => void say('poured', { itemIndex, grams: 0, undo: true })}
        >
          One less
        </button>
      </div>
    </>
  );
}

/** What the dough says in the hand, with pictures, and what to do about it. */
export function FeelTests({ item, itemIndex, now, say }: Props) {
  const state = stateOf(item, now);
  const feel = feelTests.find((f) => f === now.feel);
  return (
    <div className="weigh-out">
      <Answers
        label="How it feels"
        answers={feelTests}
        chosen={now.feel}
        show={(f) => (
          <>
            <FeelPicture feel={f} />
            {feelWords[f].word}
          </>
        )}
        onTake={(f) => void say('feel', { itemIndex, feel: f })}
      />
      <p className="m-0" style={{ fontSize: 22 }} aria-live="polite">
        {feel ? feelWords[feel].next : 'Press a lump in your hand, and say how it feels.'}
        {state.absorptionFactor !== null && Math.abs(state.absorptionFactor - 1) > 0.02
          ? ` This flour took ${plain(100 * state.absorptionFactor, 0)} % of what was planned.`
          : ''}
      </p>
      {(feel === 'sticks' || now.dustedG > 0) && (
        <div className="bench-row">
          <button
            type="button"
            className="press quiet bench-side"
            onClick={() => void say('poured', { itemIndex, grams: dustG, dust: true })}
          >
            Dust in {weight(dustG)} of flour
          </button>
          <button
            type="button"
            className="press quiet bench-side"
            disabled={now.dustedG === 0}
            onClick={() => void say('poured', { itemIndex, grams: -dustG, dust: true })}
          >
            Less
          </button>
          <span style={{ fontSize: 20 }}>{now.dustedG > 0 ? `${weight(now.dustedG)} in so far` : ''}</span>
        </div>
      )}
    </div>
  );
}
