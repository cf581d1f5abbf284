import type { Alarm } from '@crustallum/core/recipes/alarms';
import { Because } from '../design/ui/Because';
import { alarmWords, optionWritten } from '../wording/recipe';
import type { Correction } from './useReading';

/** Something that cannot well be meant: the fact with its number, why, and the ways out; the first one is already in. */
export function Doubt({
  alarm,
  chosen,
  onChoose,
}: {
  alarm: Alarm;
  chosen: Correction | undefined;
  onChoose: (value: number | null) => void;
}) {
  const words = (alarmWords[alarm.code] ?? (() => ({ fact: alarm.code, because: '' })))(alarm.values);
  const changes = alarm.about.amount !== undefined || alarm.about.fact !== undefined;
  return (
    <div className="doubt">
      <p className="m-0">
        <span className="doubt-sign" aria-hidden="true">
          !
        </span>
        <strong>{words.fact}</strong> <Because>{words.because}</Because>
      </p>
      {changes && (
        <div className="flex flex-wrap gap-2" role="group" aria-label={words.fact}>
          {alarm.options.map((o, i) => {
            const on = chosen ? (chosen.value ?? null) === o.value : i === 0;
            return (
              <button
                key={o.code}
                type="button"
                className={`press ${on ? '' : 'quiet'}`}
                aria-pressed={on}
                onClick={() => onChoose(o.value)}
              >
                {optionWritten(o.code, o.value)}
              </button>
            );
          })}
        </div>
      )}
    </div>
  );
}
