import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { Minus, Plus } from 'lucide-react';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { useBakesQuery, useCreateBakeMutation, useKitchenQuery } from '../api/api';
import { DayRuler } from '../design/ui/DayRuler';
import { HourRuler, type RopeOnRuler } from '../design/ui/HourRuler';
import { MomentField } from '../design/ui/MomentField';
import { usePhone } from '../design/ui/useWidth';
import { Because } from '../design/ui/Because';
import { planner } from '../workers/planner';
import { clock, dayOf, localMoment, momentAt, span } from '../wording/numbers';
import { list } from '../wording/eaters';
import { formWords, piecesOf } from '../wording/words';
import { useAppSelector } from '../desk/store';
import { setupOffered } from '../setup/offered';
import { Standing } from './Standing';
import { forms, type Form } from '@crustallum/core/plan/formNames';
import { mostItems } from '@crustallum/core/contracts/most';
import { CrimpSign } from '../design/ui/Press';

const settledAfterMs = 250;

/** Pies picked that have a rope on the ruler of hours, and their inks. */
const mostRopes = 4;
const ropeInks = ['var(--color-crust)', 'var(--color-frost)', 'var(--color-filling)', 'var(--color-rhubarb)'];

/** Days as rulers of a week, hours as one ruler; on a phone behind a press. */
function Rulers({
  at,
  setAt,
  ropes,
  children,
}: {
  at: Date;
  setAt: (at: Date) => void;
  ropes: readonly RopeOnRuler[];
  children: ReactNode;
}) {
  const phone = usePhone();
  const { data: bakes } = useBakesQuery();
  const rulers = (
    <div className="rulers">
      <DayRuler
        value={at}
        from={new Date()}
        laid={(bakes ?? []).map((b) => new Date(b.serveAt))}
        onChange={(d) => setAt(new Date(d.getFullYear(), d.getMonth(), d.getDate(), at.getHours(), at.getMinutes()))}
      />
      <div className="grid min-w-0 gap-3">
        <HourRuler value={at} ropes={ropes} onChange={setAt} />
        {children}
      </div>
    </div>
  );
  return phone ? (
    <details>
      <summary className="press quiet" style={{ display: 'flex' }}>
        Day and hour
      </summary>
      {rulers}
    </details>
  ) : (
    rulers
  );
}

/** The empty day: a sentence with keys, then one of the bakes; each says by when its first step must start. */
export function NewDay() {
  const [mouths, setMouths] = useState(4);
  const [at, setAt] = useState(() => {
    const d = new Date();
    d.setDate(d.getDate() + 1);
    d.setHours(18, 30, 0, 0);
    return d;
  });
  const { data: kitchen } = useKitchenQuery();
  const { data: bakes } = useBakesQuery();
  const [create, { isLoading, error }] = useCreateBakeMutation();
  const [picked, setPicked] = useState<readonly Form[]>([]);
  const [starts, setStarts] = useState<Partial<Record<Form, number>>>({});
  const [drawn, setDrawn] = useState<Partial<Record<Form, { plan: ItemPlan; item: ItemInput }>>>({});
  const planned = useAppSelector((s) => s.desk.meal?.title);
  const navigate = useNavigate();
  useEffect(() => {
    if (!kitchen) return;
    let stale = false;
    // while the number is still being pressed up or down nothing is worked out for those on the way
    const settled = setTimeout(() => void planAll(), settledAfterMs);
    const planAll = async () => {
      for (const form of forms) {
        const document = await planner.form(form, mouths, kitchen.document.cooks[0] ?? 'You');
        const answer = await planner.plan({
          meal: { title: 'x', serveAt: '2026-01-01T18:30', mouthCount: mouths, eaters: [] },
          items: [document],
          kitchen: kitchen.document,
        });
        if (stale) return;
        if (!answer.ok) continue;
        const [plan] = answer.value.items;
        setStarts((now) => ({ ...now, [form]: answer.value.clock.startMin }));
        if (plan) setDrawn((now) => ({ ...now, [form]: { plan, item: document } }));
      }
    };
    return () => {
      stale = true;
      clearTimeout(settled);
    };
  }, [mouths, kitchen]);
  const begin = async () => {
    const cook = kitchen?.document.cooks[0] ?? 'You';
    const items = await Promise.all(picked.map((form) => planner.form(form, mouths, cook)));
    const title = `${list(picked.map((f, i) => (i ? formWords[f].toLowerCase() : formWords[f])))} for ${mouths}`.slice(
      0,
      80,
    );
    const made = await create({
      meal: { title, serveAt: localMoment(at), mouthCount: mouths, eaters: [] },
      items,
    });
    if ('data' in made && made.data) void navigate(`/bakes/${made.data.id}/${made.data.items[0]?.id}/brief`);
  };
  const turn = (form: Form) =>
    setPicked((now) => (now.includes(form) ? now.filter((f) => f !== form) : [...now, form].slice(-mostItems)));
  const ropes = picked.slice(0, mostRopes).flatMap((form, i) => {
    const start = starts[form];
    if (start === undefined) return [];
    return [
      {
        name: `${formWords[form]} ${clock(momentAt(localMoment(at), start))}`,
        minutes: -start,
        ink: ropeInks[i % ropeInks.length] as string,
      },
    ];
  });
  const now = new Date();
  const possible = Object.values(starts).filter((s) => momentAt(localMoment(at), s) > now).length;
  const key = 'key border-2 border-solid border-ink';
  return (
    <main className="flex min-w-0 flex-col bg-flour">
      <section style={{ padding: '0 30px', flex: '1 0 auto' }}>
        {bakes?.length === 0 && !setupOffered() && (
          <p className="m-0" style={{ fontSize: 18, paddingTop: 8 }}>
            First time here? <Link to="/setup">Say what your kitchen is like</Link>, in three short steps; or leave it,
            nothing is lost.
          </p>
        )}
        <p className="quiet-ink m-0" style={{ fontSize: 18 }}>
          {dayOf(now)}, {clock(now)} · {planned ? `${planned} is planned` : 'nothing is planned'}
        </p>
        <div className="flex flex-wrap items-center justify-between gap-3">
          <h1 className="sign" style={{ fontSize: 'clamp(30px, 3.8vw, 48px)', lineHeight: 1.08, margin: '6px 0 14px' }}>
            What is for the table, and when?
          </h1>
          <p className="m-0 flex flex-wrap gap-3 pb-3">
            <button
              type="button"
              className="press"
              disabled={picked.length === 0 || isLoading || at < now}
              onClick={() => void begin()}
            >
              {picked.length === 0
                ? 'Pick one below'
                : picked.length === 1
                  ? `Take ${formWords[picked[0] as Form].toLowerCase()}`
                  : `Take these ${picked.length}`}{' '}
              <CrimpSign />
            </button>
            <Link to="/recipe" className="press quiet">
              From a written recipe
            </Link>
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-3" style={{ fontSize: 22 }}>
          For
          <button
            type="button"
            className={key}
            aria-label="one person less"
            disabled={mouths <= 1}
            onClick={() => setMouths(mouths - 1)}
          >
            <Minus size={20} />
          </button>
          <strong aria-live="polite" style={{ fontSize: 34 }}>
            {mouths}
          </strong>
          <button
            type="button"
            className={key}
            aria-label="one person more"
            disabled={mouths >= 40}
            onClick={() => setMouths(mouths + 1)}
          >
            <Plus size={20} />
          </button>
          {mouths === 1 ? 'person' : 'people'}, on{' '}
          <MomentField label="day and time at the table" value={at} onChange={setAt} />
        </div>
        <Rulers at={at} setAt={setAt} ropes={ropes}>
          <p className="m-0" style={{ fontSize: 18 }}>
            {at < now ? (
              <span className="problem">That moment has passed; a later one is needed.</span>
            ) : (
              <Because>
                {starts.handPies !== undefined && `hand pies want ${span(-starts.handPies)} from the first step`}
                {starts.filoCoil !== undefined && `, a coil ${span(-starts.filoCoil)}`}; {possible} of {forms.length}{' '}
                can still be made by then.
              </Because>
            )}
          </p>
        </Rulers>
        {error && <p className="problem">The server did not take it; nothing is lost, press again.</p>}
      </section>
      <section className="forms bg-slab" aria-label="Pies to pick">
        {forms.map((form) => {
          const start = starts[form];
          const on = picked.includes(form);
          const late = start !== undefined && momentAt(localMoment(at), start) < now;
          return (
            <div key={form}>
              <div className={on ? 'standing' : 'standing outlined'} aria-hidden="true">
                {drawn[form] && <Standing {...drawn[form]} pxMm={0.42} />}
              </div>
              <button
                type="button"
                className={`press ${on ? '' : 'quiet'} w-full`}
                style={{ minHeight: 48, padding: '4px 10px', fontSize: 17 }}
                aria-pressed={on}
                onClick={() => turn(form)}
              >
                {formWords[form]}
              </button>
              <p style={{ fontSize: 15, margin: '4px 0 0' }}>
                {start === undefined ? (
                  <span className="working">working it out</span>
                ) : late ? (
                  <span>
                    <s>by {clock(momentAt(localMoment(at), start))}</s> too late
                  </span>
                ) : (
                  <>
                    {on && drawn[form] ? `${piecesOf(drawn[form].item)}, ` : ''}by{' '}
                    <strong>{clock(momentAt(localMoment(at), start))}</strong>
                  </>
                )}
              </p>
            </div>
          );
        })}
      </section>
    </main>
  );
}
