const remembered = new Map<string, unknown>();

/** Remembers the results of pure runs by their inputs, so that a change re-runs only what it touches. */
export function remember<T>(key: unknown, run: () => T): T {
  const text = JSON.stringify(key);
  const known = remembered.get(text);
  if (known !== undefined) return known as T;
  const made = run();
  if (remembered.size > 600) remembered.clear();
  remembered.set(text, made);
  return made;
}

/** Forgets all remembered runs: for timing a plan from nothing. */
export const forget = (): void => remembered.clear();
