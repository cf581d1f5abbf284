import { takeIn } from './benchStore';
import { houseSays } from './houseClock';
import type { BenchEvent, BenchRun } from './run';

/** The run that goes on in this house, begun on whatever device; null where none does, undefined where nobody answers. */
export async function runOfHouse(): Promise<(BenchRun & { events: BenchEvent[] }) | null | undefined> {
  try {
    const answer = await fetch('/api/runs/current', { signal: AbortSignal.timeout(2000) });
    if (!answer.ok) return undefined;
    return ((await answer.json()) as { run: (BenchRun & { events: BenchEvent[] }) | null }).run;
  } catch {
    return undefined;
  }
}

/** How a screen stands with the house. */
export type Heard = 'hears' | 'away';

/** A line that was refused (a run not told yet, a server that starts) is asked for again after so long. */
const againMs = 4_000;

/**
 * Follows a run: everything that happens on other screens comes in as it happens; away and back, what was missed comes first. Where
 * the line is lost the browser asks again by itself, by the last number it had; where it was refused, we do.
 */
export function follow(runId: string, after: number, heard: (how: Heard) => void): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  let last = after;
  let stream: EventSource;
  let again: ReturnType<typeof setTimeout> | undefined;
  const listen = () => {
    stream = new EventSource(`/api/runs/${runId}/stream?after=${last}`);
    stream.addEventListener('happened', (e) => {
      const event = JSON.parse((e as MessageEvent<string>).data) as BenchEvent;
      last = Math.max(last, event.number ?? 0);
      void takeIn(runId, [event]);
    });
    stream.addEventListener('clock', (e) =>
      houseSays((JSON.parse((e as MessageEvent<string>).data) as { now: number }).now),
    );
    stream.onopen = () => heard('hears');
    stream.onerror = () => {
      heard('away');
      if (stream.readyState === EventSource.CLOSED) again = setTimeout(listen, againMs);
    };
  };
  listen();
  return () => {
    clearTimeout(again);
    stream.close();
  };
}
