import { v4 as newId } from 'uuid';
import type { RunEventType } from '@crustallum/core/contracts/run';
import Dexie, { type EntityTable } from 'dexie';
import { houseNow, skewMs } from './houseClock';
import type { BenchEvent, BenchRun } from './run';
import { device } from './screen';

/** The device's own store: a run and its events are written here first, and sent to the server when it answers. */
class BenchStore extends Dexie {
  runs!: EntityTable<BenchRun & Pick<BenchEvent, 'sent' | 'refused'>, 'id'>;
  events!: EntityTable<BenchEvent, 'id'>;

  constructor() {
    super('crustallum-bench');
    this.version(1).stores({ runs: 'id, finishedAt, sent, startedAt', events: 'id, [runId+at], sent' });
    this.version(2).stores({ events: 'id, [runId+at], sent, sequence' });
    this.version(3).stores({ events: 'id, [runId+at], [runId+lamport], sent, sequence' });
  }
}

export const benchStore = new BenchStore();

export const startRun = async (run: BenchRun): Promise<void> => {
  await benchStore.runs.put({ ...run, sent: 0 });
};

/** A run that was begun on another device, with what happened in it until now. */
export async function joinRun({ events, ...run }: BenchRun & { events: BenchEvent[] }): Promise<void> {
  await benchStore.runs.put({ ...run, sent: 1 });
  await takeIn(run.id, events);
}

/** Events that are on the server: those written here are marked so, the others put beside them. */
export async function takeIn(runId: string, events: readonly BenchEvent[]): Promise<void> {
  await benchStore.events.bulkPut(events.map((e) => ({ ...e, runId, sent: 1 })));
  const end = events.find((e) => e.type === 'finish');
  if (end) await benchStore.runs.update(runId, { finishedAt: end.at });
}

/** Events of a run in the order they were written; what the server would not have does not count. */
export async function eventsOf(runId: string): Promise<BenchEvent[]> {
  const run = await benchStore.runs.get(runId);
  const events = await benchStore.events
    .where('[runId+at]')
    .between([runId, Dexie.minKey], [runId, Dexie.maxKey])
    .toArray();
  // a run that is on this device only keeps all of its own
  const counted = run?.sent === 2 ? events : events.filter((e) => e.sent !== 2);
  return counted.sort((a, b) => a.at.localeCompare(b.at) || (a.sequence ?? 0) - (b.sequence ?? 0));
}

/** The run that is still going on, if any: the latest one not finished. */
export async function openRun(): Promise<BenchRun | null> {
  const runs = await benchStore.runs.orderBy('startedAt').reverse().toArray();
  return runs.find((r) => r.finishedAt === null) ?? null;
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
  await benchStore.transaction('rw', benchStore.events, benchStore.runs, async () => {
    const last = await benchStore.events.orderBy('sequence').last();
    event.sequence = (last?.sequence ?? 0) + 1;
    const seen = await benchStore.events
      .where('[runId+lamport]')
      .between([run.id, Dexie.minKey], [run.id, Dexie.maxKey])
      .last();
    event.lamport = (seen?.lamport ?? 0) + 1;
    await benchStore.events.add(event);
    if (type === 'finish') await benchStore.runs.update(run.id, { finishedAt: new Date(houseNow()).toISOString() });
  });
  return event;
}
