import { Inject, Injectable, Optional, type OnModuleDestroy } from '@nestjs/common';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { ready, type Asked, type Computed } from './messages';
import { ComputeRefused, type ComputeRefusalCode } from './computeRefused';

export interface PoolOptions {
  /** Runs at the same time, each on a thread of its own. */
  atOnce: number;
  /** Calls that may wait; more are sent away with a word. */
  mostWaiting: number;
  /** How long one run may take, ms, from when it begins on a thread that has started. */
  deadlineMs: number;
}
/** A thread that has not started after this is given up, ms. */
const longestStartMs = 30_000;
export const poolDefaults: PoolOptions = { atOnce: 2, mostWaiting: 12, deadlineMs: 2000 };
export const poolOptions = Symbol('options of the compute pool');

interface Job extends Asked {
  signal: AbortSignal | undefined;
  done: (answer: Exclude<Computed, { fault: string }>) => void;
  failed: (error: Error) => void;
}

/** Beside this file once built; when the sources are run, as in tests, the built one of the same name. */
const besides = join(__dirname, 'computeWorker.js');
const workerFile = existsSync(besides) ? besides : join(__dirname, '../../dist/compute/computeWorker.js');

/**
 * Runs models on threads, so that no call holds up the server: so many at once, a short queue, a deadline. A run over its
 * deadline, or whose caller has gone, is ended with its thread.
 */
@Injectable()
export class ComputePool implements OnModuleDestroy {
  private readonly options: PoolOptions;
  private readonly idle: Worker[] = [];
  private readonly all = new Set<Worker>();
  private readonly started = new WeakSet<Worker>();
  private readonly waiting: Job[] = [];
  private running = 0;
  private closed = false;

  constructor(@Optional() @Inject(poolOptions) options: Partial<PoolOptions> = {}) {
    this.options = { ...poolDefaults, ...options };
  }

  /** Rejects with `ComputeRefused` when too many wait, the deadline passes, or `signal` is aborted. */
  run(model: string, input: unknown, signal?: AbortSignal): Promise<Exclude<Computed, { fault: string }>> {
    return new Promise((done, failed) => {
      if (this.closed || signal?.aborted) return failed(new ComputeRefused('gone', model));
      const job: Job = { model, input, signal, done, failed };
      if (this.running < this.options.atOnce) return this.start(job);
      if (this.waiting.length >= this.options.mostWaiting)
        return failed(new ComputeRefused('busy', model, { waiting: this.options.mostWaiting }));
      this.waiting.push(job);
      signal?.addEventListener('abort', () => this.leave(job), { once: true });
    });
  }

  async onModuleDestroy(): Promise<void> {
    this.closed = true;
    for (const job of this.waiting.splice(0)) job.failed(new ComputeRefused('gone', job.model));
    await Promise.all([...this.all].map((worker) => worker.terminate()));
  }

  private leave(job: Job): void {
    const at = this.waiting.indexOf(job);
    if (at < 0) return;
    this.waiting.splice(at, 1);
    job.failed(new ComputeRefused('gone', job.model));
  }

  private start(job: Job): void {
    this.running++;
    const worker = this.idle.pop() ?? this.made();
    const end = (next: () => void, keep: boolean) => {
      clearTimeout(timer);
      job.signal?.removeEventListener('abort', onGone);
      worker.off('message', onMessage).off('error', onError).off('exit', onExit);
      if (keep && !this.closed) this.idle.push(worker);
      else {
        this.all.delete(worker);
        void worker.terminate();
      }
      this.running--;
      next();
      const following = this.closed ? undefined : this.waiting.shift();
      if (following) this.start(following);
    };
    const onMessage = (said: Computed | typeof ready) => {
      if (said === ready) begin();
      else end(() => ('fault' in said ? job.failed(new Error(said.fault)) : job.done(said)), true);
    };
    const onError = (error: Error) => end(() => job.failed(error), false);
    const onExit = () => onError(new Error('the compute thread ended'));
    const refuse = (code: ComputeRefusalCode, allowed?: Record<string, number>) =>
      end(() => job.failed(new ComputeRefused(code, job.model, allowed)), false);
    const onGone = () => refuse('gone');
    const { deadlineMs } = this.options;
    let timer = setTimeout(() => onError(new Error('the compute thread did not start')), longestStartMs);
    const begin = () => {
      this.started.add(worker);
      clearTimeout(timer);
      timer = setTimeout(() => refuse('deadline', { seconds: deadlineMs / 1000 }), deadlineMs);
      worker.postMessage({ model: job.model, input: job.input } satisfies Asked);
    };
    job.signal?.addEventListener('abort', onGone, { once: true });
    worker.on('message', onMessage).on('error', onError).on('exit', onExit);
    if (this.started.has(worker)) begin();
  }

  private made(): Worker {
    const worker = new Worker(workerFile, { resourceLimits: { maxOldGenerationSizeMb: 512 } });
    this.all.add(worker);
    return worker;
  }
}
