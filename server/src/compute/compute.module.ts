import { compute, models } from '@crustallum/core';
import { Body, Controller, Get, HttpCode, HttpException, Module, Param, Post } from '@nestjs/common';
import { ApiBody, ApiTags } from '@nestjs/swagger';

@ApiTags('compute')
@Controller('compute')
export class ComputeController {
  @Get() list() {
    return [...models.values()].map(({ name, summary, units, source, certainty }) => ({
      name,
      summary,
      units,
      source,
      certainty,
    }));
  }

  @Post(':model')
  @HttpCode(200)
  @ApiBody({ type: Object })
  run(@Param('model') model: string, @Body() input: Record<string, unknown>) {
    const answer = compute(model, input);
    if (answer.ok) return answer;
    throw new HttpException(answer, answer.errors[0]?.field === 'model' ? 404 : 422);
  }
}

@Module({ controllers: [ComputeController] })
export class ComputeModule {}
