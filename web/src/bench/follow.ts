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

/**
 * Follows a run: everything that happens on other screens comes in as it happens; away and back, what was missed comes first. The
 * browser asks again by itself where the line is lost.
 */
export function follow(runId: string, after: number, heard: (how: Heard) => void): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  const stream = new EventSource(`/api/runs/${runId}/stream?after=${after}`);
  stream.addEventListener('happened', (e) => {
    void takeIn(runId, [JSON.parse((e as MessageEvent<string>).data) as BenchEvent]);
  });
  stream.addEventListener('clock', (e) =>
    houseSays((JSON.parse((e as MessageEvent<string>).data) as { now: number }).now),
  );
  stream.onopen = () => heard('hears');
  stream.onerror = () => heard('away');
  return () => stream.close();
}
