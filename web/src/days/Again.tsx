import type { Day } from '@crustallum/core/contracts/day';
import { again } from '@crustallum/core/plan/questions/again';
import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, useCreateBakeMutation } from '../api/api';
import { useAppDispatch } from '../desk/store';
import { DayRuler } from '../design/ui/DayRuler';
import { MomentField } from '../design/ui/MomentField';
import { CrimpSign } from '../design/ui/Press';
import { localMoment } from '../wording/numbers';

/** A week from the day it is asked, at the hour it was then. */
function sameHour(serveAt: string): Date {
  const was = new Date(serveAt);
  const next = new Date();
  next.setDate(next.getDate() + ((was.getDay() - next.getDay() + 7) % 7 || 7));
  next.setHours(was.getHours(), was.getMinutes(), 0, 0);
  return next;
}

/** The same day once more, for another number of people and another date: its own words, its own ways, its sizes worked out. */
export function Again({ day }: { day: Day }) {
  const [people, setPeople] = useState(day.people);
  const [at, setAt] = useState(() => sameHour(day.serveAt));
  const [create, { isLoading, error }] = useCreateBakeMutation();
  const [unread, setUnread] = useState(false);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const begin = async () => {
    setUnread(false);
    const was = await dispatch(api.endpoints.bake.initiate(day.id, { forceRefetch: true, subscribe: false }));
    if (!was.data) return setUnread(true);
    const made = await create({
      meal: { ...was.data.meal, away: undefined, serveAt: localMoment(at), mouthCount: people },
      items: was.data.items.map((i) => again(i.document, { was: was.data?.meal.mouthCount ?? people, now: people })),
    });
    if ('data' in made && made.data) void navigate(`/bakes/${made.data.id}/${made.data.items[0]?.id}/brief`);
  };
  const past = at < new Date();
  const key = 'key border-2 border-solid border-ink';
  return (
    <section aria-label="Make it again" className="again">
      <p className="quiet-ink m-0">Make it again</p>
      <div className="flex items-center gap-3">
        for
        <button
          type="button"
          className={key}
          aria-label="one person less"
          disabled={people <= 1}
          onClick={() => setPeople(people - 1)}
        >
          <Minus size={20} />
        </button>
        <strong aria-live="polite" style={{ fontSize: 30 }}>
          {people}
        </strong>
        <button
          type="button"
          className={key}
          aria-label="one person more"
          disabled={people >= 60}
          onClick={() => setPeople(people + 1)}
        >
          <Plus size={20} />
        </button>
        {people === 1 ? 'person' : 'people'}
      </div>
      <MomentField label="day and time at the table" value={at} onChange={setAt} />
      <details>
        <summary>Pick the day</summary>
        <DayRuler
          value={at}
          from={new Date()}
          onChange={(d) => setAt(new Date(d.getFullYear(), d.getMonth(), d.getDate(), at.getHours(), at.getMinutes()))}
        />
      </details>
      {past && <p className="problem m-0">That moment has passed; a later one is needed.</p>}
      {(error || unread) && <p className="problem m-0">The server did not answer; nothing is lost, press again.</p>}
      <button type="button" className="press" disabled={isLoading || past} onClick={() => void begin()}>
        A day for {people} <CrimpSign />
      </button>
    </section>
  );
}
