import {
  mostEventData,
  mostEventsOfRun,
  type NewRunInput,
  type RunEventInput,
  type RunEventsInput,
} from '@crustallum/core/contracts/run';
import { keyOf } from '@crustallum/core/plan/steps/key';
import type { Refusal } from '@crustallum/core/quantities/refusal';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { DataSource, IsNull, MoreThan, Repository, type EntityManager } from 'typeorm';
import { Bake } from '../bakes/bake.entity';
import { Run, RunEvent } from './run.entity';
import { RunFeed } from './runFeed';

export interface RunView extends Run {
  events: RunEvent[];
}

/** What became of a lot: what is new with its number, what was there already, what was refused and why. */
export interface Taken {
  kept: number;
  numbers: Record<string, number>;
  refused: ({ id: string } & Refusal)[];
}

const notFound = (field: string, id: string, allowed: string) =>
  new NotFoundException({ errors: [{ field, code: 'not_found', value: id, allowed }] });

@Injectable()
export class BenchService {
  constructor(
    @InjectRepository(Run) private readonly runs: Repository<Run>,
    @InjectRepository(RunEvent) private readonly events: Repository<RunEvent>,
    private readonly source: DataSource,
    private readonly feed: RunFeed,
  ) {}

  /**
   * Starting the same run twice is the same run: the device may send it again after a lost answer. A run whose bake was put away
   * meanwhile keeps its own copy of the plan, and goes on.
   */
  async start(begun: NewRunInput): Promise<RunView> {
    if (!(await this.source.getRepository(Bake).existsBy({ id: begun.bakeId })))
      throw notFound('bakeId', begun.bakeId, 'the id of a bake');
    const known = await this.runs.findOne({ where: { id: begun.id } });
    if (!known) await this.runs.save(this.runs.create({ ...begun, finishedAt: null }));
    return this.view(begun.id);
  }

  private async get(id: string): Promise<Run> {
    const run = await this.runs.findOne({ where: { id } });
    if (!run) throw notFound('id', id, 'the id of a run');
    return run;
  }

  async view(id: string): Promise<RunView> {
    return { ...(await this.get(id)), events: await this.after(id, 0) };
  }

  /** What happened in a run after so many events, in the order in which it came; of a run that is known. */
  async since(runId: string, number: number): Promise<RunEvent[]> {
    await this.get(runId);
    return this.after(runId, number);
  }
  private after(runId: string, number: number): Promise<RunEvent[]> {
    return this.events.find({ where: { runId, number: MoreThan(number) }, order: { number: 'ASC' } });
  }

  async current(): Promise<RunView | null> {
    const run = await this.runs.findOne({ where: { finishedAt: IsNull() }, order: { startedAt: 'DESC' } });
    return run && this.view(run.id);
  }

  /** A screen that follows a run: what it has not had yet, and everything as it happens. */
  async follow(runId: string, after: number) {
    await this.get(runId);
    return this.feed.of(runId, () => this.after(runId, after));
  }

  /**
   * Appends what is new and numbers it; what is there already is passed over, so that sending twice changes nothing, and what is
   * refused is named and holds up nothing behind it.
   */
  async append(runId: string, { events }: RunEventsInput): Promise<Taken> {
    const run = await this.get(runId);
    const taken: Taken = { kept: 0, numbers: {}, refused: [] };
    const made: RunEvent[] = [];
    await this.source.transaction(async (manager) => {
      const first = (await manager.maximum(RunEvent, 'number', { runId })) ?? 0;
      const steps = await stepsOf(run, manager);
      for (const event of events) {
        const known = await manager.findOne(RunEvent, { where: { id: event.id }, select: { id: true, number: true } });
        if (known) {
          taken.numbers[event.id] = known.number;
          continue;
        }
        const refusal = refusalOf(event, steps, first + made.length);
        if (refusal) {
          taken.refused.push({ id: event.id, ...refusal });
          continue;
        }
        const { device = '', sequence = 0, lamport = 0, skewMs = 0, cook = '', ...rest } = event;
        const number = first + made.length + 1;
        const row = manager.create(RunEvent, { ...rest, device, sequence, lamport, skewMs, cook, runId, number });
        await manager.save(row);
        made.push(row);
        // what comes after it in the same lot may be of its steps
        if (event.type === 'plan') for (const key of keysOf(event.data)) steps?.add(key);
        taken.numbers[event.id] = number;
        if (event.type === 'finish')
          await manager.update(Run, { id: runId, finishedAt: IsNull() }, { finishedAt: event.at });
      }
      taken.kept = made.length;
    });
    this.feed.tell(runId, made);
    return taken;
  }
}

/** Names of a run's steps, with those of the plans it accepted since; none where its copy names no steps. */
async function stepsOf(run: Run, manager: EntityManager): Promise<Set<string> | null> {
  const plans = await manager.find(RunEvent, { where: { runId: run.id, type: 'plan' } });
  const named = new Set([run.plan, ...plans.map((p) => p.data)].flatMap(keysOf));
  return named.size > 0 ? named : null;
}

const keysOf = (plan: Record<string, unknown>): string[] =>
  (Array.isArray(plan['steps']) ? (plan['steps'] as unknown[]) : [])
    .filter((s): s is { itemIndex: number; id: string } => typeof s === 'object' && s !== null && 'id' in s)
    .map(keyOf);

/** Why an event cannot be kept, or nothing. */
function refusalOf(event: RunEventInput, steps: ReadonlySet<string> | null, there: number): Refusal | null {
  const { step } = event.data;
  if (steps && typeof step === 'string' && event.type !== 'plan' && !steps.has(step))
    return { field: 'data.step', code: 'unknown_step', value: step, allowed: 'a step of this run' };
  const size = JSON.stringify(event.data).length;
  if (size > mostEventData) return { field: 'data', code: 'too_large', value: size, allowed: { max: mostEventData } };
  if (there >= mostEventsOfRun)
    return { field: 'events', code: 'too_many', value: there + 1, allowed: { max: mostEventsOfRun } };
  return null;
}
