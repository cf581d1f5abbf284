import type { RunEventType } from '@crustallum/core/contracts/run';
import Dexie, { type EntityTable } from 'dexie';
import type { BenchEvent, BenchRun } from './run';

/** The device's own store: a run and its events are written here first, and sent to the server when it answers. */
class BenchStore extends Dexie {
  runs!: EntityTable<BenchRun & Pick<BenchEvent, 'sent' | 'refused'>, 'id'>;
  events!: EntityTable<BenchEvent, 'id'>;

  constructor() {
    super('crustallum-bench');
    this.version(1).stores({ runs: 'id, finishedAt, sent, startedAt', events: 'id, [runId+at], sent' });
    this.version(2).stores({ events: 'id, [runId+at], sent, sequence' });
  }
}

export const benchStore = new BenchStore();

export const startRun = async (run: BenchRun): Promise<void> => {
  await benchStore.runs.put({ ...run, sent: 0 });
};

/** Events of a run in the order they were written. */
export async function eventsOf(runId: string): Promise<BenchEvent[]> {
  const events = await benchStore.events
    .where('[runId+at]')
    .between([runId, Dexie.minKey], [runId, Dexie.maxKey])
    .toArray();
  return events.sort((a, b) => a.at.localeCompare(b.at) || (a.sequence ?? 0) - (b.sequence ?? 0));
}

const devicePlace = 'crustallum.device';
/** This device among those of the household. */
function device(): string {
  const known = localStorage.getItem(devicePlace) ?? crypto.randomUUID();
  localStorage.setItem(devicePlace, known);
  return known;
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

export async function addEvent(
  run: BenchRun,
  type: RunEventType,
  data: Record<string, unknown> = {},
): Promise<BenchEvent> {
  const event: BenchEvent = {
    id: crypto.randomUUID(),
    runId: run.id,
    type,
    at: new Date().toISOString(),
    data,
    device: device(),
    sequence: 1,
    sent: 0,
  };
  await benchStore.transaction('rw', benchStore.events, benchStore.runs, async () => {
    const last = await benchStore.events.orderBy('sequence').last();
    event.sequence = (last?.sequence ?? 0) + 1;
    await benchStore.events.add(event);
    if (type === 'finish') await benchStore.runs.update(run.id, { finishedAt: event.at });
  });
  return event;
}
