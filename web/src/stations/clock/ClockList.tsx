import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { clock, momentAt, span } from '../../wording/numbers';
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
  return (
    <ol className="plain-list px-4">
      {steps.map((s) => (
        <li key={`${s.itemIndex}${s.id}`} className="flex gap-3 py-1">
          <strong style={{ width: 54 }}>{clock(momentAt(serveAt, s.startMin))}</strong>
          <span className="flex-1">
            {stepWord(s)} <span style={{ color: colour(s.itemIndex), fontWeight: 620 }}>{titles[s.itemIndex]}</span>
            {s.cook ? `, ${s.cook}` : ''}
          </span>
          <span className="quiet-ink">{span(s.minutes)}</span>
        </li>
      ))}
    </ol>
  );
}
