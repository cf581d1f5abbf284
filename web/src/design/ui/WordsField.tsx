import { useEffect, useId, useState } from 'react';

interface Props<Value> {
  label: string;
  /** What stands, in words. */
  written: string;
  /** What typed words mean; null where nobody can say. */
  read: (typed: string) => Value | null;
  /** How it may be typed, said when it could not be read. */
  hint: string;
  onTake: (value: Value) => void;
  /** Its label is for who does not see what stands round it. */
  hidden?: boolean;
}

/** A thing typed in words: taken when they are done, or at once where a whole value is put in; what cannot be read stays, and is said. */
export function WordsField<Value>({ label, written, read, hint, onTake, hidden = false }: Props<Value>) {
  const id = useId();
  const [text, setText] = useState(written);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    setText(written);
    setWrong(false);
  }, [written]);
  const take = (typed: string) => {
    if (typed === written) return;
    const value = read(typed);
    setWrong(value === null);
    if (value === null) return;
    setText(written);
    onTake(value);
  };
  return (
    <div className="words-field">
      <label htmlFor={id} className={hidden ? 'visually-hidden' : undefined}>
        {label}
      </label>
      <input
        id={id}
        className="text-field"
        value={text}
        maxLength={60}
        autoComplete="off"
        aria-invalid={wrong}
        aria-describedby={wrong ? `${id}wrong` : undefined}
        onFocus={(e) => e.target.select()}
        onChange={(e) => {
          setText(e.target.value);
          // a whole value, pasted or put in by a program, is taken at once; words when they are done
          const value = read(e.target.value);
          if (value !== null && String(value) === e.target.value) onTake(value);
        }}
        onBlur={(e) => take(e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
      {wrong && (
        <span className="field-error" id={`${id}wrong`} role="alert">
          {hint}
        </span>
      )}
    </div>
  );
}
