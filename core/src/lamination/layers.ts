import { RefusedInput, rowOf } from '../quantities/refusal';

export type Stuff = 'D' | 'F';

/** Stacks of a lock-in, bottom to top: D dough, F fat. */
export const locks = {
  envelope: ['D', 'F', 'D'],
  half: ['D', 'F', 'D'],
  twoThirds: ['D', 'F', 'D', 'F', 'D'],
  inverse: ['F', 'D', 'F'],
  open: ['D', 'F'],
} as const satisfies Record<string, readonly Stuff[]>;
export type LockName = keyof typeof locks;
export type Lock = LockName | readonly Stuff[];

/** Panel orientations bottom to top: U upright, X flipped. */
const foldPatterns = { single: 'UX', letter: 'UXX', zigzag: 'UXU', book: 'UXUX' } as const;
export type FoldName = keyof typeof foldPatterns;
export type Fold = FoldName | number;

export const lockStack = (lock: Lock): readonly Stuff[] => {
  if (typeof lock === 'string') return rowOf<readonly Stuff[]>(locks, lock, 'lock');
  const bad = lock.length === 0 || lock.some((s, i) => (s !== 'D' && s !== 'F') || s === lock[i - 1]);
  if (bad) throw new RefusedInput({ field: 'lock', code: 'invalid', value: lock, allowed: 'D and F in turn' });
  return lock;
};

/** Orientation of each panel of a fold. 2 folds single, 3 a letter, 4 a book; any other whole number 2..12 alternates. */
export function panels(fold: Fold): string {
  if (typeof fold === 'string') return rowOf<string>(foldPatterns, fold, 'folds');
  if (!Number.isInteger(fold) || fold < 2 || fold > 12)
    throw new RefusedInput({ field: 'folds', code: 'out_of_range', value: fold, allowed: { min: 2, max: 12 } });
  if (fold === 3) return foldPatterns.letter;
  return Array.from({ length: fold }, (_, i) => (i % 2 ? 'X' : 'U')).join('');
}

export const panelCount = (fold: Fold): number => panels(fold).length;

export interface LayerCount {
  fat: number;
  dough: number;
  /** Fat layers plus dough layers, dough touching dough counted once. */
  distinct: number;
  /** Lock layers × panels: what people say aloud; merged contacts counted as two. */
  nominal: number;
}

export interface Layers extends LayerCount {
  fatOutside: boolean;
  steps: LayerCount[];
}

/** What a sheet begins as: its lock, or bare dough where the fat is spread on it turn by turn. */
export const startStack = (lock: Lock, portions: number): readonly Stuff[] => {
  if (!Number.isInteger(portions) || portions < 0 || portions > 12)
    throw new RefusedInput({ field: 'portions', code: 'out_of_range', value: portions, allowed: { min: 0, max: 12 } });
  return portions > 0 ? ['D'] : lockStack(lock);
};

/**
 * Counts layers through a lock and any folds, merging faces of one kind that meet. With `portions` the lock is bare dough, and
 * in each of the first so many turns fat is spread on all panels but the last before it is folded: a film between any two.
 * Refuses nominal counts above 1e12.
 */
export function layers(lock: Lock, folds: readonly Fold[], portions = 0): Layers {
  const stack = startStack(lock, portions);
  let fat = stack.filter((s) => s === 'F').length;
  let dough = stack.length - fat;
  let bottom = stack[0];
  let top = stack[stack.length - 1];
  let nominal = stack.length;
  const count = (): LayerCount => ({ fat, dough, distinct: fat + dough, nominal });
  const steps = folds.map((fold, turn) => {
    const pattern = panels(fold);
    const n = pattern.length;
    if (turn < portions) {
      [fat, dough, nominal] = [n * fat + n - 1, n * dough, n * nominal + n - 1];
      return count();
    }
    let [fatContacts, doughContacts] = [0, 0];
    for (let i = 0; i < n - 1; i++) {
      const upper = pattern[i] === 'U' ? top : bottom;
      const lower = pattern[i + 1] === 'U' ? bottom : top;
      if (upper === lower) upper === 'F' ? fatContacts++ : doughContacts++;
    }
    fat = n * fat - fatContacts;
    dough = n * dough - doughContacts;
    nominal *= n;
    if (nominal > 1e12)
      throw new RefusedInput({ field: 'folds', code: 'too_many_layers', value: nominal, allowed: { max: 1e12 } });
    [bottom, top] = [pattern[0] === 'U' ? bottom : top, pattern[n - 1] === 'U' ? top : bottom];
    return count();
  });
  return { ...count(), fatOutside: bottom === 'F' || top === 'F', steps };
}
