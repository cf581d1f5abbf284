import { inHand, offered } from '@crustallum/core/bench/offer';
import { plain, span } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import type { Heard } from './follow';
import type { BenchRun, BenchState, Say } from './run';

/** What the others do: a strip a cook, whose step can be taken over, and to whom one's own can be handed. */
export function OtherCooks({
  run,
  state,
  now,
  heard,
  say,
  wordsOnly = false,
}: {
  run: BenchRun;
  state: BenchState;
  now: number;
  heard: Heard;
  say: Say;
  /** Where there is no room for presses: they are found under something else. */
  wordsOnly?: boolean;
}) {
  const { cooks } = run.plan.kitchen;
  const mine = state.asking.cook;
  if (mine === null || cooks.length < 2) return null;
  const own = state.offer?.now;
  return (
    <section className="others" aria-label="The others">
      {cooks
        .filter((c) => c !== mine)
        .map((cook) => {
          const asking = { cook, device: '' };
          const held = inHand(state.now, asking);
          const next = held ?? offered(state.now, asking, now)?.now ?? null;
          const title = next && run.plan.items[next.step.itemIndex]?.document.title;
          const leftMin = held?.begun ? held.step.minutes - Math.max(0, now - held.begun.at) / 60_000 : null;
          return (
            <div key={cook} className="other">
              <p className="m-0">
                <strong>{cook}</strong>{' '}
                {next ? (
                  <>
                    {held ? 'is at' : 'has next'}: {stepWord(next.step).toLowerCase()}, {title}
                    {leftMin === null
                      ? ''
                      : leftMin >= 0
                        ? `. ${plain(Math.ceil(leftMin), 0)} min left of ${plain(next.step.minutes, 0)}`
                        : `. ${span(-leftMin)} over`}
                  </>
                ) : (
                  'has nothing left to do'
                )}
                {heard === 'away' ? '. Not heard since: this screen is away from the house' : ''}
              </p>
              <div className="bench-row" hidden={wordsOnly}>
                {next && (
                  <button
                    type="button"
                    className="press quiet bench-side"
                    onClick={() =>
                      void say(held ? 'begin' : 'hand', { step: next.key, ...(held ? {} : { cook: mine }) })
                    }
                  >
                    Take over: {stepWord(next.step).toLowerCase()}
                  </button>
                )}
                {own && (
                  <button
                    type="button"
                    className="press quiet bench-side"
                    onClick={() => void say('hand', { step: own.key, cook })}
                  >
                    Hand {cook}: {stepWord(own.step).toLowerCase()}
                  </button>
                )}
              </div>
            </div>
          );
        })}
    </section>
  );
}
