import { readMoment } from '@crustallum/core/quantities/amounts/readMoment';
import { clock } from '../../wording/numbers';
import { units } from '../../wording/units';
import { WordsField } from './WordsField';

interface Props {
  label: string;
  /** Minutes from midnight. */
  value: number;
  onChange: (minutes: number) => void;
}

const noon = '2000-01-01T12:00';

/** An hour of any day in words: `9:30`, `6 pm`. */
export function HourField({ label, value, onChange }: Props) {
  const read = (text: string): number | null => {
    const found = readMoment({ text, standing: noon, today: noon, order: units().order });
    return found ? Number(found.slice(11, 13)) * 60 + Number(found.slice(14, 16)) : null;
  };
  return (
    <WordsField
      label={label}
      hidden
      written={clock(new Date(2000, 0, 1, 0, value))}
      read={read}
      hint="An hour, as 9:30 or 6.30 pm."
      onTake={onChange}
    />
  );
}
