/** What the caller said of the time: whether a search should give the best it has. None: only its counted work ends it. */
let isOver: (() => boolean) | null = null;

/**
 * Runs something whose searches may be cut short when `over` says so: an answer that was is marked partial. Time is the
 * caller's; nothing here looks at a clock, so that equal input gives equal output wherever nobody cuts it short.
 */
export function untilOver<T>(over: () => boolean, run: () => T): T {
  const before = isOver;
  isOver = over;
  try {
    return run();
  } finally {
    isOver = before;
  }
}

/** Asks for one search whether it is to end. */
export class Watch {
  /** Whether the search was cut short: its answer is then the best so far. */
  fired = false;

  over(): boolean {
    if (!this.fired && isOver?.()) this.fired = true;
    return this.fired;
  }
}
