import { NewRunInput, RunEventsInput, StoredRun } from '@crustallum/core/contracts/run';
import {
  Body,
  Controller,
  DefaultValuePipe,
  Get,
  Headers,
  HttpCode,
  Param,
  ParseIntPipe,
  ParseUUIDPipe,
  Post,
  Query,
  Sse,
} from '@nestjs/common';
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
  @Get(':id/events') async events(
    @Param('id', ParseUUIDPipe) id: string,
    @Query('after', new DefaultValuePipe(0), ParseIntPipe) after: number,
  ) {
    return { events: await this.bench.since(id, after) };
  }
  @Post(':id/events') @HttpCode(200) append(@Param('id', ParseUUIDPipe) id: string, @Body() lot: RunEventsInput) {
    return this.bench.append(id, lot);
  }
  /** Follows a run: `happened` for each event, its number as the id; `clock` with the time of the house. */
  @Sse(':id/stream') stream(
    @Param('id', ParseUUIDPipe) id: string,
    @Query('after', new DefaultValuePipe(0), ParseIntPipe) after: number,
    @Headers('last-event-id') last?: string,
  ) {
    return this.bench.follow(id, Math.max(after, Number(last) || 0));
  }
}
