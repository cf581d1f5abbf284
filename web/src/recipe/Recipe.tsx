import type { MeasureSystem } from '@crustallum/core/quantities/amounts/units';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useAddItemMutation, useCreateBakeMutation, useKitchenQuery } from '../api/api';
import { useAppSelector } from '../desk/store';
import { Pick } from '../design/ui/Pick';
import { Press } from '../design/ui/Press';
import { usePhone } from '../design/ui/useWidth';
import type { ReadRecipe } from '@crustallum/core/recipes/readRecipe';
import type { Alarm } from '@crustallum/core/recipes/alarms';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { differences, type Difference } from '@crustallum/core/plan/differences';
import { YoursOurs } from './YoursOurs';
import { FactEditor } from './FactEditor';
import { Doubt } from './Doubt';
import { Drawn } from './Drawn';
import { Leaders } from './Leaders';
import { Paper } from './Paper';
import { RowEditor } from './RowEditor';
import { rowsOf, type Row } from './rows';
import { Source } from './Source';
import { readAndMake, useReading, useRecipesOn, type Correction } from './useReading';

const draftKey = 'crustallum.recipe';
const tomorrow = (): string => {
  const d = new Date();
  d.setDate(d.getDate() + 1);
  const pad = (n: number) => String(n).padStart(2, '0');
  return `${d.getFullYear()}-${pad(d.getMonth() + 1)}-${pad(d.getDate())}T18:30`;
};
const mostRows = 120;
const nothing: readonly never[] = [];
/** Whether two corrections are of one thing. */
const same = (a: Correction, b: Correction): boolean =>
  b.amount !== undefined ? a.amount === b.amount : a.fact === b.fact && a.at === b.at;
/** Whether a correction is of what an alarm is about. */
const sameAbout = (about: Alarm['about'], c: Correction): boolean =>
  same(c, about) && (about.amount !== undefined || about.fact !== undefined);

/** From a written recipe: the words at the left, what was understood of them beside, and a bake in the end. */
export function Recipe() {
  const [text, setText] = useState(() => localStorage.getItem(draftKey) ?? '');
  const [writing, setWriting] = useState(text === '');
  const [system, setSystem] = useState<MeasureSystem | null>(null);
  const recipes = useRecipesOn(text);
  const [chosen, setChosen] = useState(0);
  const which = Math.min(chosen, Math.max(0, recipes.length - 1));
  // what was put right stays with the recipe it was put right in
  const [kept, setKept] = useState<Readonly<Record<number, readonly Correction[]>>>({});
  const [keptOurs, setKeptOurs] = useState<Readonly<Record<number, readonly Difference[]>>>({});
  const corrections = kept[which] ?? nothing;
  const ours = keptOurs[which] ?? nothing;
  const setCorrections = useCallback(
    (next: (now: readonly Correction[]) => readonly Correction[]) =>
      setKept((all) => ({ ...all, [which]: next(all[which] ?? nothing) })),
    [which],
  );
  const setOurs = (next: (now: readonly Difference[]) => readonly Difference[]) =>
    setKeptOurs((all) => ({ ...all, [which]: next(all[which] ?? nothing) }));
  const { meal, bakeId } = useAppSelector((s) => s.desk);
  const { data: kitchen } = useKitchenQuery();
  const [create, creating] = useCreateBakeMutation();
  const [addItem, adding] = useAddItemMutation();
  const navigate = useNavigate();
  const cook = kitchen?.document.cooks[0] ?? 'You';
  const mouths = meal?.mouthCount ?? 6;
  const own = recipes.length > 1 ? (recipes[which]?.text ?? text) : text;
  const { read, made, working, unanswered, tooLong } = useReading(
    own,
    system,
    corrections,
    mouths,
    cook,
    kitchen?.document,
    ours,
  );
  /** All as the page has it, doubts and all; or all as we reckon. */
  const takeAll = (side: 'yours' | 'ours') => {
    setOurs(() => (side === 'ours' ? differences : []));
    setCorrections((now) => [
      ...now.filter((c) => !read?.alarms.some((a) => sameAbout(a.about, c))),
      ...(side === 'ours' || !read
        ? []
        : read.alarms.flatMap((a): Correction[] =>
            a.about.amount === undefined && a.about.fact === undefined ? [] : [{ ...a.about, value: null }],
          )),
    ]);
  };
  useEffect(() => {
    const timer = setTimeout(() => {
      try {
        localStorage.setItem(draftKey, text.slice(0, 200_000));
      } catch {
        // no room on this device: the words stay on the screen
      }
    }, 300);
    return () => clearTimeout(timer);
  }, [text]);
  const take = (whole: string) => {
    setText(whole);
    setChosen(0);
    setKept({});
    setKeptOurs({});
  };
  const correct = useCallback(
    (c: Correction) =>
      setCorrections((now) => [...now.filter((x) => !same(x, c)), { ...now.find((x) => same(x, c)), ...c }]),
    [setCorrections],
  );
  const rows = useMemo(() => (read ? rowsOf(read, made).slice(0, mostRows) : []), [read, made]);
  const goTo = (bake: string, item: string | undefined) => {
    localStorage.removeItem(draftKey);
    void navigate(`/bakes/${bake}/${item}/brief`);
  };
  const beginWith = async (items: readonly ItemInput[]) => {
    const [first] = items;
    if (!first) return;
    const answer = await create({
      meal: {
        title: items
          .map((i) => i.title)
          .join(' and ')
          .slice(0, 60),
        serveAt: tomorrow(),
        mouthCount: Math.min(60, first.brief.count),
        eaters: [],
      },
      items: [...items],
    });
    if ('data' in answer && answer.data) goTo(answer.data.id, answer.data.items[0]?.id);
  };
  /** The item as it is read now: what was put right a moment ago counts, and no press is lost while it is read. */
  const latest = async () => {
    if (!working) return made;
    const page = { text: own, system, corrections, mouths, cook, kitchen: kitchen?.document, ours };
    return (await readAndMake(page))?.made ?? null;
  };
  const begin = async () => {
    const now = await latest();
    await beginWith(now ? [now.item] : []);
  };
  /** All recipes of the page, each with what was put right in it. */
  const beginAll = async () => {
    const all = await Promise.all(
      recipes.map((r, i) =>
        readAndMake({
          text: r.text,
          system,
          corrections: kept[i] ?? nothing,
          mouths,
          cook,
          kitchen: kitchen?.document,
          ours: keptOurs[i] ?? nothing,
        }),
      ),
    );
    await beginWith(all.flatMap((one) => (one?.made ? [one.made.item] : [])));
  };
  const join = async () => {
    const now = await latest();
    if (!now || !bakeId) return;
    const answer = await addItem({ bakeId, document: now.item });
    if ('data' in answer && answer.data) goTo(bakeId, answer.data.id);
  };
  const unsure = read?.amounts.some((a) => a.ambiguities.includes('whoseMeasure')) || system !== null || read?.system;
  const cups = read?.amounts.some((a) =>
    a.units.some((u) => ['cup', 'tbsp', 'tsp', 'pint', 'gill', 'flOz'].includes(u)),
  );
  const count = (state: Row['state']) => rows.filter((r) => r.state === state).length;
  return (
    <main className="recipe">
      <header className="recipe-head">
        <div>
          <h1 className="sign m-0">From a written recipe</h1>
          <p className="quiet-ink m-0" aria-live="polite">
            {tooLong
              ? 'This is longer than a book of recipes; nothing of it is lost, but only up to a million signs are read.'
              : working
                ? 'Reading it'
                : unanswered
                  ? 'It was not read to the end; nothing is lost. Change a word of it, and it is read again.'
                  : read
                    ? 'press a line of what was understood to put it right'
                    : 'paste it, write it, or open a file'}
          </p>
        </div>
      </header>
      {writing || !read ? (
        <Source text={text} working={working} onText={take} onDone={() => setWriting(false)} ready={read !== null} />
      ) : (
        <>
          <Understood key={which} rows={rows} read={read} made={made} corrections={corrections} correct={correct} />
          <section className="recipe-side" aria-label="What it comes to">
            {(creating.error ?? adding.error) !== undefined && (
              <p className="problem m-0" role="alert">
                The server did not take it; nothing is lost, press again.
              </p>
            )}
            {recipes.length > 1 && (
              <Pick
                label={`${recipes.length} recipes stand on this page`}
                value={String(which)}
                options={recipes.map((r, i) => [String(i), r.title || `the ${i + 1}.`] as const)}
                onChange={(i) => setChosen(Number(i))}
              />
            )}
            <p className="counts m-0">
              <span>
                <strong>{count('said')}</strong> said
              </span>
              <span>
                <strong>{count('notSaid')}</strong> not said
              </span>
              <span>
                <strong>{count('doubtful')}</strong> doubtful
              </span>
            </p>
            {cups && unsure && (
              <Pick
                label={
                  read.system && !system ? `Cups and spoons, by “${read.system.because}”` : 'Whose cups and spoons'
                }
                value={system ?? read.system?.system ?? ('' as MeasureSystem)}
                options={[
                  ['us', 'American'],
                  ['metric', 'metric'],
                  ['imperial', 'imperial'],
                ]}
                onChange={setSystem}
              />
            )}
            {read.language && (
              <p className="problem m-0" role="status">
                This page looks {read.language}: its numbers are read, its words may not be. Say what is not known.
              </p>
            )}
            {made && <Drawn made={made} />}
            {made && (
              <YoursOurs
                differs={made.differs}
                onTake={(what, which) =>
                  setOurs((now) => [...now.filter((d) => d !== what), ...(which === 'ours' ? [what] : [])])
                }
              />
            )}
            {(made?.differs.length ?? 0) + read.alarms.length > 0 && (
              <div className="flex flex-wrap gap-2">
                <Press quiet onClick={() => takeAll('yours')}>
                  Keep all of mine
                </Press>
                <Press quiet onClick={() => takeAll('ours')}>
                  Take all of ours
                </Press>
              </div>
            )}
            <p className="quiet-ink m-0" style={{ fontSize: 15 }}>
              The words stay with the pie; what you changed is kept beside them.
            </p>
          </section>
          <div className="recipe-takes">
            <Press quiet onClick={() => setWriting(true)}>
              The words again
            </Press>
            {recipes.length > 1 && (
              <Press quiet disabled={working || creating.isLoading} onClick={() => void beginAll()}>
                {recipes.length === 2 ? 'Take both' : `Take all ${recipes.length}`}
              </Press>
            )}
            {bakeId && meal && (
              <Press quiet disabled={!made || adding.isLoading} onClick={() => void join()}>
                Put it with {meal.title}
              </Press>
            )}
            <Press crimp disabled={!made || creating.isLoading} onClick={() => void begin()}>
              Take it to the brief
            </Press>
          </div>
        </>
      )}
    </main>
  );
}

function Understood({
  rows,
  read,
  made,
  corrections,
  correct,
}: {
  rows: readonly Row[];
  read: NonNullable<ReturnType<typeof useReading>['read']>;
  made: ReturnType<typeof useReading>['made'];
  corrections: readonly Correction[];
  correct: (c: Correction) => void;
}) {
  const phone = usePhone();
  const frame = useRef<HTMLDivElement>(null);
  const lines = useRef(new Map<number, HTMLElement>());
  const places = useRef(new Map<string, HTMLElement>());
  const [open, setOpen] = useState<string | null>(null);
  const now = made?.read ?? read;
  return (
    <div className="recipe-both" ref={frame}>
      <Paper read={read} lines={lines} />
      {!phone && <Leaders rows={rows} lines={lines} places={places} frame={frame} />}
      <div className="understood-list">
        <h2 className="sign m-0">What was understood</h2>
        <p className="quiet-ink m-0" style={{ fontSize: 15 }}>
          line: said · dots: not said, a value taken · !: doubtful
        </p>
        <ul className="plain-list">
          {rows.map((row) => (
            <li
              key={row.key}
              ref={(e) => {
                if (e) places.current.set(row.key, e);
                else places.current.delete(row.key);
              }}
            >
              {row.alarm ? (
                <Doubt
                  alarm={row.alarm}
                  chosen={corrections.find((c) =>
                    row.alarm?.about.amount !== undefined
                      ? c.amount === row.alarm.about.amount
                      : c.fact !== undefined && c.fact === row.alarm?.about.fact,
                  )}
                  onChoose={(value) => row.alarm && correct({ ...row.alarm.about, value })}
                />
              ) : row.amount !== undefined || row.fact !== undefined ? (
                <>
                  <button
                    type="button"
                    className="understood-row"
                    aria-expanded={open === row.key}
                    onClick={() => setOpen(open === row.key ? null : row.key)}
                  >
                    <strong>{row.name}</strong>
                    <span>
                      {row.state === 'unknown' && <em className="unsaid">what is this?</em>} {row.text}
                    </span>
                  </button>
                  {open === row.key && <Editor row={row} now={now} onChange={correct} />}
                </>
              ) : (
                <div className="understood-row">
                  <strong>{row.name}</strong>
                  <span>
                    {row.state === 'notSaid' && <em className="unsaid">not said</em>} {row.text}
                  </span>
                </div>
              )}
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}

/** What a pressed row is put right with: an amount by its grams, its name and its part; a fact by its number. */
function Editor({ row, now, onChange }: { row: Row; now: ReadRecipe; onChange: (c: Correction) => void }) {
  const amount = row.amount === undefined ? undefined : now.amounts[row.amount];
  const fact = row.fact === undefined ? undefined : now.facts[row.fact];
  if (amount && row.amount !== undefined) return <RowEditor amount={amount} index={row.amount} onChange={onChange} />;
  return fact && row.fact !== undefined ? <FactEditor fact={fact} at={row.fact} onChange={onChange} /> : null;
}
