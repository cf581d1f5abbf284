import { inHand, offered } from '@crustallum/core/bench/offer';
import { outlookOf } from '@crustallum/core/bench/late';
import { isOver, type RunNow } from '@crustallum/core/bench/reduce';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { ChevronDown } from 'lucide-react';
import { Link } from 'react-router';
import { useNow } from '../desk/useNow';
import { ItemSign } from '../design/drawings/signs';
import { clock, clockOn, momentAt, plain, span, until } from '../wording/numbers';
import { callOf, stepWord } from '../wording/steps';
import { skewMs } from './houseClock';
import { neededMin, type BenchRun } from './run';
import { Shelves } from './Shelves';
import { runningTimers } from './Timers';

const nextHourMin = 60;
const mostNext = 6;
const nothing = () => Promise.resolve(undefined);

/** On the wall: everybody at once, read from across the room and driven from elsewhere. */
export function Wall({ run, now: made }: { run: BenchRun; now: RunNow }) {
  const now = useNow(1000).getTime() + skewMs();
  const { cooks } = run.plan.kitchen;
  const table = momentAt(made.plan.serveAt, 0);
  const outlook = outlookOf(made, now, neededMin(run));
  return (
    <main className="wall">
      <header>
        <strong className="wall-clock">{clock(new Date(now))}</strong>
        <p className="m-0">
          <strong>{until((table.getTime() - now) / 60_000)} to the table</strong>, {clockOn(table, new Date(now))}
          <br />
          {outlook.tableThen - outlook.tableAt > 60_000
            ? `as it goes, the table at ${clockOn(new Date(outlook.tableThen), table)}`
            : 'all of it in time'}
        </p>
        <Link to="/bench" className="press quiet" aria-label="Back to the bench">
          <ChevronDown size={26} />
        </Link>
      </header>
      <DaysEdge run={run} now={made} atMs={now} />
      <div className="wall-cooks">
        {cooks.map((cook) => (
          <AtWork key={cook} run={run} now={made} cook={cook} atMs={now} />
        ))}
      </div>
      <Shelves run={run} now={made} atMs={now} timers={runningTimers(run, made, now, nothing)} out={null} />
      <div className="wall-cooks">
        {cooks.map((cook) => (
          <NextHour key={cook} run={run} now={made} cook={cook} atMs={now} />
        ))}
      </div>
    </main>
  );
}

interface Part {
  run: BenchRun;
  now: RunNow;
  atMs: number;
}

/** The day as an edge of pastry, crimped as far as it is done; the bakes stand where they come out. */
function DaysEdge({ run, now, atMs }: Part) {
  const { steps, serveAt } = now.plan;
  const table = momentAt(serveAt, 0).getTime();
  const from = Math.min(Date.parse(run.startedAt), table - 60_000);
  const x = (at: number) => 10 + Math.max(0, Math.min(1, (at - from) / (table - from))) * 980;
  const all = [...now.steps.values()];
  const share = all.filter(isOver).length / Math.max(1, all.length);
  const done = 10 + share * 980;
  const crimps = Array.from({ length: Math.floor((done - 10) / 20) }, () => 'a10 8 0 0 0 20 0').join('');
  const out = steps
    .filter((s) => s.code === 'bake')
    .map((s) => ({ s, at: table + (s.startMin + s.minutes) * 60_000, item: run.plan.items[s.itemIndex] }));
  return (
    <svg
      viewBox="0 0 1000 92"
      width="100%"
      role="img"
      aria-label={`${plain(share * 100, 0)} % of the day is done; out of the oven: ${out
        .map((o) => `${o.item?.document.title} ${clock(new Date(o.at))}`)
        .join(', ')}`}
    >
      <rect x="10" y="40" width="980" height="30" fill="var(--color-flour)" stroke="var(--color-ink)" strokeWidth="3" />
      <rect x="10" y="40" width={Math.max(0, done - 10)} height="30" fill="var(--color-dough)" />
      <path d={`M10 70${crimps}`} fill="none" stroke="var(--color-ink)" strokeWidth="3" />
      {out.map(({ s, at, item }) => (
        <g key={keyOf(s)} transform={`translate(${x(at) - 14} 4)`}>
          {item && <ItemSign sign={item.document.sign} size={28} />}
        </g>
      ))}
      <line x1={x(atMs)} x2={x(atMs)} y1="30" y2="86" stroke="var(--color-lantern)" strokeWidth="5" />
      <circle cx={x(atMs)} cy="55" r="11" fill="var(--color-lantern)" stroke="var(--color-ink)" strokeWidth="3" />
    </svg>
  );
}

function AtWork({ run, now, cook, atMs }: Part & { cook: string }) {
  const asking = { cook, device: '' };
  const held = inHand(now, asking);
  const next = held ?? offered(now, asking, atMs)?.now;
  const item = next && run.plan.items[next.step.itemIndex];
  const words = next && item ? callOf(next.step, item.document.title, item.document.dough.fat) : null;
  const leftMin = held?.begun ? held.step.minutes - (atMs - held.begun.at) / 60_000 : null;
  return (
    <section aria-label={cook}>
      <h2 className="m-0">{cook}</h2>
      <p className="sign wall-call">{words?.call ?? 'Nothing is left'}</p>
      <p className="m-0">{words?.how}</p>
      {next && (
        <p className={`wall-left ${held ? '' : 'hollow'}`}>
          {plain(Math.abs(Math.ceil(leftMin ?? next.step.minutes)), 0)}
          <small>{leftMin === null ? ' min to do' : leftMin >= 0 ? ' min left' : ' min over'}</small>
        </p>
      )}
    </section>
  );
}

function NextHour({ run, now, cook, atMs }: Part & { cook: string }) {
  const table = momentAt(now.plan.serveAt, 0).getTime();
  const rows = [...now.steps.values()]
    .filter((s) => s.cook === cook && !isOver(s) && !s.begun)
    .map((s) => ({ s, at: table + s.step.startMin * 60_000 }))
    .filter(({ at }) => at < atMs + nextHourMin * 60_000)
    .slice(0, mostNext);
  return (
    <section aria-label={`The next hour, ${cook}`}>
      <h2 className="m-0">The next hour, {cook}</h2>
      <ol className="plain-list">
        {rows.length === 0 && <li>nothing by the plan</li>}
        {rows.map(({ s, at }) => (
          <li key={s.key}>
            <strong>{clockOn(new Date(at), new Date(atMs))}</strong> {stepWord(s.step).toLowerCase()},{' '}
            {run.plan.items[s.step.itemIndex]?.document.title} <span className="quiet-ink">{span(s.step.minutes)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
