import { logWords } from '@crustallum/core/contracts/logWords';
import { byFeel } from '@crustallum/core/dough/weighing';
import { partName } from '@crustallum/core/dough/formula';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { benchStore, eventsOf } from '../bench/benchStore';
import { keyOf } from '@crustallum/core/plan/steps/key';
import { nowOf, tookMin, type BenchEvent, type BenchRun } from '../bench/run';
import { actualParts, inThePot, pouredPart, weighingOf, type Weighing } from '../bench/weighing';
import { feltParts } from '@crustallum/core/filling/byFeel';
import type { LogAnswersInput, LogEntry } from '@crustallum/core/contracts/log';
import {
  useChangeKitchenMutation,
  useKitchenQuery,
  useChangeEntryMutation,
  useKeepEntryMutation,
  useLogQuery,
} from '../api/api';
import { NotFound } from '../shell/NotFound';
import { Drawing } from '../stations/_shared/Drawing';
import { Pick } from '../design/ui/Pick';
import { Press } from '../design/ui/Press';
import { Rule } from '../design/ui/Rule';
import { TextField } from '../design/ui/TextField';
import { Because } from '../design/ui/Because';
import { usePhone } from '../design/ui/useWidth';
import { plain, shortDay, span, thin, weight } from '../wording/numbers';
import { stepWord } from '../wording/steps';
import { learnt, probedOf } from './probed';
import { hasLine, useAtFoot, useRecorded } from './useRecorded';
import { HalfAndHalf } from './HalfAndHalf';
import { History } from './History';
import { Liked } from './Liked';
import type { Snapshot } from './snapshot';

/** What was weighed, and what its flour took; nothing where nobody weighed. */
function weighedOf(item: BenchRun['plan']['items'][number], now: Weighing): Pick<Snapshot, 'formula' | 'took'> {
  const { parts = [], firstLotPct = 100 } = item;
  const planned = pouredPart(parts);
  const [flour] = parts;
  if (now.weighed.length === 0 && now.feel === null) return {};
  const made = actualParts(item, now);
  const formula = parts.map((p, i) => ({
    id: p.id,
    ...(p.name ? { name: p.name } : {}),
    plannedG: p.grams,
    madeG: made[i]?.grams ?? p.grams,
  }));
  if (!planned || !flour || now.feel !== 'holds') return { formula };
  const plannedG = planned.grams * now.factor;
  const { absorptionFactor } = byFeel({
    plannedG,
    flourG: flour.grams * now.factor,
    firstLotPct,
    topUpsG: now.topUpsG,
    dustedG: now.dustedG,
    feel: 'holds',
  });
  return {
    formula,
    ...(absorptionFactor ? { took: { flour: flour.id, factor: absorptionFactor * (item.waterFactor ?? 1) } } : {}),
  };
}

/** What was poured into the pot by feel; nothing where nobody did. */
function pouredOf(item: BenchRun['plan']['items'][number], now: Weighing): Pick<Snapshot, 'pot'> {
  const parts = feltParts(item.fillingParts ?? []).flatMap(({ name, plannedG }) => {
    const madeG = inThePot(now, name);
    const listed = item.document.filling.ingredients.find((i) => i.name === name)?.gramsPer100 ?? 0;
    return madeG === null ? [] : [{ name, plannedG, madeG, gramsPer100: Math.min(1000, (listed * madeG) / plannedG) }];
  });
  if (parts.length === 0) return {};
  return { pot: { filling: item.document.filling.name, asWanted: now.potFeel === 'asWanted', parts } };
}

/** What fits to be asked of a pie: only layers stand up, only what was closed leaks, an open one has no lid, leaves do not shrink. */
const asksOf = ({ pastry, product, open }: Snapshot) => ({
  stood: pastry !== 'shortcrust' && !open,
  closed: !open && product !== 'filoTray',
  lidded: !open,
  shrinks: pastry !== 'filo',
});

/** Nothing is answered for the cook. */
const fresh: LogAnswersInput = { note: '' };
const words = <Word extends string>(list: readonly Word[]) => list.map((w) => [w, w] as const);
const rule = (max: number, unit: string, integer = false) => ({ min: 0, max, unit, integer });

export function Log() {
  const { entryId } = useParams();
  const [search] = useSearchParams();
  const runId = search.get('run');
  const { data: entries, isLoading, isError } = useLogQuery();
  const run = useRun(runId);
  const drafts = useMemo(
    () => (run ? run.run.plan.items.map((i, index) => draftOf(run, index, i.document.title)) : []),
    [run],
  );
  const [chosen, setChosen] = useState(0);
  const recorded = useRecorded(run, chosen);
  const entry = entryId ? entries?.find((e) => e.id === entryId) : undefined;
  if (entryId && entries && !entry) return <NotFound what="entry" />;
  if (runId && drafts.length) {
    const draft = drafts[chosen] as Draft;
    const ofRun = entries?.filter((e) => e.runId === runId) ?? [];
    const kept = ofRun.map((e) => e.title);
    const written = ofRun.find((e) => e.title === draft.title);
    return (
      <Entry
        key={`${runId}${chosen}${written?.id ?? ''}`}
        // what is written down once is changed, never written again
        kept={written}
        draft={recorded ? { ...draft, snapshot: { ...draft.snapshot, recorded } } : draft}
        entries={entries ?? []}
        tabs={drafts.map((d, i) => ({
          title: `${d.title}${kept.includes(d.title) ? ', kept' : ''}`,
          on: i === chosen,
          choose: () => setChosen(i),
        }))}
      />
    );
  }
  const shown = entry ?? entries?.[0];
  if (isError && !entries)
    return (
      <Plain
        title="The log cannot be read just now"
        text="The server does not answer. Nothing is lost; try again in a moment."
      />
    );
  if (isLoading) return <Plain title="Opening the log" text="" />;
  if (!shown)
    return (
      <Plain
        title="Nothing is written yet"
        text="When a day at the bench is finished, how it came out is written here."
      />
    );
  return (
    <Entry
      key={shown.id}
      kept={shown}
      draft={{
        title: shown.title,
        date: shown.date,
        snapshot: shown.snapshot,
        bakeId: shown.bakeId ?? null,
        runId: shown.runId ?? null,
      }}
      entries={entries ?? []}
    />
  );
}

const Plain = ({ title, text }: { title: string; text: string }) => (
  <main className="sheet" style={{ display: 'block', padding: 40 }}>
    <h1 className="sign">{title}</h1>
    <p>{text}</p>
    <Link to="/bench" className="press quiet">
      To the bench
    </Link>
  </main>
);

interface Draft {
  title: string;
  date: string;
  snapshot: Snapshot;
  bakeId: string | null;
  runId: string | null;
}

interface Ran {
  run: BenchRun;
  events: readonly BenchEvent[];
}

function useRun(runId: string | null): Ran | null {
  const [found, setFound] = useState<Ran | null>(null);
  useEffect(() => {
    if (!runId) return;
    void benchStore.runs.get(runId).then(async (run) => {
      if (run) setFound({ run, events: await eventsOf(runId) });
    });
  }, [runId]);
  return found;
}

function draftOf({ run, events }: Ran, index: number, title: string): Draft {
  const item = run.plan.items[index];
  const { plan, steps: ran, events: stood } = nowOf(run, events);
  const probed = probedOf(stood, index);
  const steps = plan.steps.flatMap((s) =>
    s.itemIndex === index ? [{ word: stepWord(s), plannedMin: s.minutes, actualMin: tookMin(ran.get(keyOf(s))) }] : [],
  );
  return {
    title,
    date: (run.finishedAt ?? new Date().toISOString()).slice(0, 10),
    snapshot: {
      pastry: item?.document.dough.pastry,
      product: item?.document.product,
      open: item?.document.cut.lid === 'none',
      expectedMm: item?.expectedMm,
      roomC: run.plan.kitchen.roomC,
      pieces: item?.pieces,
      bakeMin: item?.bakeMin,
      depthMm: item?.depthMm,
      steps,
      ...(run.plan.people?.length ? { people: run.plan.people } : {}),
      ...(probed.length ? { probed } : {}),
      ...(item ? weighedOf(item, weighingOf(stood, index)) : {}),
      ...(item ? pouredOf(item, weighingOf(stood, index)) : {}),
    },
    bakeId: run.bakeId,
    runId: run.id,
  };
}

function Entry({
  draft,
  kept,
  entries,
  tabs = [],
}: {
  draft: Draft;
  kept?: LogEntry;
  entries: readonly LogEntry[];
  tabs?: { title: string; on: boolean; choose: () => void }[];
}) {
  const wide = usePhone() ? 366 : 660;
  const bakedPlan = draft.snapshot.steps?.find((s) => s.word === 'Bake');
  const [answers, setAnswers] = useState<LogAnswersInput>(
    kept?.answers ?? {
      ...fresh,
      ...(bakedPlan?.actualMin ? { bakedMin: Math.max(1, Math.round(bakedPlan.actualMin)) } : {}),
    },
  );
  useAtFoot(hasLine(draft.snapshot.recorded) ? draft.snapshot.recorded : null);
  const [keep, { isLoading, error, isSuccess }] = useKeepEntryMutation();
  const [change, changed] = useChangeEntryMutation();
  const navigate = useNavigate();
  const set = (part: Partial<LogAnswersInput>) => setAnswers((now) => ({ ...now, ...part }));
  const pieces = draft.snapshot.pieces ?? 12;
  const asks = asksOf(draft.snapshot);
  const { data: kitchen } = useKitchenQuery();
  const [changeKitchen] = useChangeKitchenMutation();
  // what this flour took is kept for the kitchen: the last few times count
  const learn = () => {
    const { took, pot, probed = [] } = draft.snapshot;
    const poured = pot?.asWanted
      ? pot.parts.map((p) => ({ filling: pot.filling, ingredient: p.name, gramsPer100: p.gramsPer100 }))
      : [];
    if ((!took && poured.length === 0 && probed.length === 0) || !kitchen) return;
    const document = learnt(kitchen.document, probed);
    const flourFactors = took ? [...(document.flourFactors ?? []), took].slice(-40) : document.flourFactors;
    void changeKitchen({
      version: kitchen.version,
      document: {
        ...document,
        ...(flourFactors ? { flourFactors } : {}),
        poured: [...(document.poured ?? []), ...poured].slice(-100),
      },
    });
  };
  const asKept = kept !== undefined && sameAnswers(kept.answers, { ...answers, note: answers.note.trim() });
  const save = async () => {
    const clean = { ...answers, note: answers.note.trim() };
    if (kept) await change({ id: kept.id, version: kept.version, answers: clean });
    else {
      const made = await keep({
        date: draft.date,
        title: draft.title,
        answers: clean,
        snapshot: draft.snapshot as Record<string, unknown>,
        ...(draft.bakeId ? { bakeId: draft.bakeId } : {}),
        ...(draft.runId ? { runId: draft.runId } : {}),
      });
      if ('data' in made && made.data) {
        learn();
        if (tabs.length < 2) void navigate(`/log/${made.data.id}`);
      }
    }
  };
  const steps = draft.snapshot.steps?.filter((s) => s.actualMin !== null) ?? [];
  return (
    <main className="work">
      <section className="set" aria-label="Log: answers">
        <span className="whose">
          {draft.title} · {shortDay(new Date(`${draft.date}T12:00`))}
        </span>
        <h1 className="sign mb-1">Log</h1>
        {tabs.length > 1 && (
          <div className="pick many">
            {tabs.map((t) => (
              <button key={t.title} type="button" aria-checked={t.on} role="radio" onClick={t.choose}>
                {t.title}
              </button>
            ))}
          </div>
        )}
        <div className="flex-1">
          {asks.stood && (
            <Rule
              label="The lid stood"
              value={answers.stoodMm ?? Math.round((draft.snapshot.expectedMm ?? 8) * 2) / 2}
              unanswered={answers.stoodMm === undefined ? 'not said; forecast' : undefined}
              rule={rule(120, 'mm')}
              step={0.5}
              unit="mm"
              from={0}
              to={40}
              places={1}
              good={[(draft.snapshot.expectedMm ?? 8) * 0.9, (draft.snapshot.expectedMm ?? 8) * 1.1]}
              onChange={(stoodMm) => set({ stoodMm })}
            />
          )}
          {asks.closed && (
            <Rule
              label="Leaked"
              value={answers.leaks ?? 0}
              unanswered={answers.leaks === undefined ? 'not said' : undefined}
              rule={rule(60, 'pieces', true)}
              step={1}
              unit={`of ${pieces}`}
              from={0}
              to={Math.max(1, pieces)}
              onChange={(leaks) => set({ leaks })}
            />
          )}
          <Pick
            label={asks.lidded ? 'Colour on top' : 'Colour of the rim'}
            value={answers.colour ?? ('' as NonNullable<LogAnswersInput['colour']>)}
            options={words(logWords.colour)}
            onChange={(colour) => set({ colour })}
          />
          <Pick
            label="Underneath"
            value={answers.base ?? ('' as NonNullable<LogAnswersInput['base']>)}
            options={words(logWords.base)}
            onChange={(base) => set({ base })}
          />
          {asks.shrinks && (
            <Pick
              label="Shrank"
              value={answers.shrink ?? ('' as NonNullable<LogAnswersInput['shrink']>)}
              options={words(logWords.shrink)}
              onChange={(shrink) => set({ shrink })}
            />
          )}
          <Pick
            label="In the mouth"
            value={answers.texture ?? ('' as NonNullable<LogAnswersInput['texture']>)}
            options={words(logWords.texture)}
            onChange={(texture) => set({ texture })}
          />
          <Liked
            people={draft.snapshot.people ?? []}
            liked={answers.liked ?? []}
            onChange={(liked) => set({ liked })}
          />
          <TextField
            label="A note"
            value={answers.note}
            max={1000}
            rows={2}
            optional
            onChange={(note) => set({ note })}
          />
        </div>
        {(error || changed.error) && (
          <p className="problem">It was not kept: the server did not answer. Your words stay here.</p>
        )}
        <Press crimp className="mt-2 w-full" disabled={isLoading || changed.isLoading} onClick={() => void save()}>
          {asKept || (!kept && isSuccess) ? 'Kept' : kept ? 'Keep the change' : 'Keep this entry'}
        </Press>
      </section>
      <section className="sheet" aria-label="As worked out and as it came out">
        <div className="drawing">
          <Drawing
            w={wide}
            h={330}
            label={`Left as worked out: lid ${thin(draft.snapshot.expectedMm ?? 0)}; right as it came out: ${[answers.stoodMm === undefined ? 'not said yet' : thin(answers.stoodMm), answers.base && `${answers.base} underneath`, `${answers.leaks ?? 0} leaked`].filter(Boolean).join(', ')}`}
          >
            <HalfAndHalf
              width={wide}
              expectedMm={draft.snapshot.expectedMm ?? 8}
              stoodMm={answers.stoodMm}
              base={answers.base}
              colour={answers.colour}
              leaks={answers.leaks ?? 0}
              depthMm={draft.snapshot.depthMm ?? 18}
            />
          </Drawing>
          <History
            entries={entries}
            now={{
              date: draft.date,
              stoodMm: answers.stoodMm,
              expectedMm: draft.snapshot.expectedMm ?? null,
              roomC: draft.snapshot.roomC ?? null,
              id: kept?.id,
            }}
          />
        </div>
        <div className="numbers">
          {draft.snapshot.probed?.map((p) => (
            <div key={p.field}>
              <strong>{p.field === 'benchFactor' ? 'The bench' : 'The fridge'}</strong>{' '}
              <Because>
                by the probe heat comes {plain(p.value, 2)} times as fast as by the table; half of it is kept for this
                kitchen
              </Because>
            </div>
          ))}
          {draft.snapshot.formula && (
            <div>
              <strong>As weighed</strong>
              <ul className="plain-list" style={{ fontSize: 15 }}>
                {draft.snapshot.formula.map((f) => (
                  <li key={f.id} className="flex justify-between">
                    <span>{partName(f)}</span>
                    <span>
                      {weight(f.madeG, f.madeG < 20 ? 1 : 0)}
                      {Math.abs(f.madeG - f.plannedG) > Math.max(1, 0.02 * f.plannedG) && (
                        <span className="quiet-ink"> of {weight(f.plannedG, f.plannedG < 20 ? 1 : 0)}</span>
                      )}
                    </span>
                  </li>
                ))}
              </ul>
              {draft.snapshot.took && (
                <Because>
                  it held at {plain(100 * draft.snapshot.took.factor, 0)} % of the liquid; that is kept for this flour
                </Because>
              )}
            </div>
          )}
          {draft.snapshot.pot && (
            <div>
              <strong>Into the pot</strong>
              <ul className="plain-list" style={{ fontSize: 15 }}>
                {draft.snapshot.pot.parts.map((p) => (
                  <li key={p.name} className="flex justify-between">
                    <span>{p.name}</span>
                    <span>
                      {weight(p.madeG, p.madeG < 20 ? 1 : 0)}
                      <span className="quiet-ink"> of {weight(p.plannedG, p.plannedG < 20 ? 1 : 0)}</span>
                    </span>
                  </li>
                ))}
              </ul>
              {draft.snapshot.pot.asWanted && <Because>it was as wanted then; that is kept for this filling</Because>}
            </div>
          )}
          {steps.length > 0 && (
            <div>
              <strong>Planned, and as it ran</strong>
              <table style={{ width: '100%', fontSize: 15, borderSpacing: '0 3px' }}>
                <thead>
                  <tr>
                    <th scope="col" style={{ textAlign: 'left', fontWeight: 500 }}>
                      step
                    </th>
                    <th scope="col" style={{ textAlign: 'right', fontWeight: 500 }}>
                      planned
                    </th>
                    <th scope="col" style={{ textAlign: 'right', fontWeight: 500 }}>
                      ran
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {steps.map((s, i) => (
                    <tr key={i}>
                      <td>{s.word}</td>
                      <td style={{ textAlign: 'right' }}>{span(s.plannedMin)}</td>
                      <td style={{ textAlign: 'right', fontWeight: 640 }}>{span(s.actualMin ?? 0)}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
          <div>
            <strong>Entries</strong>
            <ul
              className="plain-list"
              style={{ maxHeight: 320, overflowY: 'auto' }}
              tabIndex={0}
              aria-label="Earlier entries"
            >
              {entries.map((e) => (
                <li key={e.id}>
                  <Link
                    to={`/log/${e.id}`}
                    className="flex min-h-11 items-center justify-between gap-2 text-ink"
                    aria-current={e.id === kept?.id ? 'page' : undefined}
                    style={e.id === kept?.id ? { fontWeight: 700 } : undefined}
                  >
                    <span>{e.title}</span>
                    <span className="quiet-ink">{shortDay(new Date(`${e.date.slice(0, 10)}T12:00`))}</span>
                  </Link>
                </li>
              ))}
            </ul>
          </div>
        </div>
      </section>
    </main>
  );
}

/** Whether two sets of answers say the same, in whatever order they were given. */
const sameAnswers = (a: LogAnswersInput, b: LogAnswersInput): boolean => {
  const said = (answers: LogAnswersInput) =>
    JSON.stringify(
      Object.entries(answers)
        .filter(([, value]) => value !== undefined)
        .sort(([x], [y]) => x.localeCompare(y)),
    );
  return said(a) === said(b);
};
