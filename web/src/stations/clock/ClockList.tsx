import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { clock, dayOf, momentAt, served, span } from '../../wording/numbers';
import { laterWords, namesIn, playWords } from '../../wording/play';
import { stepWord } from '../../wording/steps';
import { canBeHeld } from './held';
import { colour } from './packed';
import type { DayInHand } from './useDayInHand';

/** Every step of the day in words. */
export function ClockList({
  steps,
  serveAt,
  titles,
  hand,
  plays,
  clashing,
}: {
  steps: readonly TimedStep[];
  serveAt: string;
  titles: readonly string[];
  /** Where steps can be taken in hand. */
  hand: DayInHand | null;
  plays: DayInHand['plays'];
  /** Keys of the steps that clash. */
  clashing: ReadonlySet<string>;
}) {
  const first = steps[0];
  const severalDays =
    first !== undefined && momentAt(serveAt, first.startMin).toDateString() !== served(serveAt).toDateString();
  // taken in hand it says what keeps it; here the minutes are enough
  const noted = (s: TimedStep) => {
    const play = plays.get(keyOf(s));
    return play && canBeHeld(s) ? (
      <span className="quiet-ink">
        ; {hand ? playWords(play) : laterWords(play, namesIn(steps, titles, s.itemIndex))}
      </span>
    ) : null;
  };
  const words = (s: TimedStep) => (
    <>
      {stepWord(s)} <span style={{ color: colour(s.itemIndex), fontWeight: 620 }}>{titles[s.itemIndex]}</span>
      {s.cook ? `, ${s.cook}` : ''}
      {clashing.has(keyOf(s)) && <strong className="problem"> clashes</strong>}
      {noted(s)}
    </>
  );
  return (
    <ol className="plain-list px-4" aria-label="Every step of the day">
      {steps.map((s, i) => {
        const at = momentAt(serveAt, s.startMin);
        const before = steps[i - 1];
        const newDay = before ? momentAt(serveAt, before.startMin).toDateString() !== at.toDateString() : severalDays;
        return (
          <li key={`${s.itemIndex}${s.id}`} className={`flex flex-wrap gap-x-3 ${hand ? 'items-center' : 'py-1'}`}>
            {newDay && <strong className="w-full pt-2">{dayOf(at)}</strong>}
            <strong style={{ width: 54 }}>{clock(at)}</strong>
            {hand && canBeHeld(s) ? (
              <button type="button" className="list-step flex-1" onClick={() => hand.take(s)}>
                {words(s)}
              </button>
            ) : (
              <span className="flex-1">{words(s)}</span>
            )}
            <span className="quiet-ink">{span(s.minutes)}</span>
          </li>
        );
      })}
    </ol>
  );
}
