import Fuse from 'fuse.js';

export interface Findable {
  name: string;
  also?: readonly string[];
}

/**
 * A text as names are compared: no accents, capitals or signs, and small plurals taken off.
 * @example comparable('Onions') // 'onion'
 */
export const comparable = (text: string): string => single(plain(text));
const plain = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N} ]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();
/** Small plurals taken off, so that "leeks" is "leek" and "tomatoes" is "tomato". */
const single = (text: string): string =>
  text
    .split(' ')
    .map((w) => (w.length > 3 ? w.replace(/(?<=[^s])s$/, '').replace(/(?<=(to|ch|sh|ss|x))e$/, '') : w))
    .join(' ');

export interface Found<T> {
  thing: T;
  /** 0 the very word, 1 nothing in common. */
  distance: number;
  /** Which of its names was meant. */
  as: string;
}

interface Word<T> {
  word: string;
  as: string;
  thing: T;
}
/** Words looked at closely: those that share most letter pairs with what was typed. */
const mostCompared = 120;
const pairs = (word: string): string[] => {
  const framed = ` ${word} `;
  return [...new Set(Array.from({ length: framed.length - 1 }, (_, i) => framed.slice(i, i + 2)))];
};

/** A list made ready to be searched: its names and their other words, tolerant of typing slips. */
export class Index<T extends Findable> {
  private readonly exact = new Map<string, Word<T>[]>();
  private readonly words: readonly Word<T>[];
  /** Which words have a pair of letters: the many are narrowed by it before any is compared letter by letter. */
  private readonly byPair = new Map<string, number[]>();

  constructor(things: readonly T[]) {
    this.words = things.flatMap((thing) =>
      [thing.name, ...(thing.also ?? [])].map((as) => ({ word: comparable(as), as, thing })),
    );
    this.words.forEach((w, i) => {
      this.exact.set(w.word, [...(this.exact.get(w.word) ?? []), w]);
      for (const pair of pairs(w.word)) {
        const here = this.byPair.get(pair);
        if (here) here.push(i);
        else this.byPair.set(pair, [i]);
      }
    });
  }

  /** The things whose name or other word is the very text. */
  exactly(text: string): T[] {
    return this.called(comparable(text));
  }

  /** The same for a text that is comparable already. */
  called(word: string): T[] {
    return (this.exact.get(word) ?? []).map((w) => w.thing);
  }

  /** Best first, each thing once: the very word, then names that begin with it, hold it, or nearly do. */
  search(text: string, most = 12, compared = mostCompared): Found<T>[] {
    const wanted = comparable(text).slice(0, 32);
    if (wanted === '') return [];
    const found = new Map<T, Found<T>>();
    const put = (thing: T, distance: number, as: string) => {
      const before = found.get(thing);
      if (!before || before.distance > distance) found.set(thing, { thing, distance, as });
    };
    for (const { thing, as } of this.exact.get(wanted) ?? []) put(thing, 0, as);
    const fuse = new Fuse(this.near(wanted, compared), {
      keys: ['word'],
      includeScore: true,
      threshold: 0.34,
      ignoreLocation: true,
      minMatchCharLength: 2,
      ignoreFieldNorm: true,
    });
    for (const hit of fuse.search(wanted, { limit: 4 * most })) {
      const { word, as, thing } = hit.item;
      // a longer name holds more by chance: nearness in length breaks ties
      const spare = Math.abs(word.length - wanted.length) / Math.max(word.length, wanted.length);
      const nearness = word.startsWith(wanted) ? 0.05 : ` ${word}`.includes(` ${wanted}`) ? 0.1 : 0.2;
      put(thing, Math.min(1, nearness + (hit.score ?? 1) + 0.2 * spare), as);
    }
    return [...found.values()].sort((a, b) => a.distance - b.distance || a.as.length - b.as.length).slice(0, most);
  }

  private near(wanted: string, closely: number): Word<T>[] {
    const shared = new Uint8Array(this.words.length);
    const asked = pairs(wanted);
    for (const pair of asked) for (const i of this.byPair.get(pair) ?? []) shared[i] = shared[i] + 1;
    const least = Math.max(1, Math.floor(asked.length / 4));
    const byCount = Array.from({ length: asked.length + 1 }, (): number[] => []);
    shared.forEach((count, i) => count >= least && byCount[count]?.push(i));
    const near: Word<T>[] = [];
    for (let count = asked.length; count >= least && near.length < closely; count--)
      for (const i of byCount[count].slice(0, closely - near.length)) near.push(this.words[i]);
    return near;
  }
}
