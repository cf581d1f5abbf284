import type { RunEventType } from '@crustallum/core/contracts/run';
import { useCallback, useEffect, useState } from 'react';
import { addEvent, eventsOf, openRun, startRun } from './benchStore';
import { sendWaiting, setAside } from './outbox';
import { benchState, type BenchEvent, type BenchRun, type BenchState } from './run';

const sendEveryMs = 10_000;

interface BenchInHand {
  ready: boolean;
  run: BenchRun | null;
  events: readonly BenchEvent[];
  state: BenchState | null;
  /** What the server would not have: how much, and why. */
  refused: { count: number; because: string } | null;
  start: (run: BenchRun) => Promise<void>;
  say: (type: RunEventType, data?: Record<string, unknown>) => Promise<void>;
}

/** The run on this device: its events, the state they make, and how to add one. */
export function useBench(): BenchInHand {
  const [ready, setReady] = useState(false);
  const [run, setRun] = useState<BenchRun | null>(null);
  const [events, setEvents] = useState<readonly BenchEvent[]>([]);
  const [refused, setRefused] = useState<BenchInHand['refused']>(null);
  useEffect(() => {
    void openRun().then(async (open) => {
      setRun(open);
      if (open) setEvents(await eventsOf(open.id));
      setReady(true);
    });
    const send = () => void sendWaiting().then(setAside).then(setRefused);
    send();
    const timer = setInterval(send, sendEveryMs);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, []);
  const start = useCallback(async (made: BenchRun) => {
    await startRun(made);
    setRun(made);
    setEvents([]);
    void sendWaiting();
  }, []);
  const say = useCallback(
    async (type: RunEventType, data: Record<string, unknown> = {}) => {
      if (!run) return;
      const event = await addEvent(run, type, data);
      setEvents((now) => [...now, event]);
      void sendWaiting();
    },
    [run],
  );
  return { ready, run, events, state: run ? benchState(run, events) : null, refused, start, say };
}
