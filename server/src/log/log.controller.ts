import { ChangeEntryInput, LogEntry, NewEntryInput } from '@crustallum/core/contracts/log';
import { Body, Controller, Delete, Get, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../app/answers';
import { LogService } from './log.service';

@ApiTags('log')
@Controller('log')
export class LogController {
  constructor(private readonly log: LogService) {}

  @Get() @Answers([LogEntry]) list() {
    return this.log.newestFirst();
  }
  @Get(':id') @Answers(LogEntry) view(@Param('id', ParseUUIDPipe) id: string) {
    return this.log.get(id);
  }
  @Post() @Answers(LogEntry) keep(@Body() entry: NewEntryInput) {
    return this.log.create({ ...entry, bakeId: entry.bakeId ?? null, runId: entry.runId ?? null });
  }
  @Put(':id') @Answers(LogEntry) change(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { version, answers }: ChangeEntryInput,
  ) {
    return this.log.change(id, version, { answers });
  }
  @Delete(':id') @Answers(LogEntry) remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.log.remove(id);
  }
  @Post(':id/restore') @Answers(LogEntry) restore(@Param('id', ParseUUIDPipe) id: string) {
    return this.log.restore(id);
  }
}
