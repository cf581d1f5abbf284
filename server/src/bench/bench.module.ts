import {
  Body,
  Controller,
  Get,
  HttpCode,
  Injectable,
  Module,
  NotFoundException,
  Param,
  ParseUUIDPipe,
  Post,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { InjectRepository, TypeOrmModule } from '@nestjs/typeorm';
import { DataSource, IsNull, Repository } from 'typeorm';
import { BakesModule } from '../bakes/bakes.module';
import { BakesService } from '../bakes/bakes.service';
import { NewRunDto, RunEventsDto } from './bench.dto';
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
  async start(dto: NewRunDto): Promise<RunView> {
    await this.bakes.view(dto.bakeId);
    const known = await this.runs.findOne({ where: { id: dto.id } });
    if (!known) await this.runs.save(this.runs.create({ ...dto, finishedAt: null }));
    return this.view(dto.id);
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
  async append(runId: string, { events }: RunEventsDto): Promise<{ kept: number }> {
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

@ApiTags('bench')
@Controller('runs')
export class BenchController {
  constructor(private readonly bench: BenchService) {}
  @Post() @HttpCode(200) start(@Body() dto: NewRunDto) {
    return this.bench.start(dto);
  }
  @Get('current') async current() {
    return { run: await this.bench.current() };
  }
  @Get(':id') view(@Param('id', ParseUUIDPipe) id: string) {
    return this.bench.view(id);
  }
  @Post(':id/events') @HttpCode(200) append(@Param('id', ParseUUIDPipe) id: string, @Body() dto: RunEventsDto) {
    return this.bench.append(id, dto);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([Run, RunEvent]), BakesModule],
  controllers: [BenchController],
  providers: [BenchService],
  exports: [BenchService],
})
export class BenchModule {}
