import { v4 as newId } from 'uuid';
import { shortages } from '@crustallum/core/plan/needs/shortages';
import { useState } from 'react';
import { Link } from 'react-router';
import { useLarderQuery } from '../api/api';
import { useAppSelector } from '../desk/store';
import { useOpenBake } from '../desk/useOpenBake';
import { ItemSign } from '../design/drawings/signs';
import { clock, counted, dayOf, momentAt, served, span, weight, clockOn } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import { begun } from './begun';
import { isWait, type BenchRun } from './run';
import { WhoseScreen } from './WhoseScreen';

/** Before a run: what comes first, what has to stand ready, the whole day in its order, and one press. */
export function Begin({ start }: { start: (run: BenchRun, cook: string | null) => Promise<void> }) {
  useOpenBake(undefined);
  const { plan, meal, items, kitchen, bakeId, planKept, working } = useAppSelector((s) => s.desk);
  const { data: larder } = useLarderQuery();
  const [cook, setCook] = useState<string | null>(null);
  if (!plan || !meal || !kitchen || !bakeId) {
    return (
      <main className="p-8">
        <h1 className="sign">The bench is clear</h1>
        <p>There is no day to start from yet.</p>
        <Link to="/" className="press quiet">
          Back to Today
        </Link>
      </main>
    );
  }
  const begin = () => {
    const copy = begun(plan, meal, items, kitchen);
    const startedAt = new Date().toISOString();
    void start({ id: newId(), bakeId, startedAt, finishedAt: null, plan: copy }, whose);
  };
  const whose = kitchen.cooks.includes(cook ?? '') ? cook : null;
  const { steps } = plan.clock;
  const at = (minute: number) => momentAt(meal.serveAt, minute);
  const first = steps[0];
  const short = new Map((larder ? shortages(plan.needs, larder) : []).map((s) => [s.name.toLowerCase(), s.shortG]));
  const ready = [...plan.needs].sort((a, b) => b.grams - a.grams);
  const several = items.length > 1;
  return (
    <main className="bench-begin">
      <section>
        <h1 className="sign bench-call">To the bench: {meal.title}</h1>
        {first && (
          <p className="bench-first">
            First <strong>{stepWord(first).toLowerCase()}</strong>
            {several ? `, ${items[first.itemIndex]?.document.title}` : ''}, at{' '}
            <strong>{clockOn(at(first.startMin), served(meal.serveAt))}</strong>{' '}
            {at(first.startMin).toDateString() === new Date().toDateString() ? '' : `on ${dayOf(at(first.startMin))}`}
          </p>
        )}
        <p className="m-0" style={{ fontSize: 18 }}>
          {counted(steps.length, 'step', 'steps')} to the table at {clock(served(meal.serveAt))}:{' '}
          {plan.clock.hands.map((h) => `${span(h.minutes)} of work for ${h.cook}`).join(', ')}. The plan is copied to
          this device: it goes on without server or network.
        </p>
        {kitchen.cooks.length > 1 && (
          <div>
            <p className="bench-label m-0">Whose screen is this?</p>
            <WhoseScreen cooks={kitchen.cooks} cook={whose} onChange={setCook} />
          </div>
        )}
        <div className="flex flex-wrap gap-4">
          {/* what was worked out another time is not what is made */}
          <button type="button" className="press bench-main" disabled={planKept || working} onClick={begin}>
            Begin now
          </button>
          <Link to="/" className="press quiet bench-side">
            Not yet
          </Link>
        </div>
        <h2 className="sign m-0">Have ready</h2>
        <ul className="bench-ready">
          {ready.map((n) => {
            const less = short.get(n.name.toLowerCase());
            return (
              <li key={n.name} className={less ? 'short' : undefined}>
                <strong>{weight(n.grams)}</strong> {n.name.toLowerCase()}
                {less ? <span>, {weight(less)} short in the larder</span> : null}
              </li>
            );
          })}
        </ul>
      </section>
      <section className="bench-day" aria-label="The day, step by step">
        <ol>
          {steps.map((s) => {
            const item = items[s.itemIndex]?.document;
            return (
              <li key={`${s.itemIndex}${s.id}`} className={s.kind === 'oven' ? 'oven' : isWait(s) ? 'wait' : ''}>
                <strong>{clockOn(at(s.startMin), served(meal.serveAt))}</strong>
                {item && several && <ItemSign sign={item.sign} size={20} />}
                <span>
                  {stepWord(s)}
                  {several && <span className="visually-hidden">, {item?.title}</span>}
                </span>
                <span className="quiet-ink">{span(s.minutes)}</span>
              </li>
            );
          })}
        </ol>
        <p className="quiet-ink m-0">
          {several && items.map((i) => i.document.title).join(', ')}
          {several && '. '}A whole edge is work, a dotted one a wait, a double one the oven.
        </p>
      </section>
    </main>
  );
}
