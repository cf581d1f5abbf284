import { NewRunInput, RunEventsInput, StoredRun } from '@crustallum/core/contracts/run';
import { Body, Controller, Get, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../app/answers';
import { BenchService } from './bench.service';

@ApiTags('bench')
@Controller('runs')
export class BenchController {
  constructor(private readonly bench: BenchService) {}

  @Post() @HttpCode(200) @Answers(StoredRun) start(@Body() run: NewRunInput) {
    return this.bench.start(run);
  }
  @Get('current') async current() {
    return { run: await this.bench.current() };
  }
  @Get(':id') @Answers(StoredRun) view(@Param('id', ParseUUIDPipe) id: string) {
    return this.bench.view(id);
  }
  @Post(':id/events') @HttpCode(200) append(@Param('id', ParseUUIDPipe) id: string, @Body() lot: RunEventsInput) {
    return this.bench.append(id, lot);
  }
}
