import type { ItemPlan } from '@crustallum/core/plan/item';
import { dayStanding } from '@crustallum/core/contracts/dayStanding';
import { shortages } from '@crustallum/core/plan/needs/shortages';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { lazy, useMemo } from 'react';
import { Link } from 'react-router';
import { useNow } from '../desk/useNow';
import { TableAtBench } from '../bench/TableAtBench';
import { useRunOf } from '../bench/useRunOf';
import { currentBake } from '../desk/useOpenBake';
import { useBakesQuery, useLarderQuery } from '../api/api';
import { useAppSelector } from '../desk/store';
import { ItemSign } from '../design/drawings/signs';
import { Because } from '../design/ui/Because';
import { CrimpSign } from '../design/ui/Press';
import { useWidth } from '../design/ui/useWidth';
import { clock, dayOf, degrees, momentAt, plain, served, span, until, weight, clockOn } from '../wording/numbers';
import { list } from '../wording/eaters';
import { refusalWords } from '../wording/problems';
import { reasonWords } from '../wording/reasons';
import { stepWord } from '../wording/steps';
import { pastryWords, piecesOf } from '../wording/words';
import { Rope } from './Rope';
import { Standing } from './Standing';

/** Only where there is nothing to show: it brings the rulers of days with it. */
const NewDay = lazy(() => import('./NewDay').then((m) => ({ default: m.NewDay })));

export function Today() {
  const { data: bakes, isError } = useBakesQuery();
  const { bakeId, plan, meal, items, kitchen, refusals } = useAppSelector((s) => s.desk);
  const { data: larder } = useLarderQuery();
  const now = useNow(15_000);
  const { sealed, inHand } = useRunOf(bakeId);
  const short = useMemo(() => (plan && larder ? shortages(plan.needs, larder) : []), [plan, larder]);
  // only where there is no day at all: one that is still being fetched is not to be made anew
  const open = bakes?.find((b) => b.id === bakeId);
  const done = !bakeId || (open !== undefined && dayStanding(open, now.getTime()) === 'done');
  if (bakes && done && currentBake(bakes, now.getTime()) === undefined) return <NewDay />;
  if (isError && !bakeId) {
    return (
      <main className="sheet" style={{ display: 'block', padding: 40 }}>
        <h1 className="sign">The server does not answer</h1>
        <p>Nothing is lost: what was changed here is kept on this device and sent when it is back.</p>
      </main>
    );
  }
  if (!plan || !meal || !kitchen) {
    return (
      <main className="sheet" style={{ display: 'block', padding: 40 }} aria-busy={refusals.length === 0}>
        <h1 className="sign">{refusals.length ? 'This day cannot be worked out' : 'Working the day out'}</h1>
        {refusals.map((r) => (
          <p key={r.field} className="problem">
            {refusalWords(r)}
          </p>
        ))}
      </main>
    );
  }
  const toTable = (served(meal.serveAt).getTime() - now.getTime()) / 60_000;
  const upcoming =
    inHand ??
    plan.clock.steps.find(
      (s) => momentAt(meal.serveAt, s.startMin + s.minutes) > now && (s.cook !== null || s.kind === 'oven'),
    );
  const over = toTable < 0 && !inHand;
  const nextItem = upcoming ? items[upcoming.itemIndex] : undefined;
  const nextAt = upcoming ? momentAt(meal.serveAt, upcoming.startMin) : null;
  const otherDay = nextAt !== null && nextAt.toDateString() !== now.toDateString();
  return (
    <main className="flex min-w-0 flex-col bg-flour">
      <Rope mouths={meal.mouthCount} lit={Math.floor(meal.mouthCount * sealed + 1e-9)} />
      <div
        className="grid flex-1 gap-x-10"
        style={{ gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 420px), 1fr))', padding: '0 30px' }}
      >
        <section>
          <p className="quiet-ink m-0" style={{ fontSize: 18, fontWeight: 520 }}>
            {dayOf(now)}, {clock(now)} · kitchen {degrees(kitchen.roomC, 0)} ·{' '}
            <Link to="/days" style={{ display: 'inline-block', padding: '10px 4px', margin: '-10px 0' }}>
              All days
            </Link>
          </p>
          <h1 className="sign" style={{ fontSize: 'clamp(32px, 4.1vw, 54px)', lineHeight: 1.06, margin: '6px 0 8px' }}>
            {over
              ? `${meal.title} has been.`
              : upcoming && nextAt
                ? inHand
                  ? `${stepWord(inHand)}: at the bench.`
                  : `${stepWord(upcoming)} at ${clock(nextAt)}.`
                : 'All is in hand.'}
          </h1>
          <p className="m-0" style={{ fontSize: 19 }}>
            {over ? (
              'Write down how it came out while it is fresh.'
            ) : upcoming && nextItem && nextAt ? (
              <>
                {otherDay && !inHand ? `On ${dayOf(nextAt)}, ` : ''}for {nextItem.document.title}
                {upcoming.cook ? `, ${upcoming.cook}` : ''},{' '}
              </>
            ) : null}
            {!over && (
              <Because>
                {inHand ? 'the run on this device stands there' : reasonWords(plan.clock.figures.start.reason)}
              </Because>
            )}
          </p>
          <TableAtBench />
          <div className="mt-4 flex flex-wrap gap-3">
            <Link to={over ? '/log' : '/bench'} className="press">
              {over ? 'To the log' : 'To the bench'} <CrimpSign />
            </Link>
            <Link to={`/bakes/${bakeId}/${items[0]?.id}/clock`} className="press quiet">
              Change the day
            </Link>
            <Link to="/new" className="press quiet">
              Another day
            </Link>
          </div>
        </section>
        <section style={{ paddingTop: 4 }}>
          <p className="m-0 flex items-baseline gap-4">
            <strong
              style={{ fontSize: 'clamp(36px, 4.6vw, 60px)', lineHeight: 1, fontWeight: 620, whiteSpace: 'nowrap' }}
            >
              {over ? '–' : until(Math.max(0, toTable))}
            </strong>
            <span style={{ fontSize: 18 }}>
              to the table
              <br />
              {dayOf(served(meal.serveAt))} at {clock(served(meal.serveAt))}
            </span>
          </p>
          <p style={{ margin: '12px 0 10px', fontSize: 18 }}>
            {meal.title} for {meal.mouthCount}.{' '}
            {plan.clock.hands.map((h) => `${h.cook} has ${span(h.minutes)} of work`).join(', ')}.
          </p>
          {plan.who.nothing.length > 0 && (
            <p className="problem m-0">
              Nothing of the day is for {list(plan.who.nothing)} as it stands.{' '}
              <Link to={`/bakes/${bakeId}/${items[0]?.id}/eaters`}>Who may eat what</Link>
            </p>
          )}
          <p className="m-0" style={{ borderTop: '1px solid var(--color-hair)', paddingTop: 10, fontSize: 17 }}>
            {short.length ? (
              <>
                <strong>The larder is short of</strong>{' '}
                {short.map((s) => `${weight(s.shortG)} ${s.name.toLowerCase()}`).join(', ')}.{' '}
                <Link to="/larder">See the larder</Link>
              </>
            ) : larder ? (
              'The larder has all of it.'
            ) : (
              'Looking in the larder.'
            )}
          </p>
        </section>
      </div>
      <LineUp />
    </main>
  );
}

/** All pies on one bench line, at one scale. */
function LineUp() {
  const { plan, items, meal, bakeId } = useAppSelector((s) => s.desk);
  const [ref, width] = useWidth<HTMLDivElement>(1240);
  if (!plan || !meal) return null;
  const columns = Math.max(1, items.length);
  const widths = plan.items.map((p, i) => widthMm(p, (items[i] as { document: ItemInput }).document));
  const pxMm = Math.min(1.08, (Math.min(width, 1280) - 40) / columns / Math.max(...widths.map((w) => w + 60)));
  return (
    <section className="mt-4 bg-slab" aria-label="The pies of the day, to one scale">
      <div
        ref={ref}
        className="grid bg-flour"
        style={{
          gridTemplateColumns: `repeat(${Math.min(columns, Math.max(1, Math.floor(width / 250)))}, 1fr)`,
          padding: '0 20px',
        }}
      >
        {items.map((i, index) => {
          const p = plan.items[index];
          const first = plan.clock.steps.find((s) => s.itemIndex === index && s.cook);
          if (!p) return null;
          return (
            <Link
              key={i.id}
              to={`/bakes/${bakeId}/${i.id}/brief`}
              className="flex flex-col justify-end text-ink no-underline"
              style={{ minHeight: 176 }}
            >
              <Standing plan={p} item={i.document} pxMm={pxMm} />
              <span
                className="bg-slab"
                style={{
                  margin: '0 -20px',
                  padding: '8px 20px 12px',
                  borderTop: '2.500px solid var(--color-ink)',
                  flex: 'none',
                }}
              >
                <span className="sign flex items-center gap-2" style={{ fontSize: 25 }}>
                  <ItemSign sign={i.document.sign} /> {i.document.title}
                </span>
                <span className="block" style={{ fontSize: 16 }}>
                  {piecesOf(i.document)}, {i.document.filling.name}, {pastryWords[i.document.dough.pastry]}
                </span>
                {first && (
                  <strong className="block" style={{ fontSize: 16 }}>
                    {stepWord(first).toLowerCase()}{' '}
                    {clockOn(momentAt(meal.serveAt, first.startMin), served(meal.serveAt))}, {first.cook}
                  </strong>
                )}
              </span>
            </Link>
          );
        })}
      </div>
      <p className="quiet-ink m-0 px-5 pb-1 text-right" style={{ fontSize: 15 }}>
        drawn to one scale, 1 : {plain(3.78 / pxMm, 1)}
      </p>
    </section>
  );
}

const widthMm = (p: ItemPlan, item: ItemInput): number =>
  item.product === 'handPies'
    ? Math.min(6, p.cut.pieces) * 0.5 * item.cut.cutterMm * 1.05
    : item.product === 'potPies'
      ? Math.min(3, p.cut.pieces) * 120
      : outer(item);
const outer = (item: ItemInput): number =>
  (typeof item.cut.vessel?.top === 'number' ? item.cut.vessel.top : (item.cut.vessel?.top?.[0] ?? 250)) + 20;
