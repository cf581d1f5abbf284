import { readMoment } from '@crustallum/core/quantities/amounts/readMoment';
import { useEffect, useId, useState } from 'react';
import { clock, dayOf, localMoment } from '../../wording/numbers';
import { units } from '../../wording/units';

interface Props {
  label: string;
  value: Date;
  onChange: (moment: Date) => void;
}

/** The day and hour in words, typed as the cook would write them; what cannot be read stays, and is said. */
export function MomentField({ label, value, onChange }: Props) {
  const id = useId();
  const written = `${dayOf(value)}, ${clock(value)}`;
  const [text, setText] = useState(written);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    setText(written);
    setWrong(false);
  }, [written]);
  const read = (typed: string) =>
    readMoment({ text: typed, standing: localMoment(value), today: localMoment(new Date()), order: units().order });
  return (
    <span className="inline-block min-w-0">
      <label className="visually-hidden" htmlFor={id}>
        {label}
      </label>
      <input
        id={id}
        className="text-field"
        style={{ width: `${Math.max(16, text.length)}ch`, maxWidth: 'min(100%, calc(100vw - 60px))', fontWeight: 620 }}
        value={text}
        maxLength={60}
        autoComplete="off"
        aria-invalid={wrong}
        aria-describedby={wrong ? `${id}wrong` : undefined}
        onFocus={(e) => e.target.select()}
        onChange={(e) => {
          setText(e.target.value);
          const moment = read(e.target.value);
          // a whole moment, pasted or put in by a program, is taken at once; words when they are done
          if (moment === e.target.value) onChange(new Date(moment));
        }}
        onBlur={(e) => {
          if (e.target.value === written) return;
          const moment = read(e.target.value);
          setWrong(moment === null);
          if (moment) {
            setText(written);
            onChange(new Date(moment));
          }
        }}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
      {wrong && (
        <span className="field-error" id={`${id}wrong`} role="alert">
          A day or an hour, as 12 December 18:30, saturday, or 6.30 pm.
        </span>
      )}
    </span>
  );
}
