import { offered } from '@crustallum/core/bench/offer';
import { isWait } from '@crustallum/core/bench/plan';
import type { RunNow } from '@crustallum/core/bench/reduce';
import { liveQuery } from 'dexie';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { addEvent, benchStore, eventsOf, joinRun, openRun, startRun, unwritten } from './benchStore';
import { follow, runOfHouse, type Heard } from './follow';
import { houseNow } from './houseClock';
import { sendWaiting, setAside } from './outbox';
import { nowOf, type BenchEvent, type BenchRun, type Say } from './run';
import { device, keepScreen, screenOf } from './screen';

const sendEveryMs = 10_000;
/** A screen at which nothing is begun asks so often whether another has begun. */
const askEveryMs = 4_000;

interface BenchInHand {
  ready: boolean;
  run: BenchRun | null;
  events: readonly BenchEvent[];
  now: RunNow | null;
  /** Whose screen this is; null where all stand at one. */
  cook: string | null;
  heard: Heard;
  /** What the server would not have: how much, and why. */
  refused: { count: number; because: string } | null;
  /** Something pressed here is on this page only, until the server has it. */
  onPageOnly: boolean;
  start: (run: BenchRun, cook: string | null) => Promise<void>;
  say: Say;
  /** Ends a step, or puts it where it waits, and begins with the same press what is ready after it. */
  goOn: (type: 'done' | 'begin', step: string) => Promise<void>;
  beMine: (cook: string | null) => void;
}

/** True while something pressed here is on this page only: the device did not write it down, and the server has not had it yet. */
function useOnPageOnly(events: readonly BenchEvent[]): boolean {
  const [only, setOnly] = useState(false);
  useEffect(() => {
    const look = () => setOnly(unwritten().some((e) => e.sent === 0));
    look();
    const timer = setInterval(look, 1000);
    return () => clearInterval(timer);
  }, [events]);
  return only;
}

const merged = (known: readonly BenchEvent[], event: BenchEvent): readonly BenchEvent[] =>
  known.some((e) => e.id === event.id) ? known : [...known, event];

/** What the server would not have of this device's notes, while everything else is sent. */
function useSending(): BenchInHand['refused'] {
  const [refused, setRefused] = useState<BenchInHand['refused']>(null);
  useEffect(() => {
    const send = () => void sendWaiting().then(setAside).then(setRefused);
    send();
    const timer = setInterval(send, sendEveryMs);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, []);
  return refused;
}

/** Finds what goes on: here, or else in the house; asks again while nothing does. `found` is told of it; true once it was looked for. */
function useLookedFor(found: (run: BenchRun) => Promise<void>): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let current = true;
    const look = async (): Promise<boolean> => {
      const here = await openRun();
      if (here && current) {
        await found(here);
        setReady(true);
      }
      const there = await runOfHouse();
      if (!there || !current || there.id === here?.id || (here && here.startedAt >= there.startedAt)) return !!here;
      // what was finished here and is not told yet goes on nowhere
      if ((await benchStore.runs.get(there.id))?.finishedAt) return !!here;
      await joinRun(there);
      await found({ ...there, finishedAt: null });
      return true;
    };
    let again: ReturnType<typeof setTimeout> | undefined;
    const ask = () =>
      void look().then((any) => {
        if (!current) return;
        setReady(true);
        if (!any) again = setTimeout(ask, askEveryMs);
      });
    ask();
    return () => {
      current = false;
      clearTimeout(again);
    };
  }, [found]);
  return ready;
}

/** Follows a run: what any screen of this device writes, and what comes from the house. */
function useFollowed(runId: string | undefined, seen: (events: readonly BenchEvent[]) => void): Heard {
  const [heard, setHeard] = useState<Heard>('hears');
  useEffect(() => {
    if (!runId) return;
    const written = liveQuery(() => eventsOf(runId)).subscribe({ next: seen });
    let stop: (() => void) | undefined;
    let current = true;
    // what is begun here is first told, then followed
    void sendWaiting()
      .then(() => eventsOf(runId))
      .then((known) => {
        if (current) stop = follow(runId, Math.max(0, ...known.map((e) => e.number ?? 0)), setHeard);
      });
    return () => {
      current = false;
      written.unsubscribe();
      stop?.();
    };
  }, [runId, seen]);
  return heard;
}

/** The run of this house on this device: its events, the state they make, and how to add one. */
export function useBench(): BenchInHand {
  const [run, setRun] = useState<BenchRun | null>(null);
  const [events, setEvents] = useState<readonly BenchEvent[]>([]);
  const [cook, setCook] = useState<string | null>(null);
  const found = useCallback(async (there: BenchRun) => {
    setEvents(await eventsOf(there.id));
    setCook(screenOf(there.plan.kitchen.cooks));
    setRun(there);
  }, []);
  const ready = useLookedFor(found);
  const refused = useSending();
  const heard = useFollowed(run?.id, setEvents);

  const write = useCallback(async (to: BenchRun, by: string | null, ...[type, data]: Parameters<Say>) => {
    const event = await addEvent(to, type, data, by ?? '');
    setEvents((known) => merged(known, event));
    void sendWaiting();
    return event;
  }, []);
  /** What is ready after this is begun with the same press. */
  const beginNext = useCallback(
    async (of: BenchRun, by: string | null, known: readonly BenchEvent[], along: { with?: string }) => {
      const next = offered(nowOf(of, known), { cook: by, device: device() }, houseNow());
      if (next?.standing === 'ready' && next.now.step.kind !== 'tend' && !isWait(next.now.step))
        await write(of, by, 'begin', { step: next.now.key, ...along });
    },
    [write],
  );
  const start = useCallback<BenchInHand['start']>(
    async (made, by) => {
      await startRun(made);
      keepScreen(by);
      setCook(by);
      setEvents([]);
      await beginNext(made, by, [], {});
      setRun(made);
      void sendWaiting();
    },
    [beginNext],
  );
  const say = useCallback<Say>(
    async (type, data = {}) => {
      return run ? (await write(run, cook, type, data)).id : undefined;
    },
    [run, cook, write],
  );
  const goOn = useCallback<BenchInHand['goOn']>(
    async (type, step) => {
      if (!run) return;
      const event = await write(run, cook, type, { step });
      await beginNext(run, cook, merged(events, event), { with: event.id });
    },
    [run, events, cook, write, beginNext],
  );
  const beMine = useCallback((by: string | null) => {
    keepScreen(by);
    setCook(by);
  }, []);
  const now = useMemo(() => (run ? nowOf(run, events) : null), [run, events]);
  const onPageOnly = useOnPageOnly(events);
  return { ready, run, events, now, cook, heard, refused, onPageOnly, start, say, goOn, beMine };
}
