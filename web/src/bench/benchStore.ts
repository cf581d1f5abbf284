import Dexie, { type EntityTable } from 'dexie';
import type { BenchEvent, BenchEventType, BenchRun } from './run';

/** The device's own store: a run and its events are written here first, and sent to the server when it answers. */
class BenchStore extends Dexie {
  runs!: EntityTable<BenchRun & { sent: 0 | 1 }, 'id'>;
  events!: EntityTable<BenchEvent, 'id'>;

  constructor() {
    super('crustallum-bench');
    this.version(1).stores({ runs: 'id, finishedAt, sent, startedAt', events: 'id, [runId+at], sent' });
  }
}

export const benchStore = new BenchStore();

export const startRun = async (run: BenchRun): Promise<void> => {
  await benchStore.runs.put({ ...run, sent: 0 });
};

export const eventsOf = (runId: string): Promise<BenchEvent[]> =>
  benchStore.events.where('[runId+at]').between([runId, Dexie.minKey], [runId, Dexie.maxKey]).toArray();

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

export async function addEvent(
  run: BenchRun,
  type: BenchEventType,
  data: Record<string, unknown> = {},
): Promise<BenchEvent> {
  const event: BenchEvent = {
    id: crypto.randomUUID(),
    runId: run.id,
    type,
    at: new Date().toISOString(),
    data,
    sent: 0,
  };
  await benchStore.transaction('rw', benchStore.events, benchStore.runs, async () => {
    await benchStore.events.add(event);
    if (type === 'finish') await benchStore.runs.update(run.id, { finishedAt: event.at });
  });
  return event;
}

const post = async (path: string, body: unknown): Promise<boolean> => {
  try {
    const answer = await fetch(`/api/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    return answer.ok;
  } catch {
    return false;
  }
};

/** Sends what the server has not had; ids are idempotency keys, so sending twice does no harm. True when nothing is left. */
export async function sendWaiting(): Promise<boolean> {
  const runs = await benchStore.runs.where('sent').equals(0).toArray();
  for (const { id, bakeId, startedAt, plan } of runs) {
    if (!(await post('runs', { id, bakeId, startedAt, plan }))) return false;
    await benchStore.runs.update(id, { sent: 1 });
  }
  const waiting = await benchStore.events.where('sent').equals(0).sortBy('at');
  for (const runId of new Set(waiting.map((e) => e.runId))) {
    const events = waiting.filter((e) => e.runId === runId);
    if (
      !(await post(`runs/${runId}/events`, {
        events: events.map(({ id, type, at, data }) => ({ id, type, at, data })),
      }))
    )
      return false;
    await benchStore.events.bulkUpdate(events.map((e) => ({ key: e.id, changes: { sent: 1 as const } })));
  }
  return true;
}
