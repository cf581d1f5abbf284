import type { Day } from '@crustallum/core/contracts/day';
import { dayStanding } from '@crustallum/core/contracts/dayStanding';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useDaysQuery, useRemoveBakeMutation, useRestoreBakeMutation } from '../api/api';
import { useNow } from '../desk/useNow';
import { keysOn, typing } from '../design/ui/letterKeys';
import { usePhone } from '../design/ui/useWidth';
import { clock, counted, dayOf, served, shortDay } from '../wording/numbers';
import { Again } from './Again';
import { BoardPie } from './BoardPie';
import { findDays, gatherings, laidOut, threeWords } from './findDays';
import './days.css';

/** Every day there is: those to come on the bench, those that have been on their boards, what was put away in a drawer. */
export function Days() {
  const { data: days, isError } = useDaysQuery();
  const nowMs = useNow(60_000).getTime();
  const phone = usePhone();
  const [words, setWords] = useState('');
  const [gathered, setGathered] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  const [chosenId, setChosen] = useState<string | null>(null);
  const [putAway, away] = useRemoveBakeMutation();
  const [bringBack, back] = useRestoreBakeMutation();
  const find = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const on = (e: KeyboardEvent) => {
      if (e.key !== '/' || typing(e.target) || !keysOn()) return;
      e.preventDefault();
      find.current?.focus();
    };
    document.addEventListener('keydown', on);
    return () => document.removeEventListener('keydown', on);
  }, []);
  const kept = useMemo(() => (days ?? []).filter((d) => !d.away), [days]);
  const drawer = useMemo(() => (days ?? []).filter((d) => d.away), [days]);
  const ways = useMemo(() => gatherings(kept), [kept]);
  const way = ways.find((w) => w.name === gathered);
  const holds = (list: readonly Day[]) => findDays(way ? list.filter(way.holds) : list, words);
  const { ahead, been } = laidOut(holds(kept), nowMs);
  const inDrawer = findDays(drawer, words);
  const chosen =
    [...ahead, ...been, ...inDrawer].find((d) => d.id === chosenId) ?? (phone ? undefined : (been[0] ?? ahead[0]));
  if (!days)
    return (
      <main className="sheet" style={{ display: 'block', padding: 40 }} aria-busy={!isError}>
        <h1 className="sign">Days</h1>
        <p>
          {isError ? 'The days cannot be read just now; nothing is lost, try again in a moment.' : 'Looking them up.'}
        </p>
      </main>
    );
  const show = (d: Day) => (
    <Board
      key={d.id}
      day={d}
      nowMs={nowMs}
      chosen={d === chosen}
      choose={() => setChosen(d.id === chosenId && phone ? null : d.id)}
    >
      {phone && d === chosen && margin(d)}
    </Board>
  );
  const margin = (d: Day) => (
    <Margin
      key={d.id}
      day={d}
      nowMs={nowMs}
      busy={away.isLoading || back.isLoading}
      putAway={putAway}
      bringBack={bringBack}
    />
  );
  const first = kept.at(-1);
  const none = ahead.length + been.length === 0;
  return (
    <main className="work days">
      <section className="set" aria-label="Days: find">
        <span className="whose">
          {counted(kept.length, 'day', 'days')}
          {first ? ` · since ${shortDay(served(first.serveAt))} ${served(first.serveAt).getFullYear()}` : ''}
        </span>
        <h1 className="sign mb-1">Days</h1>
        <input
          ref={find}
          type="search"
          className="text-field"
          aria-label="Find a day"
          placeholder="a pie, a name, how it was"
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        <div className="flex-1">
          {ways.map((w) => (
            <button
              key={w.name}
              type="button"
              className="gathering"
              aria-pressed={w.name === gathered}
              onClick={() => setGathered(w.name === gathered ? null : w.name)}
            >
              <span>{w.name}</span>
              <span>{kept.filter(w.holds).length}</span>
            </button>
          ))}
        </div>
        {drawer.length > 0 && (
          <>
            <button type="button" className="press quiet w-full" aria-expanded={open} onClick={() => setOpen(!open)}>
              {open ? 'Shut the drawer' : `Put away: ${drawer.length}`}
            </button>
            <p className="quiet-ink m-0" style={{ fontSize: 15 }}>
              nothing in it is lost; open it and bring a day back
            </p>
          </>
        )}
        <Link to="/new" className="press mt-2 w-full">
          A new day
        </Link>
      </section>
      <section className="sheet" aria-label="All days">
        <div className="boards">
          {none && (
            <p style={{ padding: '20px 30px', fontSize: 18 }}>
              {kept.length === 0
                ? 'Bare boards: the first day will stand here.'
                : `None of ${kept.length} holds “${[way?.name, words].filter(Boolean).join(', ')}”.`}
            </p>
          )}
          {ahead.length > 0 && (
            <ul className="on-the-bench" aria-label="At work and to come">
              {ahead.map(show)}
            </ul>
          )}
          {been.length > 0 && <ul aria-label="Days that have been">{been.map(show)}</ul>}
          {open && inDrawer.length > 0 && (
            <ul className="drawer" aria-label="Put away">
              {inDrawer.map(show)}
            </ul>
          )}
        </div>
        {!phone && chosen && <div className="numbers">{margin(chosen)}</div>}
      </section>
    </main>
  );
}

const standingWords = { running: 'now', planned: 'to come', unwritten: 'not written down', done: '' } as const;

function Board({
  day,
  nowMs,
  chosen,
  choose,
  children,
}: {
  day: Day;
  nowMs: number;
  chosen: boolean;
  choose: () => void;
  children?: React.ReactNode;
}) {
  const standing = dayStanding(day, nowMs);
  const at = served(day.serveAt);
  const year = at.getFullYear() === new Date(nowMs).getFullYear() ? '' : ` ${at.getFullYear()}`;
  return (
    <li className={chosen ? 'chosen' : undefined}>
      <button type="button" aria-pressed={chosen} onClick={choose}>
        <span className="pies">
          {day.made.slice(0, 5).map((p, i) => (
            <BoardPie key={i} pie={p} made={standing === 'done' || standing === 'unwritten'} />
          ))}
        </span>
        <strong>{day.title}</strong>
        <span>
          for {day.people}, {shortDay(at)}
          {year}
          {standing === 'planned' || standing === 'running' ? ` at ${clock(at)}` : ''}
        </span>
        <b>{threeWords(day) || standingWords[standing]}</b>
      </button>
      {children}
    </li>
  );
}

function Margin({
  day,
  nowMs,
  busy,
  putAway,
  bringBack,
}: {
  day: Day;
  nowMs: number;
  busy: boolean;
  putAway: (id: string) => unknown;
  bringBack: (id: string) => unknown;
}) {
  const standing = dayStanding(day, nowMs);
  const at = served(day.serveAt);
  const notes = day.cameOut.filter((e) => e.answers.note.trim());
  return (
    <div className="day-margin">
      <h2 className="sign m-0" style={{ fontSize: 24 }}>
        {day.title}
      </h2>
      <p className="quiet-ink m-0">
        {dayOf(at)}, for {day.people}
        {day.names.length > 0 ? `: ${day.names.join(', ')}` : ''}
      </p>
      {day.cameOut.length > 0 && (
        <p className="m-0">
          <span className="quiet-ink">It came out</span>
          <br />
          <strong style={{ fontSize: 20 }}>{threeWords(day)}</strong>
        </p>
      )}
      {notes.map((e) => (
        <p key={e.id} className="m-0">
          {day.cameOut.length > 1 ? `${e.title}: ` : ''}“{e.answers.note}”
        </p>
      ))}
      {day.away ? (
        <>
          <p className="m-0">Put away. Its words, its log and what was learnt from it are all here.</p>
          <button type="button" className="press" disabled={busy} onClick={() => void bringBack(day.id)}>
            Bring it back
          </button>
        </>
      ) : (
        <>
          <Again day={day} />
          <div className="flex flex-wrap gap-2">
            <Link to={`/bakes/${day.id}`} className="press quiet">
              Open it
            </Link>
            {day.cameOut[0] && (
              <Link to={`/log/${day.cameOut[0].id}`} className="press quiet">
                Its log
              </Link>
            )}
            {standing !== 'running' && (
              <button type="button" className="press quiet" disabled={busy} onClick={() => void putAway(day.id)}>
                Put away
              </button>
            )}
          </div>
        </>
      )}
    </div>
  );
}
