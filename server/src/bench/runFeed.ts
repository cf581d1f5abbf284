import { Injectable, type BeforeApplicationShutdown, type MessageEvent } from '@nestjs/common';
import { Observable, Subject, filter } from 'rxjs';
import type { RunEvent } from './run.entity';

const clockEveryMs = 15_000;

/** What happens in runs, told to every screen that follows one, in the order of their numbers. */
@Injectable()
export class RunFeed implements BeforeApplicationShutdown {
  private readonly happened = new Subject<{ runId: string; events: readonly RunEvent[] }>();

  /** A server that closes lets its screens go: they ask again by themselves. */
  beforeApplicationShutdown(): void {
    this.happened.complete();
  }

  tell(runId: string, events: readonly RunEvent[]): void {
    if (events.length) this.happened.next({ runId, events });
  }

  /**
   * The stream of a run: the clock of the house, what came before (`earlier`), then everything as it comes; nothing twice, nothing
   * left out between the two.
   */
  of(runId: string, earlier: () => Promise<readonly RunEvent[]>): Observable<MessageEvent> {
    return new Observable<MessageEvent>((screen) => {
      const waiting: RunEvent[] = [];
      let last: number | null = null;
      const send = (events: readonly RunEvent[]) => {
        for (const e of events)
          if (last === null || e.number > last) {
            screen.next({ type: 'happened', id: String(e.number), data: e });
            last = e.number;
          }
      };
      const clock = () => screen.next({ type: 'clock', data: { now: Date.now() } });
      clock();
      const live = this.happened.pipe(filter((h) => h.runId === runId)).subscribe({
        next: ({ events }) => {
          if (last === null) waiting.push(...events);
          else send(events);
        },
        complete: () => screen.complete(),
      });
      earlier().then(
        (known) => {
          send(known);
          last ??= 0;
          send(waiting);
        },
        (error: unknown) => screen.error(error),
      );
      const ticking = setInterval(clock, clockEveryMs);
      ticking.unref();
      return () => {
        live.unsubscribe();
        clearInterval(ticking);
      };
    });
  }
}
