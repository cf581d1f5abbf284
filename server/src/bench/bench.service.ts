import type { NewRunInput, RunEventsInput } from '@crustallum/core/contracts/run';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { DataSource, IsNull, Repository } from 'typeorm';
import { BakesService } from '../bakes/bakes.service';
import { Run, RunEvent } from './run.entity';

export interface RunView extends Run {
  events: RunEvent[];
}

@Injectable()
export class BenchService {
  constructor(
    @InjectRepository(Run) private readonly runs: Repository<Run>,
    @InjectRepository(RunEvent) private readonly events: Repository<RunEvent>,
    private readonly source: DataSource,
    private readonly bakes: BakesService,
  ) {}

  /** Starting the same run twice is the same run: the device may send it again after a lost answer. */
  async start(begun: NewRunInput): Promise<RunView> {
    await this.bakes.view(begun.bakeId);
    const known = await this.runs.findOne({ where: { id: begun.id } });
    if (!known) await this.runs.save(this.runs.create({ ...begun, finishedAt: null }));
    return this.view(begun.id);
  }

  async view(id: string): Promise<RunView> {
    const run = await this.runs.findOne({ where: { id } });
    if (!run)
      throw new NotFoundException({
        errors: [{ field: 'id', code: 'not_found', value: id, allowed: 'the id of a run' }],
      });
    return {
      ...run,
      events: await this.events.find({ where: { runId: id }, order: { at: 'ASC', device: 'ASC', sequence: 'ASC' } }),
    };
  }

  async current(): Promise<RunView | null> {
    const run = await this.runs.findOne({ where: { finishedAt: IsNull() }, order: { startedAt: 'DESC' } });
    return run && this.view(run.id);
  }

  /** Appends what is new; events already there are passed over, so sending twice changes nothing. */
  async append(runId: string, { events }: RunEventsInput): Promise<{ kept: number }> {
    await this.view(runId);
    return this.source.transaction(async (manager) => {
      let kept = 0;
      for (const event of events) {
        if (!(await manager.existsBy(RunEvent, { id: event.id }))) {
          await manager.save(manager.create(RunEvent, { device: '', sequence: 0, ...event, runId }));
          kept++;
        }
        if (event.type === 'finish')
          await manager.update(Run, { id: runId, finishedAt: IsNull() }, { finishedAt: event.at });
      }
      return { kept };
    });
  }
}
