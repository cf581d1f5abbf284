import type { Alarm } from '@crustallum/core/recipes/alarms';
import { Because } from '../design/ui/Because';
import { NumberField } from '../design/ui/NumberField';
import { alarmWords, optionWritten } from '../wording/recipe';
import type { Correction } from './useReading';

const gramRule = { min: 0, max: 100_000, unit: 'g', integer: false };

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
          {alarm.asks && (
            <span className="flex items-baseline gap-2">
              <span className="quiet-ink">by the label</span>
              <NumberField
                label={`Grams, as the label says: ${words.fact}`}
                value={chosen?.value ?? alarm.options[0]?.value ?? 0}
                rule={gramRule}
                unit="g"
                onChange={onChoose}
              />
            </span>
          )}
        </div>
      )}
    </div>
  );
}
