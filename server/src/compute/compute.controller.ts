import { models } from '@crustallum/core';
import { schemaOf } from '@crustallum/core/quantities/schema';
import { Body, Controller, Get, HttpException, Param, Post, Res } from '@nestjs/common';
import { ApiBody, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { ComputePool } from './pool';

@ApiTags('compute')
@Controller('compute')
export class ComputeController {
  constructor(private readonly pool: ComputePool) {}

  @Get() list() {
    return [...models.values()].map(({ name, summary, units, source, certainty, input }) => ({
      name,
      summary,
      units,
      source,
      certainty,
      input: schemaOf(input),
    }));
  }

  /** Runs a model on a thread; a caller who hangs up ends the run. */
  @Post(':model')
  @ApiBody({ type: Object })
  async run(@Param('model') model: string, @Body() input: Record<string, unknown>, @Res() response: Response) {
    const gone = new AbortController();
    response.on('close', () => response.writableEnded || gone.abort());
    const { ok, json, unknownModel } = await this.pool.run(model, input, gone.signal);
    if (!ok) throw new HttpException(JSON.parse(json) as object, unknownModel ? 404 : 422);
    response.status(200).type('json').send(json);
  }
}
