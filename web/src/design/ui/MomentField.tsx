import { readMoment } from '@crustallum/core/quantities/amounts/readMoment';
import { clock, dayOf, localMoment } from '../../wording/numbers';
import { units } from '../../wording/units';
import { WordsField } from './WordsField';

interface Props {
  label: string;
  value: Date;
  onChange: (moment: Date) => void;
}

/** The day and hour in words, typed as the cook would write them. */
export function MomentField({ label, value, onChange }: Props) {
  const today = localMoment(new Date());
  return (
    <WordsField
      label={label}
      hidden
      written={`${dayOf(value)}, ${clock(value)}`}
      read={(text) => readMoment({ text, standing: localMoment(value), today, order: units().order })}
      hint="A day or an hour, as 12 December 18:30, saturday, or 6.30 pm."
      onTake={(moment) => onChange(new Date(moment))}
    />
  );
}
