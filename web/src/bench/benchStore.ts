import { v4 as newId } from 'uuid';
import type { RunEventType } from '@crustallum/core/contracts/run';
import Dexie, { type EntityTable } from 'dexie';
import { houseNow, skewMs } from './houseClock';
import type { BenchEvent, BenchRun } from './run';
import { device } from './screen';

/** The device's own store: a run and its events are written here first, and sent to the server when it answers. */
class BenchStore extends Dexie {
  runs!: EntityTable<KeptRun, 'id'>;
  events!: EntityTable<BenchEvent, 'id'>;

  constructor() {
    super('crustallum-bench');
    this.version(1).stores({ runs: 'id, finishedAt, sent, startedAt', events: 'id, [runId+at], sent' });
    this.version(2).stores({ events: 'id, [runId+at], sent, sequence' });
    this.version(3).stores({ events: 'id, [runId+at], [runId+lamport], sent, sequence' });
  }
}

export const benchStore = new BenchStore();

/** What this device could not write down (its store is full, shut off or gone): kept on the page until the server has it. */
const onPage: BenchEvent[] = [];
type KeptRun = BenchRun & Pick<BenchEvent, 'sent' | 'refused'>;
const runsOnPage: KeptRun[] = [];
export const unwrittenRuns = (): readonly KeptRun[] => runsOnPage;
/** A run as it is kept here, written down or not. */
export const keptRun = async (id: string): Promise<KeptRun | undefined> =>
  runsOnPage.find((r) => r.id === id) ?? (await benchStore.runs.get(id));
export const unwritten = (): readonly BenchEvent[] => onPage;
/** The largest counts that were seen, for when the store does not even answer. */
const seen = { sequence: 0, lamport: 0 };
function see(events: readonly BenchEvent[]): void {
  for (const { sequence = 0, lamport = 0 } of events) {
    seen.sequence = Math.max(seen.sequence, sequence);
    seen.lamport = Math.max(seen.lamport, lamport);
  }
}

export const startRun = async (run: BenchRun): Promise<void> => {
  await benchStore.runs.put({ ...run, sent: 0 }).catch(() => runsOnPage.push({ ...run, sent: 0 }));
};

/** A run that was begun on another device, with what happened in it until now. */
export async function joinRun({ events, ...run }: BenchRun & { events: BenchEvent[] }): Promise<void> {
  await benchStore.runs.put({ ...run, sent: 1 }).catch(() => runsOnPage.push({ ...run, sent: 1 }));
  await takeIn(run.id, events);
}

/** Events that are on the server: those written here are marked so, the others put beside them. */
export async function takeIn(runId: string, events: readonly BenchEvent[]): Promise<void> {
  const taken = events.map((e): BenchEvent => ({ ...e, runId, sent: 1 }));
  await benchStore.events.bulkPut(taken).catch(() => {
    onPage.push(...taken.filter((e) => !onPage.some((o) => o.id === e.id)));
  });
  const end = events.find((e) => e.type === 'finish');
  if (end) await noteRun(runId, { finishedAt: end.at });
}

/** Events of a run in the order they were written; what the server would not have does not count. */
export async function eventsOf(runId: string): Promise<BenchEvent[]> {
  const run = await keptRun(runId);
  const events = await benchStore.events
    .where('[runId+at]')
    .between([runId, Dexie.minKey], [runId, Dexie.maxKey])
    .toArray();
  events.push(...onPage.filter((e) => e.runId === runId));
  see(events);
  // a run that is on this device only keeps all of its own
  const counted = run?.sent === 2 ? events : events.filter((e) => e.sent !== 2);
  return counted.sort((a, b) => a.at.localeCompare(b.at) || (a.sequence ?? 0) - (b.sequence ?? 0));
}

/** The run that is still going on, if any: the latest one not finished. */
export async function openRun(): Promise<BenchRun | null> {
  const runs = await benchStore.runs.orderBy('startedAt').reverse().toArray();
  return [...runsOnPage, ...runs].find((r) => r.finishedAt === null) ?? null;
}

/** The latest run of a bake on this device, finished or not. */
export async function latestRunOf(bakeId: string): Promise<BenchRun | null> {
  const runs = await benchStore.runs.orderBy('startedAt').reverse().toArray();
  return runs.find((r) => r.bakeId === bakeId) ?? null;
}

/** Writes down that something happened now, at this screen: after everything it has seen. */
export async function addEvent(
  run: BenchRun,
  type: RunEventType,
  data: Record<string, unknown> = {},
  cook = '',
): Promise<BenchEvent> {
  const event: BenchEvent = {
    id: newId(),
    runId: run.id,
    type,
    at: new Date().toISOString(),
    data,
    device: device(),
    sequence: 1,
    lamport: 1,
    skewMs: skewMs(),
    cook,
    sent: 0,
  };
  const finishedAt = new Date(houseNow()).toISOString();
  const written = benchStore.transaction('rw', benchStore.events, benchStore.runs, async () => {
    const before = await benchStore.events.orderBy('sequence').last();
    event.sequence = Math.max(before?.sequence ?? 0, ...onPage.map((e) => e.sequence ?? 0)) + 1;
    const newest = await benchStore.events
      .where('[runId+lamport]')
      .between([run.id, Dexie.minKey], [run.id, Dexie.maxKey])
      .last();
    event.lamport = Math.max(newest?.lamport ?? 0, ...onPage.map((e) => e.lamport ?? 0)) + 1;
    await benchStore.events.add(event);
    if (type === 'finish') await benchStore.runs.update(run.id, { finishedAt });
  });
  await written.catch(async () => {
    event.sequence = Math.max(event.sequence ?? 0, seen.sequence + 1);
    event.lamport = Math.max(event.lamport ?? 0, seen.lamport + 1);
    onPage.push(event);
    if (type === 'finish') await noteRun(run.id, { finishedAt });
  });
  see([event]);
  return event;
}

/** What became of a run, noted where it is kept. */
export async function noteRun(
  id: string,
  changes: Partial<Pick<KeptRun, 'sent' | 'refused' | 'finishedAt'>>,
): Promise<void> {
  const run = runsOnPage.find((r) => r.id === id);
  if (run) Object.assign(run, changes);
  await benchStore.runs.update(id, changes).catch(() => undefined);
}

/** What became of events at the server, noted where each is kept. */
export async function noteSent(
  updates: readonly { key: string; changes: Pick<BenchEvent, 'sent' | 'number' | 'refused'> }[],
): Promise<void> {
  for (const { key, changes } of updates) {
    const event = onPage.find((e) => e.id === key);
    if (event) Object.assign(event, changes);
  }
  // what cannot be noted is sent again, and counts once
  await benchStore.events.bulkUpdate(updates).catch(() => undefined);
}
