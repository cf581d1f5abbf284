import type { NumberRule } from '@crustallum/core/quantities/rules';
import { useEffect, useId, useState } from 'react';
import { fieldUnit, rangeWords } from '../../wording/fieldUnit';
import { typedNumber } from './typedNumber';

interface Props {
  value: number;
  rule: NumberRule;
  unit: string;
  label: string;
  /** Shown value = stored value × scale (mm shown as cm: 0.1). */
  scale?: number;
  places?: number;
  id?: string;
  /** What stands is ours: typed alike, it is the cook's word from then on. */
  ours?: boolean;
  onChange: (value: number) => void;
}

/** A typed number: what is typed stays until it can be used; the field says what is wrong and what is allowed. */
export function NumberField({ value, rule, unit, label, scale = 1, places, id, ours = false, onChange }: Props) {
  const field = fieldUnit(unit, value * scale);
  const written = field.write(value * scale, places);
  const [text, setText] = useState(written);
  const [wrong, setWrong] = useState(false);
  const errorId = useId();
  useEffect(() => {
    setText(written);
    setWrong(false);
  }, [written]);
  const take = (typed: string) => {
    setText(typed);
    const number = typedNumber(typed, unit, field.read);
    const stored = number === null ? NaN : Number((number / scale).toFixed(9));
    const fits =
      number !== null &&
      stored >= rule.min - 1e-9 &&
      stored <= rule.max + 1e-9 &&
      (!rule.integer || Number.isInteger(stored));
    setWrong(!fits);
    if (fits && (ours || stored !== value)) onChange(stored);
  };
  return (
    <>
      <span className="typed">
        <input
          id={id}
          aria-label={id ? undefined : label}
          inputMode="decimal"
          value={text}
          aria-invalid={wrong}
          aria-describedby={wrong ? errorId : undefined}
          onChange={(e) => take(e.target.value)}
        />
        <small>{field.unit}</small>
      </span>
      {wrong && (
        <span className="field-error" id={errorId} role="alert">
          {label}: {rangeWords({ ...rule, min: rule.min * scale, max: rule.max * scale, unit })}
        </span>
      )}
    </>
  );
}
