import { readMoment } from '@crustallum/core/quantities/amounts/readMoment';
import { useEffect, useId, useState } from 'react';
import { dayOf, localMoment } from '../../wording/numbers';
import { units } from '../../wording/units';

interface Props {
  label: string;
  /** `YYYY-MM-DD`, or nothing. */
  value: string | null;
  onChange: (day: string | null) => void;
}

const noon = 'T12:00';

/** A day in words, typed as the cook would write it; may be left empty. */
export function DayField({ label, value, onChange }: Props) {
  const id = useId();
  const day = value ? new Date(`${value}${noon}`) : null;
  const written = day ? `${dayOf(day)} ${day.getFullYear()}` : '';
  const [text, setText] = useState(written);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    setText(written);
    setWrong(false);
  }, [written]);
  const take = (typed: string) => {
    if (typed === written) return;
    const today = localMoment(new Date());
    const read = readMoment({ text: typed, standing: `${value ?? '0000-00-00'}${noon}`, today, order: units().order });
    const found = read?.slice(0, 10) ?? null;
    setWrong(typed.trim() !== '' && (found === null || found.startsWith('0000')));
    if (typed.trim() === '') onChange(null);
    else if (found && !found.startsWith('0000')) onChange(found);
  };
  return (
    <div className="py-1">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className="text-field"
        value={text}
        maxLength={60}
        autoComplete="off"
        aria-invalid={wrong}
        aria-describedby={wrong ? `${id}wrong` : undefined}
        onChange={(e) => setText(e.target.value)}
        onBlur={(e) => take(e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
      {wrong && (
        <span className="field-error" id={`${id}wrong`} role="alert">
          A day, as 12 December or 3/4/2027.
        </span>
      )}
    </div>
  );
}
