import { asGood, shownBy, type FailingsInput } from '@crustallum/core/devices/failings';
import { heard, onUnit } from './ofThisKitchen';

/** A kitchen scale as the application sees one: a stream of net grams, and a tare. */
export interface Scale {
  subscribe(listener: (grams: number) => void): () => void;
  tare(): void;
}

const tickMs = 80;
/** Share of the way to the true weight that the reading goes in a tick: a cheap scale settles in half a second. */
const settling = 0.45;

/**
 * The stand-in that ships with the application: a scale belongs to the screen beside it. Things are put on it by press, the
 * reading settles as a scale's does, and it fails as it is made to; what is typed in its place is taken as it is.
 */
export class StandInScale implements Scale {
  private load = 0;
  private zero = 0;
  private shown = 0;
  /** What it last said, g. */
  private told = 0;
  /** How it fails. */
  failings: FailingsInput = { ...asGood };
  private timer: ReturnType<typeof setInterval> | null = null;
  private readonly listeners = new Set<(grams: number) => void>();

  /** Puts grams on (or takes them off), never below an empty pan. */
  put(grams: number): void {
    this.load = Math.max(this.zero, this.load + grams);
    this.run();
  }

  tare(): void {
    this.zero = this.load;
    this.shown = 0;
    this.told = 0;
    this.tell();
  }

  /** What another scale shows, typed: whatever became of this one. */
  typed(grams: number): void {
    this.load = this.zero + grams;
    this.shown = grams;
    this.stop();
    this.say(grams);
  }

  subscribe(listener: (grams: number) => void): () => void {
    this.listeners.add(listener);
    listener(this.reading);
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.stop();
    };
  }

  get reading(): number {
    return this.told;
  }

  private run(): void {
    this.timer ??= setInterval(() => {
      const net = this.load - this.zero;
      this.shown += (net - this.shown) * settling;
      if (Math.abs(net - this.shown) < 0.05) {
        this.shown = net;
        this.stop();
      }
      this.tell();
    }, tickMs);
  }

  private stop(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
  }

  /** Says what is on it. */
  tell(): void {
    const { value, batteryPct } = shownBy('scale', this.shown, this.failings, Math.random);
    this.failings = { ...this.failings, batteryPct };
    const grams = heard('scale', value, batteryPct);
    if (grams !== null) this.say(grams);
  }

  private say(grams: number): void {
    this.told = Math.round(grams * 10) / 10;
    for (const listener of this.listeners) listener(this.told);
  }
}

/** The scale of this device. */
export const scale = new StandInScale();
onUnit('scale', () => scale.tell());
