import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { Minus, Plus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useCreateBakeMutation, useKitchenQuery } from '../api/api';
import { Because } from '../design/ui/Because';
import { planner } from '../workers/planner';
import { clock, dayOf, momentAt, span } from '../wording/numbers';
import { productWords } from '../wording/words';
import { useAppSelector } from '../desk/store';
import { Rope } from './Rope';
import { Standing } from './Standing';
import type { Product } from '@crustallum/core/contracts/products';

const offered: readonly Product[] = ['handPies', 'dishPie', 'potPies', 'filoTray', 'filoCoil'];
const pad = (n: number) => String(n).padStart(2, '0');
const local = (d: Date) =>
  `${d.getFullYear()}-${pad(d.getMonth() + 1)}-${pad(d.getDate())}T${pad(d.getHours())}:${pad(d.getMinutes())}`;

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
  const [create, { isLoading, error }] = useCreateBakeMutation();
  const [starts, setStarts] = useState<Partial<Record<Product, number>>>({});
  const [drawn, setDrawn] = useState<Partial<Record<Product, { plan: ItemPlan; item: ItemInput }>>>({});
  const planned = useAppSelector((s) => s.desk.meal?.title);
  const navigate = useNavigate();
  useEffect(() => {
    if (!kitchen) return;
    let stale = false;
    void (async () => {
      for (const product of offered) {
        const document = await planner.starter(product, mouths, kitchen.document.cooks[0] ?? 'You');
        const answer = await planner.plan({
          meal: { title: 'x', serveAt: '2026-01-01T18:30', mouthCount: mouths, eaters: [] },
          items: [document],
          kitchen: kitchen.document,
        });
        if (stale) return;
        if (!answer.ok) continue;
        const [plan] = answer.value.items;
        setStarts((now) => ({ ...now, [product]: answer.value.clock.startMin }));
        if (plan) setDrawn((now) => ({ ...now, [product]: { plan, item: document } }));
      }
    })();
    return () => {
      stale = true;
    };
  }, [mouths, kitchen]);
  const begin = async (product: Product) => {
    const document = await planner.starter(product, mouths, kitchen?.document.cooks[0] ?? 'You');
    const made = await create({
      meal: { title: `${productWords[product]} for ${mouths}`, serveAt: local(at), mouthCount: mouths, eaters: [] },
      items: [document],
    });
    if ('data' in made && made.data) void navigate(`/bakes/${made.data.id}/${made.data.items[0]?.id}/brief`);
  };
  const move = (minutes: number) => setAt(new Date(at.getTime() + minutes * 60_000));
  const now = new Date();
  const possible = Object.values(starts).filter((s) => momentAt(local(at), s) > now).length;
  const key = 'key border-2 border-solid border-ink';
  return (
    <main className="flex min-w-0 flex-col bg-flour">
      <Rope mouths={mouths} lit={0} bare />
      <section style={{ padding: '0 30px', flex: 1 }}>
        <p className="quiet-ink m-0" style={{ fontSize: 18 }}>
          {dayOf(now)}, {clock(now)} · {planned ? `${planned} is planned` : 'nothing is planned'}
        </p>
        <h1 className="sign" style={{ fontSize: 'clamp(30px, 3.8vw, 48px)', lineHeight: 1.08, margin: '6px 0 14px' }}>
          What is for the table, and when?
        </h1>
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
          people,
          <label className="visually-hidden" htmlFor="served">
            day and time at the table
          </label>
          <input
            id="served"
            type="datetime-local"
            className="text-field"
            style={{ width: 'auto', fontWeight: 620 }}
            value={local(at)}
            onChange={(e) => e.target.value && setAt(new Date(e.target.value))}
          />
          <button type="button" className={key} aria-label="half an hour earlier" onClick={() => move(-30)}>
            <Minus size={20} />
          </button>
          <button type="button" className={key} aria-label="half an hour later" onClick={() => move(30)}>
            <Plus size={20} />
          </button>
          one of these:
        </div>
        <p style={{ maxWidth: 680, fontSize: 18 }}>
          {at < now ? (
            <span className="problem">That moment has passed; a later one is needed.</span>
          ) : (
            <Because>
              {starts.handPies !== undefined && `hand pies want ${span(-starts.handPies)} from the first weighing`}
              {starts.filoCoil !== undefined && `, a coil ${span(-starts.filoCoil)}`}; {possible} of {offered.length}{' '}
              can still be made by then.
            </Because>
          )}
        </p>
        <p className="m-0">
          <Link to="/recipe" className="press quiet">
            From a written recipe
          </Link>
        </p>
        {error && <p className="problem">The server did not take it; nothing is lost, press again.</p>}
      </section>
      <section
        className="grid gap-4 bg-slab"
        style={{
          gridTemplateColumns: 'repeat(auto-fit, minmax(200px, 1fr))',
          padding: '0 30px 20px',
          borderTop: '2.500px solid var(--color-ink)',
        }}
      >
        {offered.map((product) => {
          const start = starts[product];
          return (
            <div key={product}>
              <div className="outlined">{drawn[product] && <Standing {...drawn[product]} pxMm={0.62} />}</div>
              <button
                type="button"
                className="press quiet"
                disabled={isLoading || at < now}
                onClick={() => void begin(product)}
              >
                {productWords[product]}
              </button>
              <p style={{ fontSize: 16, margin: '8px 0 0' }}>
                {start === undefined ? (
                  <span className="working">working it out</span>
                ) : (
                  <>
                    begin by <strong>{clock(momentAt(local(at), start))}</strong>
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
