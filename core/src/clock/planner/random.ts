/** One generator for a day: 32-bit FNV-1a of its words, then mulberry32. Equal words give equal throws on every machine. */
export class Throws {
  private state: number;

  constructor(words: string) {
    let h = 0x811c9dc5;
    for (let i = 0; i < words.length; i++) h = Math.imul(h ^ words.charCodeAt(i), 0x01000193);
    this.state = h >>> 0;
  }

  /** From 0 up to, not including, 1. */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let t = this.state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  }

  /** A whole number below n. */
  below(n: number): number {
    return Math.floor(this.next() * n);
  }
}
