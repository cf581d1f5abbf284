import { shopping } from '@crustallum/core/plan/needs/shopping';
import { Plus } from 'lucide-react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Index } from '@crustallum/core/ingredients/search';
import { shippedIndex } from '@crustallum/core/ingredients/shipped';
import { ingredientOf } from '@crustallum/core/ingredients/table';
import { useAddLarderMutation, useLarderQuery } from '../api/api';
import { useAppSelector } from '../desk/store';
import { Pick } from '../design/ui/Pick';
import { Press } from '../design/ui/Press';
import { shortDay, weight } from '../wording/numbers';
import { ToBuyList } from './ToBuyList';
import { Link, useSearchParams } from 'react-router';
import { Detail } from './Detail';
import { HowYouRead } from './HowYouRead';
import { OnePlace } from './OnePlace';
import { Shelves } from './Shelves';

const placeOf = { fridge: 'C', freezer: 'F', shelf: 'H' } as const;
const KitchenForm = lazy(() => import('./KitchenForm'));
const StandIns = lazy(() => import('./StandIns'));

const shows = ['larder', 'all', 'kitchen'] as const;

export function Larder() {
  const { data: things = [], isLoading, isError } = useLarderQuery();
  const { plan, meal } = useAppSelector((s) => s.desk);
  const [find, setFind] = useState('');
  const [search, setSearch] = useSearchParams();
  const show = shows.find((s) => s === search.get('show')) ?? 'larder';
  const setShow = (to: (typeof shows)[number]) => setSearch(to === 'larder' ? {} : { show: to }, { replace: true });
  const [place, setPlace] = useState('C');
  const [chosenId, setChosenId] = useState<string | null>(null);
  const [add] = useAddLarderMutation();
  const short = useMemo(() => (plan ? shopping(plan.needs, things, plan.clock.steps) : []), [plan, things]);
  // names, and the other words of what they are: typing slips are forgiven
  const index = useMemo(
    () =>
      new Index(things.map((t) => ({ name: t.name, also: ingredientOf(t.ingredient ?? '')?.also ?? [], thing: t }))),
    [things],
  );
  const found = find.trim() === '' ? things : index.search(find, 40).map((f) => f.thing.thing);
  const chosen = things.find((t) => t.id === chosenId) ?? found[0];
  const stale = things.filter((t) => t.bestBefore && meal && t.bestBefore < meal.serveAt.slice(0, 10));
  const put = async () => {
    const [known] = found.length === 0 ? shippedIndex().search(find, 1) : [];
    const made = await add({
      name: find.trim() || 'Something new',
      grams: 0,
      shelf: known ? placeOf[known.thing.place] : 'H',
      note: '',
      ...(known && known.distance < 0.5 ? { ingredient: known.thing.id } : {}),
    });
    if ('data' in made && made.data) setChosenId(made.data.id);
  };
  return (
    <main className="work">
      <section className="set" aria-label="Larder: find and choose">
        <span className="whose">
          {things.length} things · {new Set(things.map((t) => t.shelf)).size} places
        </span>
        <h1 className="sign mb-1">Larder</h1>
        <label className="visually-hidden" htmlFor="find">
          Find in the larder
        </label>
        <input
          id="find"
          className="text-field"
          placeholder="find"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <ul
          className="plain-list mt-1 flex-1"
          style={{ overflowY: 'auto', minHeight: 120, maxHeight: 330 }}
          tabIndex={0}
          aria-label="Things found"
        >
          {found.map((t) => (
            <li key={t.id}>
              <button
                type="button"
                className="flex min-h-11 w-full items-center justify-between gap-2 border-0 bg-transparent p-0 text-left"
                style={{ borderBottom: '1px solid var(--color-hair)', fontWeight: t.id === chosen?.id ? 700 : 450 }}
                aria-current={t.id === chosen?.id}
                onClick={() => setChosenId(t.id)}
              >
                <span>{t.name}</span>
                <span>
                  {weight(t.grams)} <strong>{t.shelf}</strong>
                </span>
              </button>
            </li>
          ))}
          {!isLoading && found.length === 0 && (
            <li className="py-3">{things.length ? 'Nothing by that name.' : 'The larder is empty.'}</li>
          )}
          {isError && <li className="problem">The larder cannot be read just now.</li>}
        </ul>
        <Pick
          label="Show"
          value={show}
          options={[
            ['larder', 'this day'],
            ['all', 'all'],
            ['kitchen', 'kitchen'],
          ]}
          onChange={setShow}
        />
        <Press quiet className="mt-3 w-full" onClick={() => void put()}>
          <span className="flex items-center gap-2">
            <Plus size={18} /> Put in {find.trim() && found.length === 0 ? find.trim() : 'something'}
          </span>
        </Press>
      </section>
      <section className="sheet" aria-label="Larder">
        <div className="drawing">
          {show === 'kitchen' ? (
            <Suspense fallback={<p className="working">One moment</p>}>
              <KitchenForm />
              <HowYouRead />
              <StandIns />
              <p>
                <Link to="/door" className="press quiet">
                  Let a tablet in
                </Link>
              </p>
            </Suspense>
          ) : show === 'all' ? (
            <OnePlace things={things} place={place} onPlace={setPlace} chosen={chosen?.id} onChoose={setChosenId} />
          ) : (
            <Shelves
              things={things}
              chosen={chosen?.id}
              needed={new Set(plan?.needs.map((n) => n.name.toLowerCase()) ?? [])}
              onChoose={setChosenId}
            />
          )}
        </div>
        <div className="numbers">
          <div>
            <strong>{plan ? `To buy: ${short.length}` : 'To buy'}</strong>
            <ToBuyList short={short} serveAt={plan?.clock.serveAt ?? null} />
          </div>
          {chosen && show !== 'kitchen' && (
            <Detail
              key={chosen.id}
              thing={chosen}
              needG={
                plan?.needs.find((n) => n.name.toLowerCase() === (chosen.name.toLowerCase().split(',')[0] ?? '').trim())
                  ?.grams ?? null
              }
            />
          )}
          {stale.length > 0 && (
            <div>
              <strong>Look at, taste, or leave out:</strong>
              <ul className="plain-list">
                {stale.map((t) => (
                  <li key={t.id}>
                    {t.name}, best before {shortDay(new Date(`${t.bestBefore}T12:00`))}
                  </li>
                ))}
              </ul>
            </div>
          )}
        </div>
      </section>
    </main>
  );
}
