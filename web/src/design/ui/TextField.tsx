import { useEffect, useId, useState } from 'react';

interface Props {
  label: string;
  value: string;
  max: number;
  rows?: number;
  /** May be left empty, as a note may. */
  optional?: boolean;
  onChange: (value: string) => void;
}

/** A line (or field) of words; an empty name is kept on screen but not taken, an empty note is. */
export function TextField({ label, value, max, rows, optional = false, onChange }: Props) {
  const id = useId();
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  const take = (typed: string) => {
    setText(typed);
    if (optional || typed.trim() !== '') onChange(typed);
  };
  const common = {
    id,
    className: 'text-field',
    value: text,
    maxLength: max,
    'aria-invalid': !optional && text.trim() === '',
  };
  return (
    <div className="py-2">
      <label htmlFor={id} className="quiet-ink" style={{ fontSize: 16, fontWeight: 500 }}>
        {label}
      </label>
      {rows ? (
        <textarea {...common} rows={rows} onChange={(e) => take(e.target.value)} />
      ) : (
        <input {...common} onChange={(e) => take(e.target.value)} />
      )}
    </div>
  );
}
