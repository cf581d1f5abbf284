import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { clock, dayOf, momentAt, served, span } from '../../wording/numbers';
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
}: {
  steps: readonly TimedStep[];
  serveAt: string;
  titles: readonly string[];
  /** Where steps can be taken in hand. */
  hand?: DayInHand;
}) {
  const first = steps[0];
  const severalDays =
    first !== undefined && momentAt(serveAt, first.startMin).toDateString() !== served(serveAt).toDateString();
  const words = (s: TimedStep) => (
    <>
      {stepWord(s)} <span style={{ color: colour(s.itemIndex), fontWeight: 620 }}>{titles[s.itemIndex]}</span>
      {s.cook ? `, ${s.cook}` : ''}
    </>
  );
  return (
    <ol className="plain-list px-4">
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
