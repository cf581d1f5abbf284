import { useState } from 'react';
import { useAppSelector } from '../../desk/store';
import { Choice } from '../../design/ui/Choice';
import { Press } from '../../design/ui/Press';
import { fileName, saveFile } from '../../files/save';

const all = 'everybody';

/** The day to take along: a calendar file, or a list in words, of everybody or of one cook. */
export function DayFiles() {
  const { plan, meal, items, kitchen, bakeId } = useAppSelector((s) => s.desk);
  const [who, setWho] = useState(all);
  if (!plan || !meal || !kitchen || !bakeId) return null;
  const day = {
    bakeId,
    title: meal.title,
    plan,
    items: items.map((i) => ({ id: i.id, title: i.document.title, fat: i.document.dough.fat })),
  };
  const cook = who === all ? null : who;
  const name = cook ? `${meal.title} ${cook}` : meal.title;
  const save = (kind: 'ics' | 'txt') =>
    void import('../../files/dayFiles').then(({ dayCalendar, dayText }) =>
      kind === 'ics'
        ? saveFile(fileName(name, 'ics'), dayCalendar(day, cook), 'text/calendar')
        : saveFile(fileName(name, 'txt'), dayText(day, cook), 'text/plain'),
    );
  return (
    <section aria-label="The day to take along" className="flex flex-wrap items-end gap-3 px-6 pb-3">
      {kitchen.cooks.length > 1 && (
        <div style={{ minWidth: 180 }}>
          <Choice
            label="The day of"
            value={who}
            options={[[all, all] as const, ...kitchen.cooks.map((c) => [c, c] as const)]}
            onChange={setWho}
          />
        </div>
      )}
      <Press quiet onClick={() => save('ics')}>
        Calendar file
      </Press>
      <Press quiet onClick={() => save('txt')}>
        List in words
      </Press>
    </section>
  );
}
