import { starterMeal } from '@crustallum/core/plan/starters';
import type { Draft, Theirs } from './draft';
import { SaveQueue, type Outcome, type SavingDesk } from './saving';

/** A meal for so many, as a document: the number is what changes. */
const meal = (mouths: number) => starterMeal('2026-12-12T18:30', mouths, 'Supper');
const theirs = (version: number, mouths: number): Theirs => ({ kind: 'meal', version, meal: meal(mouths) });

/** A desk of one document, and a server that keeps versions; answers wait until they are let go. */
class Bench implements SavingDesk {
  now: Draft = { kind: 'meal', id: 'meal:b', bakeId: 'b', title: 'Supper', version: 1, meal: meal(4) };
  changed = true;
  stored = { version: 1, mouths: 2 };
  requests: number[] = [];
  inFlight = 0;
  mostInFlight = 0;
  conflicts: Theirs[] = [];
  refusals: number[] = [];
  answered: boolean[] = [];
  /** What the network does with the next requests. */
  fate: ('arrives' | 'answerLost' | 'down' | 'refused')[] = [];
  private letGo: (() => void)[] = [];
  queue = new SaveQueue(this, (draft) => this.send(draft));
  /** The page is reloaded: what it knew of requests under way is gone. */
  reload(): void {
    this.queue = new SaveQueue(this, (draft) => this.send(draft));
  }

  change(mouths: number): void {
    this.now = { ...this.now, kind: 'meal', meal: meal(mouths) };
    this.changed = true;
  }
  unsent = () => (this.changed && !this.conflicts.length && !this.refusals.length ? [this.now.id] : []);
  draft = () => (this.unsent().length ? this.now : null);
  saved(sent: Draft, version: number): void {
    this.now = { ...this.now, version };
    if (JSON.stringify(sent.kind === 'meal' && sent.meal) === JSON.stringify(this.now.kind === 'meal' && this.now.meal))
      this.changed = false;
  }
  conflict = (_draft: Draft, found: Theirs) => void this.conflicts.push(found);
  refused = (_draft: Draft, status: number) => void this.refusals.push(status);
  reached = (answered: boolean) => void this.answered.push(answered);

  private async send(draft: Draft): Promise<Outcome> {
    const mouths = draft.kind === 'meal' ? draft.meal.mouthCount : 0;
    this.requests.push(mouths);
    this.mostInFlight = Math.max(this.mostInFlight, ++this.inFlight);
    await new Promise<void>((done) => this.letGo.push(done));
    this.inFlight--;
    const fate = this.fate.shift() ?? 'arrives';
    if (fate === 'down') return { kind: 'unreachable' };
    if (fate === 'refused') return { kind: 'refused', status: 404, errors: [] };
    const stale = draft.version !== this.stored.version;
    if (!stale) this.stored = { version: this.stored.version + 1, mouths };
    if (fate === 'answerLost') return { kind: 'unreachable' };
    if (stale) return { kind: 'stale', theirs: theirs(this.stored.version, this.stored.mouths) };
    return { kind: 'saved', version: this.stored.version };
  }
  /** Lets the request in flight be answered. */
  async answer(): Promise<void> {
    while (this.letGo.length === 0) await Promise.resolve();
    this.letGo.shift()?.();
    for (let i = 0; i < 20; i++) await Promise.resolve();
  }
}

afterEach(() => localStorage.clear());

describe('saving', () => {
  it('knows its own words again after a page was left before the answer came', async () => {
    const bench = new Bench();
    bench.stored = { version: 1, mouths: 2 };
    bench.fate = ['answerLost'];
    void bench.queue.pump();
    await bench.answer();
    bench.change(6);
    bench.reload();
    const done = bench.queue.pump();
    await bench.answer();
    await bench.answer();
    expect(await done).toBe(true);
    expect(bench).toMatchObject({ changed: false, conflicts: [], stored: { version: 3, mouths: 6 } });
  });
  it('asks when what the server has is another’s, though something of its own was under way', async () => {
    const bench = new Bench();
    bench.fate = ['down'];
    void bench.queue.pump();
    await bench.answer();
    bench.stored = { version: 2, mouths: 11 };
    bench.reload();
    void bench.queue.pump();
    await bench.answer();
    expect(bench.conflicts).toHaveLength(1);
  });
  it('has one request in flight, and sends what was changed meanwhile on the version of its answer', async () => {
    const bench = new Bench();
    const done = bench.queue.pump();
    bench.change(5);
    void bench.queue.pump();
    bench.change(6);
    void bench.queue.pump();
    await bench.answer();
    await bench.answer();
    expect(await done).toBe(true);
    expect(bench.requests).toEqual([4, 6]);
    expect(bench.mostInFlight).toBe(1);
    expect(bench.stored).toEqual({ version: 3, mouths: 6 });
    expect(bench.conflicts).toEqual([]);
  });
  it('makes a lost answer good: what was sent and is stored is no conflict', async () => {
    const bench = new Bench();
    bench.fate = ['answerLost'];
    const first = bench.queue.pump();
    await bench.answer();
    expect(await first).toBe(false);
    expect(bench.answered).toEqual([false]);
    const second = bench.queue.pump();
    await bench.answer();
    expect(await second).toBe(true);
    expect(bench).toMatchObject({ changed: false, conflicts: [], stored: { version: 2, mouths: 4 } });
  });
  it('makes it good too when the document was changed after the answer was lost', async () => {
    const bench = new Bench();
    bench.fate = ['answerLost'];
    void bench.queue.pump();
    await bench.answer();
    bench.change(7);
    const second = bench.queue.pump();
    await bench.answer();
    await bench.answer();
    expect(await second).toBe(true);
    expect(bench).toMatchObject({ conflicts: [], stored: { version: 3, mouths: 7 } });
  });
  it('asks where somebody else really changed it, and sends no more until that is answered', async () => {
    const bench = new Bench();
    bench.stored = { version: 9, mouths: 12 };
    const done = bench.queue.pump();
    await bench.answer();
    expect(await done).toBe(true);
    expect(bench.conflicts).toEqual([theirs(9, 12)]);
    await bench.queue.pump();
    expect(bench.requests).toHaveLength(1);
  });
  it('sets aside what the server will not have, and says so', async () => {
    const bench = new Bench();
    bench.fate = ['refused'];
    const done = bench.queue.pump();
    await bench.answer();
    expect(await done).toBe(true);
    expect(bench.refusals).toEqual([404]);
    expect(bench.changed).toBe(true);
  });
});
