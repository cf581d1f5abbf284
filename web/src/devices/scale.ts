/** A kitchen scale as the application sees one: a stream of net grams, and a tare. */
export interface Scale {
  subscribe(listener: (grams: number) => void): () => void;
  tare(): void;
}

const tickMs = 80;
/** Share of the way to the true weight that the reading goes in a tick: a cheap scale settles in half a second. */
const settling = 0.45;

/** The stand-in that ships with the application: things are put on it by press, the reading settles as a scale's does. */
export class StandInScale implements Scale {
  private load = 0;
  private zero = 0;
  private shown = 0;
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
    this.tell();
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
    return Math.round(this.shown * 10) / 10;
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

  private tell(): void {
    for (const listener of this.listeners) listener(this.reading);
  }
}

/** The scale of this device. */
export const scale = new StandInScale();
