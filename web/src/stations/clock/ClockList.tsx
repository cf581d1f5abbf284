import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { clock, dayOf, momentAt, served, span } from '../../wording/numbers';
import { stepWord } from '../../wording/steps';
import { colour } from './packed';

/** Every step of the day in words. */
export function ClockList({
  steps,
  serveAt,
  titles,
}: {
  steps: readonly TimedStep[];
  serveAt: string;
  titles: readonly string[];
}) {
  const first = steps[0];
  const severalDays =
    first !== undefined && momentAt(serveAt, first.startMin).toDateString() !== served(serveAt).toDateString();
  return (
    <ol className="plain-list px-4">
      {steps.map((s, i) => {
        const at = momentAt(serveAt, s.startMin);
        const before = steps[i - 1];
        const newDay = before ? momentAt(serveAt, before.startMin).toDateString() !== at.toDateString() : severalDays;
        return (
          <li key={`${s.itemIndex}${s.id}`} className="flex flex-wrap gap-x-3 py-1">
            {newDay && <strong className="w-full pt-2">{dayOf(at)}</strong>}
            <strong style={{ width: 54 }}>{clock(at)}</strong>
            <span className="flex-1">
              {stepWord(s)} <span style={{ color: colour(s.itemIndex), fontWeight: 620 }}>{titles[s.itemIndex]}</span>
              {s.cook ? `, ${s.cook}` : ''}
            </span>
            <span className="quiet-ink">{span(s.minutes)}</span>
          </li>
        );
      })}
    </ol>
  );
}
