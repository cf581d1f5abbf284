/** How long a search may take before it gives the best it has, marked so. Its work is counted, so only a slow machine meets it. */
export const searchLimit = { ms: 1000 };

/** Looks at the clock for one search. */
export class Watch {
  private readonly end = performance.now() + searchLimit.ms;
  /** Whether the search was ended by the clock: its answer is then the best so far. */
  fired = false;

  over(): boolean {
    if (!this.fired && performance.now() > this.end) this.fired = true;
    return this.fired;
  }
}
