import { lazy, Suspense, useEffect, useState } from 'react';
import { useAppSelector } from '../../desk/store';
import { Choice } from '../../design/ui/Choice';
import { Press } from '../../design/ui/Press';
import { fileName, saveFile } from '../../files/save';
import { question } from '../../workers/question';
import { dayPapers, type DayPaper } from './dayPapers';
import { useBeforeWork } from './useBeforeWork';

const all = 'everybody';

const DayPrint = lazy(() => import('./DayPrint').then((m) => ({ default: m.DayPrint })));

/** The day to take along: a calendar, a list in words or on paper, of everybody or of one cook; and as data to compute with. */
export function DayFiles() {
  const { plan, meal, items, kitchen, bakeId } = useAppSelector((s) => s.desk);
  const [who, setWho] = useState(all);
  const [paper, setPaper] = useState<DayPaper>('A4');
  // which press of it is being printed; a browser that never says it is over may be asked again
  const [printing, setPrinting] = useState(0);
  const [failed, setFailed] = useState(false);
  const before = useBeforeWork();
  useEffect(() => {
    const over = () => setPrinting(0);
    window.addEventListener('afterprint', over);
    return () => window.removeEventListener('afterprint', over);
  }, []);
  if (!plan || !meal || !kitchen || !bakeId) return null;
  const day = {
    ...before,
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
  const data = async () => {
    setFailed(false);
    const answer = await question('plan.day', { meal, items: items.map((i) => i.document), kitchen });
    if (answer?.ok) saveFile(fileName(meal.title, 'json'), JSON.stringify(answer.value, null, 2), 'application/json');
    else setFailed(true);
  };
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
      <div style={{ minWidth: 110 }}>
        <Choice label="Paper" value={paper} options={dayPapers.map((p) => [p, p] as const)} onChange={setPaper} />
      </div>
      <Press quiet onClick={() => setPrinting((n) => n + 1)}>
        Print the list
      </Press>
      <Press quiet onClick={() => void data()}>
        As data (JSON)
      </Press>
      {failed && (
        <p role="alert" className="problem m-0">
          The day could not be written out.
        </p>
      )}
      {printing > 0 && (
        <Suspense fallback={null}>
          <DayPrint
            key={printing}
            day={day}
            cooks={cook || kitchen.cooks.length < 2 ? [cook] : [null, ...kitchen.cooks]}
            paper={paper}
          />
        </Suspense>
      )}
    </section>
  );
}
