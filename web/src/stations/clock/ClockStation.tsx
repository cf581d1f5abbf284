import { TableAtBench } from '../../bench/TableAtBench';
import { Minus, Plus } from 'lucide-react';
import { useNavigate } from 'react-router';
import { useItem } from '../../desk/useItem';
import { useNow } from '../../desk/useNow';
import { desk } from '../../desk/desk';
import { useAppDispatch, useAppSelector } from '../../desk/store';
import { Because } from '../../design/ui/Because';
import { MarginNumber } from '../../design/ui/MarginNumber';
import { Press } from '../../design/ui/Press';
import { usePhone } from '../../design/ui/useWidth';
import { clock, clockOn, dayOf, localMoment, momentAt, served } from '../../wording/numbers';
import { problemWords } from '../../wording/problems';
import { reasonWords } from '../../wording/reasons';
import { ClockList } from './ClockList';
import { DayFiles } from './DayFiles';
import { AwayCooks } from './AwayCooks';
import { BeforeWork } from './BeforeWork';
import { HeldSteps } from './HeldSteps';
import { InHand } from './InHand';
import { InTheWay } from './InTheWay';
import { LaidHow } from './LaidHow';
import { Strands } from './Strands';
import { UprightClock } from './UprightClock';
import { useDayInHand } from './useDayInHand';
import { Waiting } from '../_shared/StationPage';
import { useQuestion } from '../_shared/useQuestion';
import type { DayChoices } from '@crustallum/core/plan/questions/dayChoices';
import { useMemo } from 'react';
import type { Problem } from '@crustallum/core/plan/problem';

/** What a search of the whole day may know a way out of. */
const searched = new Set([
  'pins_do_not_go',
  'not_in_one_go',
  'starts_past',
  'hands_taken',
  'cold_full',
  'place_full',
  'pots_unwashed',
  'heats_overlap',
  'stands_long',
]);

/** What is in the way, in a sentence: never that all meet at the table where they do not. */
const inTheWayWords = (past: boolean, known: readonly Problem[]): string => {
  if (past) return 'It is too late to start so.';
  const codes = new Set(known.flatMap((p) => (searched.has(p.code) ? [p.code] : [])));
  return codes.size === 1 && codes.has('stands_long')
    ? 'It goes, but not all come fresh to the table.'
    : 'As it stands it does not go.';
};

export function ClockStation() {
  const { item, settle } = useItem();
  const { plan, meal, items, kitchen } = useAppSelector((s) => s.desk);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const now = useNow(30_000);
  const phone = usePhone();
  const hand = useDayInHand();
  const c = plan?.clock;
  const start = c && momentAt(c.serveAt, c.startMin);
  const past = start !== undefined && start.getTime() < now.getTime();
  const known = [...(c?.problems ?? []), ...(plan?.items.flatMap((p) => p.problems) ?? [])];
  const asks = meal && kitchen && (past || known.some((p) => searched.has(p.code)));
  const choices = useQuestion<DayChoices>(
    'plan.dayChoices',
    asks ? { meal, items: items.map((i) => i.document), kitchen, ...(past ? { now: localMoment(now) } : {}) } : null,
  );
  const clashing = useMemo(() => new Set((asks && choices.value?.clash?.steps) || []), [asks, choices.value]);
  if (!c || !start || !meal || !kitchen || !item) return <Waiting />;
  const shift = (minutes: number) => {
    const to = new Date(served(meal.serveAt).getTime() + minutes * 60_000);
    const pad = (n: number) => String(n).padStart(2, '0');
    dispatch(
      desk.actions.mealChanged({
        ...meal,
        serveAt: `${to.getFullYear()}-${pad(to.getMonth() + 1)}-${pad(to.getDate())}T${pad(to.getHours())}:${pad(to.getMinutes())}`,
      }),
    );
  };
  const late: Problem[] = past
    ? [
        {
          station: 'clock',
          code: 'starts_past',
          fields: ['meal.serveAt'],
          values: { minutes: (now.getTime() - start.getTime()) / 60_000 },
          weight: 'warn',
        },
      ]
    : [];
  const problems = [
    ...late,
    ...c.problems,
    ...plan.items.flatMap((p) =>
      p.problems.filter((x) => x.station === 'clock').map((x) => ({ ...x, values: { ...x.values, item: p.title } })),
    ),
  ];
  return (
    <main className="work wide">
      <section
        className="sheet"
        style={{ gridTemplateColumns: 'minmax(0,1fr)', alignContent: 'start' }}
        aria-label="Clock"
      >
        <header className="flex flex-wrap items-center gap-x-6 gap-y-2" style={{ padding: '16px 24px 4px' }}>
          <h1 className="sign m-0">Clock</h1>
          <p className="m-0 flex-1" style={{ minWidth: 260, fontSize: 18 }}>
            <strong>
              Start {start.toDateString() === served(c.serveAt).toDateString() ? '' : `on ${dayOf(start)} `}at{' '}
              {clock(start)}.
            </strong>{' '}
            {asks
              ? inTheWayWords(past, known)
              : items.length > 1
                ? `All ${items.length} meet at the table.`
                : 'It meets the table.'}{' '}
            <Because>{reasonWords(c.figures.start.reason)}</Because>
          </p>
          <div className="flex items-center gap-2">
            <span className="quiet-ink">Serve at</span>
            <button
              type="button"
              className="key"
              aria-label="a quarter earlier"
              onClick={() => shift(-15)}
              style={{ border: '2px solid var(--color-ink)' }}
            >
              <Minus size={20} />
            </button>
            <strong style={{ fontSize: 30 }}>{clock(served(meal.serveAt))}</strong>
            <button
              type="button"
              className="key"
              aria-label="a quarter later"
              onClick={() => shift(15)}
              style={{ border: '2px solid var(--color-ink)' }}
            >
              <Plus size={20} />
            </button>
          </div>
          <Press
            crimp
            onClick={() => {
              settle('clock');
              void navigate('/');
            }}
            aria-pressed={item.settled.includes('clock')}
            data-settle
          >
            Settle the clock
          </Press>
        </header>
        <div className="px-6">
          <TableAtBench />
        </div>
        {problems.length > 0 && (
          <div className="px-6 pb-1">
            {problems.map((p, i) => (
              <p key={i} className="problem m-0">
                {problemWords(p)}
              </p>
            ))}
            {asks && <InTheWay choices={choices} />}
          </div>
        )}
        {phone ? (
          <>
            <UprightClock steps={c.steps} serveAt={meal.serveAt} />
            <ClockList
              steps={c.steps}
              serveAt={meal.serveAt}
              titles={items.map((i) => i.document.title)}
              hand={hand}
              plays={hand.plays}
              clashing={clashing}
            />
          </>
        ) : (
          <Strands hand={hand} clashing={clashing} />
        )}
        <InHand hand={hand} />
        <div
          className="numbers"
          style={{
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fit, minmax(220px, 1fr))',
            padding: '4px 24px 12px',
          }}
        >
          <MarginNumber name="First step" figure={c.figures.start} written={clockOn(start, served(c.serveAt))} />
          <MarginNumber name="Hands in all" figure={c.figures.hands} />
          {c.figures.oven.value !== null && (
            <MarginNumber
              name="First bake"
              figure={c.figures.oven}
              written={clock(momentAt(c.serveAt, c.figures.oven.value))}
            />
          )}
        </div>
        <div className="px-6">
          <HeldSteps hand={hand} />
          <BeforeWork />
          <LaidHow />
          <AwayCooks />
        </div>
        <DayFiles />
      </section>
    </main>
  );
}
