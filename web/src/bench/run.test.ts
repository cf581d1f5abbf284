import { behindMin } from './behind';
import { plainKitchen } from '@crustallum/core/plan/starters';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import type { BenchRun } from './run';
import { stateAt, upTo } from '../testing/runs';
import Dexie from 'dexie';
import { addEvent, benchStore, eventsOf, openRun, startRun, unwritten } from './benchStore';
import { sendWaiting, setAside } from './outbox';

const step = (code: string, kind: TimedStep['kind'], minutes: number): TimedStep => ({
  id: code,
  code: code as TimedStep['code'],
  strand: 'pastry',
  kind,
  minutes,
  elasticMin: 0,
  pieces: 0,
  values: {},
  itemIndex: 0,
  cook: kind === 'bench' ? 'Ines' : null,
  startMin: -100,
});
const run: BenchRun = {
  id: 'b0a3a9d2-0000-4000-8000-000000000001',
  bakeId: 'b0a3a9d2-0000-4000-8000-000000000002',
  startedAt: '2026-12-12T09:00:00.000Z',
  finishedAt: null,
  plan: {
    title: 'Supper',
    serveAt: '2026-12-12T18:30',
    items: [],
    kitchen: plainKitchen,
    steps: [
      step('weigh', 'bench', 10),
      step('mix', 'bench', 10),
      step('rest', 'cold', 40),
      step('turns', 'bench', 12),
      step('bake', 'oven', 26),
    ],
  },
};
describe('the plan against the clock', () => {
  const table = new Date(2026, 11, 12, 18, 30).getTime();
  const placed = {
    ...run,
    plan: {
      ...run.plan,
      items: [{} as never],
      steps: run.plan.steps.map((s, i) => ({ ...s, startMin: -120 + 20 * i })),
    },
  };
  const begun = { ...placed, startedAt: new Date(table - 120 * 60_000).toISOString() };
  const at = (atMin: number, from: BenchRun) =>
    stateAt(from, upTo(from, 0), (table + atMin * 60_000 - Date.parse(from.startedAt)) / 60_000);
  const minutesBehind = (atMin: number, from = begun) => behindMin(at(atMin, from), table + atMin * 60_000);
  it('is kept while a step lasts no longer than planned', () => {
    expect(minutesBehind(-118)).toBeNull();
    expect(minutesBehind(-111)).toBeNull();
  });
  it('is behind by what a step lasts beyond', () => {
    expect(minutesBehind(-85)).toBeCloseTo(25, 6);
  });
  it('is behind from the first where it was begun late, and ahead where early', () => {
    const late = { ...placed, startedAt: new Date(table - 80 * 60_000).toISOString() };
    expect(minutesBehind(-79, late)).toBeCloseTo(40, 6);
    const early = { ...placed, startedAt: new Date(table - 200 * 60_000).toISOString() };
    expect(minutesBehind(-199, early)).toBeCloseTo(-80, 6);
  });
});

describe('the device’s store', () => {
  const answers: { url: string; body: unknown }[] = [];
  let online = true;
  /** What happens on this device while a request is on its way. */
  let meanwhile: (() => Promise<void>) | null = null;
  beforeEach(async () => {
    meanwhile = null;
    const known = new Set<string>();
    await Promise.all([benchStore.runs.clear(), benchStore.events.clear()]);
    answers.length = 0;
    online = true;
    globalThis.fetch = (async (url: string, init: { body: string }) => {
      if (!online) throw new TypeError('no network');
      const body = JSON.parse(init.body) as { id: string; events?: { id: string; type: string }[]; bakeId?: string };
      answers.push({ url, body });
      if (!body.events) known.add(body.id);
      await meanwhile?.();
      const refused =
        (body.events && !known.has(url.split('/')[3] ?? '') && 'id: not_found') ||
        (body.bakeId === 'removed' && 'id: not_found') ||
        (body.events && body.events.length > 500 && 'events: too_many') ||
        (body.events?.some((e) => e.type === 'timerStop') && 'events.0.type: unknown');
      const [field, code] = (refused || '').split(': ');
      return refused
        ? { ok: false, status: 400, json: () => Promise.resolve({ errors: [{ field, code }] }) }
        : { ok: true, status: 200, json: () => Promise.resolve({}) };
    }) as never;
  });

  it('holds a run and its events in order, and finds the open one again', async () => {
    await startRun(run);
    await addEvent(run, 'next');
    await new Promise((resolve) => setTimeout(resolve, 3));
    await addEvent(run, 'piece', { by: 1 });
    expect((await eventsOf(run.id)).map((e) => e.type)).toEqual(['next', 'piece']);
    expect((await openRun())?.id).toBe(run.id);
  });
  it('closes a run when it is finished', async () => {
    await startRun(run);
    await addEvent(run, 'finish');
    expect(await openRun()).toBeNull();
  });
  it('keeps everything while there is no network and sends it once when there is', async () => {
    online = false;
    await startRun(run);
    await addEvent(run, 'next');
    expect(await sendWaiting()).toBe(false);
    online = true;
    expect(await sendWaiting()).toBe(true);
    expect(answers.map((a) => a.url)).toEqual(['/api/runs', `/api/runs/${run.id}/events`]);
    expect(await sendWaiting()).toBe(true);
    expect(answers).toHaveLength(2);
  });
  it('sends more than the server takes at once in lots, in the order they were written', async () => {
    await startRun(run);
    const many = Array.from({ length: 1203 }, (_, i) => ({
      id: `e${String(i).padStart(4, '0')}`,
      runId: run.id,
      type: 'piece' as const,
      at: '2026-12-12T09:00:00.000Z',
      data: {},
      device: 'd',
      sequence: i + 1,
      sent: 0 as const,
    }));
    await benchStore.events.bulkAdd(many);
    expect(await sendWaiting()).toBe(true);
    const sent = answers.slice(1).flatMap((a) => (a.body as { events: { sequence: number }[] }).events);
    expect(sent.map((e) => e.sequence)).toEqual(many.map((e) => e.sequence));
    expect(Math.max(...answers.slice(1).map((a) => (a.body as { events: unknown[] }).events.length))).toBeLessThan(500);
    expect(await benchStore.events.where('sent').equals(0).count()).toBe(0);
  });
  it('sets aside the run of a bake that was removed, with its reason, and sends what stands behind it', async () => {
    await startRun({ ...run, id: 'gone', bakeId: 'removed' });
    await addEvent({ ...run, id: 'gone' }, 'next');
    await startRun(run);
    await addEvent(run, 'next');
    expect(await sendWaiting()).toBe(true);
    expect(answers.map((a) => a.url)).toEqual(['/api/runs', '/api/runs', `/api/runs/${run.id}/events`]);
    expect(await setAside()).toEqual({ count: 2, because: 'id: not_found' });
    expect(await sendWaiting()).toBe(true);
    expect(answers).toHaveLength(3);
  });
  it('sets aside the one event the server will not have, and sends the rest of its lot', async () => {
    await startRun(run);
    for (const type of ['next', 'piece', 'timerStop', 'next', 'piece'] as const) await addEvent(run, type);
    expect(await sendWaiting()).toBe(true);
    const events = await benchStore.events.orderBy('sequence').toArray();
    expect((await eventsOf(run.id)).map((e) => e.type)).not.toContain('timerStop');
    expect(events.map((e) => [e.type, e.sent])).toEqual([
      ['next', 1],
      ['piece', 1],
      ['timerStop', 2],
      ['next', 1],
      ['piece', 1],
    ]);
    expect(events.map((e) => e.sequence)).toEqual([1, 2, 3, 4, 5]);
    expect(new Set(events.map((e) => e.device)).size).toBe(1);
  });
  it('a run that is begun while another is sent goes before what happened in it, and waits for no next press', async () => {
    const other = { ...run, id: 'b0a3a9d2-0000-4000-8000-000000000003' };
    await startRun(run);
    await addEvent(run, 'next');
    // while the first lot is on its way
    meanwhile = async () => {
      meanwhile = null;
      await startRun(other);
      await addEvent(other, 'next');
      void sendWaiting();
    };
    expect(await sendWaiting()).toBe(true);
    expect(answers.map((a) => a.url)).toEqual([
      '/api/runs',
      `/api/runs/${run.id}/events`,
      '/api/runs',
      `/api/runs/${other.id}/events`,
    ]);
    expect(await setAside()).toBeNull();
    expect(await benchStore.events.where('sent').equals(0).count()).toBe(0);
  });
  it('that takes nothing more loses nothing: run and presses stay on the page, in order, and go to the house', async () => {
    const full = new DOMException('no room', 'QuotaExceededError');
    const stops = [
      jest.spyOn(benchStore.runs, 'put').mockImplementation(() => Dexie.Promise.reject(full)),
      jest.spyOn(benchStore.events, 'add').mockImplementation(() => Dexie.Promise.reject(full)),
    ];
    const other = { ...run, id: 'b0a3a9d2-0000-4000-8000-000000000009' };
    await startRun(other);
    expect((await openRun())?.id).toBe(other.id);
    for (const type of ['next', 'piece', 'next'] as const) await addEvent(other, type);
    for (const s of stops) s.mockRestore();
    const kept = await eventsOf(other.id);
    expect(kept.map((e) => e.type)).toEqual(['next', 'piece', 'next']);
    const counts = kept.map((e) => e.lamport ?? 0);
    expect(counts).toEqual([...new Set(counts)].sort((a, b) => a - b));
    online = false;
    expect(await sendWaiting()).toBe(false);
    expect(unwritten().filter((e) => e.sent === 0)).toHaveLength(3);
    online = true;
    expect(await sendWaiting()).toBe(true);
    expect(answers.flatMap((a) => (a.body as { events?: { id: string }[] }).events ?? []).map((e) => e.id)).toEqual(
      kept.map((e) => e.id),
    );
    expect(unwritten().filter((e) => e.sent === 0)).toHaveLength(0);
    // and what is written down again comes after it
    const later = await addEvent(other, 'next');
    expect(later.lamport).toBeGreaterThan(counts.at(-1) ?? 0);
    jest.spyOn(benchStore.events, 'add').mockImplementationOnce(() => Dexie.Promise.reject(full));
    await addEvent(other, 'finish');
    expect(await openRun()).toBeNull();
  });
  it('sends each event with its id as the key', async () => {
    await startRun(run);
    const e = await addEvent(run, 'next');
    await sendWaiting();
    expect(answers[1]?.body).toMatchObject({ events: [{ id: e.id, type: 'next' }] });
  });
});
