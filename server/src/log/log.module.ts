import { Body, Controller, Delete, Get, Injectable, Module, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { InjectRepository, TypeOrmModule } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import { DocumentStore } from '../database/documentStore';
import { ChangeLogEntryDto, NewLogEntryDto } from './log.dto';
import { LogEntry } from './logEntry.entity';

@Injectable()
export class LogService extends DocumentStore<LogEntry> {
  constructor(@InjectRepository(LogEntry) private readonly entries: Repository<LogEntry>) {
    super(entries, 'log entry');
  }

  newestFirst(limit = 200): Promise<LogEntry[]> {
    return this.entries.find({ where: { removedAt: IsNull() }, order: { date: 'DESC' }, take: limit });
  }
}

@ApiTags('log')
@Controller('log')
export class LogController {
  constructor(private readonly log: LogService) {}
  @Get() list() {
    return this.log.newestFirst();
  }
  @Get(':id') view(@Param('id', ParseUUIDPipe) id: string) {
    return this.log.get(id);
  }
  @Post() keep(@Body() dto: NewLogEntryDto) {
    return this.log.create({ ...dto, bakeId: dto.bakeId ?? null, runId: dto.runId ?? null });
  }
  @Put(':id') change(@Param('id', ParseUUIDPipe) id: string, @Body() dto: ChangeLogEntryDto) {
    return this.log.change(id, dto.version, { answers: dto.answers });
  }
  @Delete(':id') remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.log.remove(id);
  }
  @Post(':id/restore') restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.log.restore(id);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([LogEntry])],
  controllers: [LogController],
  providers: [LogService],
  exports: [LogService],
})
export class LogModule {}
