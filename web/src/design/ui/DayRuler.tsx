import { isSameDay } from 'date-fns';
import { DayPicker } from 'react-day-picker';
import { units } from '../../wording/units';

interface Props {
  value: Date;
  /** Earlier days are left out. */
  from: Date;
  /** Days something is laid for already. */
  laid?: readonly Date[];
  onChange: (day: Date) => void;
}

const names = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];

/** The days of a month as rulers of a week each: the chosen one stands up, today has its mark, days already laid a notch. */
export function DayRuler({ value, from, laid = [], onChange }: Props) {
  return (
    <DayPicker
      mode="single"
      required
      className="day-ruler"
      selected={value}
      defaultMonth={value}
      startMonth={from}
      disabled={{ before: from }}
      weekStartsOn={units().weekStart}
      onSelect={onChange}
      modifiers={{ laid: (day: Date) => laid.some((l) => isSameDay(l, day)) }}
      modifiersClassNames={{ laid: 'laid', selected: 'chosen', today: 'today', disabled: 'gone', outside: 'gone' }}
      formatters={{ formatWeekdayName: (day: Date) => names[day.getDay()] ?? '' }}
    />
  );
}
