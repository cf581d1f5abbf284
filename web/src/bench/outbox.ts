import type { Refusal } from '@crustallum/core/quantities/refusal';
import { benchStore, keptRun, noteRun, noteSent, unwritten, unwrittenRuns } from './benchStore';
import type { BenchEvent } from './run';

/** Events sent at once: well under what the server takes. */
const lot = 200;

type Posted = { answer: unknown } | 'unreachable' | { refused: string };
/** What the server says of a lot: the number of each that it has, and which it would not have. */
interface Taken {
  numbers?: Record<string, number>;
  refused?: ({ id: string } & Refusal)[];
}

async function post(path: string, body: unknown): Promise<Posted> {
  let answer: Response;
  try {
    answer = await fetch(`/api/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  } catch {
    return 'unreachable';
  }
  if (answer.ok) return { answer: await answer.json().catch(() => ({})) };
  // a busy or failing server is asked again, and one that wants to know who asks; what it refuses it will refuse again
  if (answer.status >= 500 || [401, 408, 429].includes(answer.status)) return 'unreachable';
  const said = (await answer.json().catch(() => ({}))) as { errors?: Refusal[] };
  const first = said.errors?.[0];
  return { refused: first ? because(first) : `status ${answer.status}` };
}

const asSent = ({ runId: _, sent: __, number: ___, refused: ____, ...event }: BenchEvent) => event;
const because = ({ field, code }: Refusal): string => `${field}: ${code}`;
const mark = (events: readonly BenchEvent[], changes: Pick<BenchEvent, 'sent' | 'refused'>) =>
  noteSent(events.map((e) => ({ key: e.id, changes })));

let sending: Promise<boolean> | null = null;
let asked = false;

/**
 * Sends what the server has not had, in lots; ids are idempotency keys, so sending twice does no harm. What the server
 * refuses is set aside with its reason and does not hold up what stands behind it. Asked again while it sends, it looks once
 * more when it is through: what came meanwhile does not wait for the next press. True when nothing waits any more.
 */
export function sendWaiting(): Promise<boolean> {
  asked = true;
  sending ??= sendWhileAsked().finally(() => {
    sending = null;
  });
  return sending;
}

async function sendWhileAsked(): Promise<boolean> {
  let through = true;
  while (asked) {
    asked = false;
    through = await sendAll();
  }
  return through;
}

async function sendAll(): Promise<boolean> {
  const runs = [
    ...(await benchStore.runs.where('sent').equals(0).toArray()),
    ...unwrittenRuns().filter((r) => r.sent === 0),
  ];
  for (const { id, bakeId, startedAt, plan } of runs) {
    const posted = await post('runs', { id, bakeId, startedAt, plan });
    if (posted === 'unreachable') return false;
    await noteRun(id, 'refused' in posted ? { sent: 2, refused: posted.refused } : { sent: 1 });
  }
  const waiting = [
    ...(await benchStore.events.where('sent').equals(0).sortBy('sequence')),
    ...unwritten().filter((e) => e.sent === 0),
  ];
  for (const runId of new Set(waiting.map((e) => e.runId))) {
    const own = waiting.filter((e) => e.runId === runId);
    const run = await keptRun(runId);
    if (run?.sent === 2) {
      await mark(own, { sent: 2, refused: run.refused });
      continue;
    }
    // begun while the others were sent: the server has to have the run before what happened in it
    if (run?.sent === 0) return sendAll();
    for (let from = 0; from < own.length; from += lot)
      if (!(await sendLot(runId, own.slice(from, from + lot)))) return false;
  }
  return true;
}

/** What is on the server with its number; what it would not have by name is set aside, and holds up nothing. */
async function markAnswered(events: readonly BenchEvent[], { numbers = {}, refused = [] }: Taken): Promise<void> {
  await noteSent(
    events.map(({ id }) => {
      const no = refused.find((r) => r.id === id);
      const number = numbers[id];
      return {
        key: id,
        changes: no ? { sent: 2, refused: because(no) } : { sent: 1, ...(number === undefined ? {} : { number }) },
      };
    }),
  );
}

/** One lot; where it is refused, each half of it by itself, until only what is refused is left. */
async function sendLot(runId: string, events: readonly BenchEvent[]): Promise<boolean> {
  const posted = await post(`runs/${runId}/events`, { events: events.map(asSent) });
  if (posted === 'unreachable') return false;
  if ('answer' in posted) await markAnswered(events, posted.answer as Taken);
  else if (events.length === 1) await mark(events, { sent: 2, refused: posted.refused });
  else {
    const middle = Math.ceil(events.length / 2);
    return (await sendLot(runId, events.slice(0, middle))) && sendLot(runId, events.slice(middle));
  }
  return true;
}

/** How many notes of the bench were set aside, and the reason of the latest; null where there are none. */
export async function setAside(): Promise<{ count: number; because: string } | null> {
  const events = [
    ...(await benchStore.events.where('sent').equals(2).toArray()),
    ...unwritten().filter((e) => e.sent === 2),
  ];
  const runs = await benchStore.runs.where('sent').equals(2).toArray();
  const because = [...events, ...runs].at(-1)?.refused;
  return because === undefined ? null : { count: events.length + runs.length, because };
}
