import { readMoment } from '@crustallum/core/quantities/amounts/readMoment';
import { dayOf, localMoment } from '../../wording/numbers';
import { units } from '../../wording/units';
import { WordsField } from './WordsField';

interface Props {
  label: string;
  /** `YYYY-MM-DD`, or nothing. */
  value: string | null;
  onChange: (day: string | null) => void;
}

const noon = 'T12:00';
/** Stands where no day was said: words with an hour alone leave it so. */
const noDay = '0000-00-00';

/** A day in words, typed as the cook would write it; may be left empty. */
export function DayField({ label, value, onChange }: Props) {
  const day = value ? new Date(`${value}${noon}`) : null;
  const read = (text: string): { day: string | null } | null => {
    if (text.trim() === '') return { day: null };
    const today = localMoment(new Date());
    const found = readMoment({ text, standing: `${value ?? noDay}${noon}`, today, order: units().order });
    return found && !found.startsWith(noDay) ? { day: found.slice(0, 10) } : null;
  };
  return (
    <WordsField
      label={label}
      written={day ? `${dayOf(day)} ${day.getFullYear()}` : ''}
      read={read}
      hint="A day, as 12 December or 3/4/2027."
      onTake={(taken) => onChange(taken.day)}
    />
  );
}
