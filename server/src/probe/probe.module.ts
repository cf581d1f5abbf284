import 'reflect-metadata';
import { NumberIn } from '@crustallum/core/quantities/rules';
import { Body, Controller, HttpCode, Module, NotFoundException, Post } from '@nestjs/common';
import { ApiProperty, ApiTags } from '@nestjs/swagger';
import { IsString, IsUUID, MaxLength } from 'class-validator';
import { BenchModule, BenchService } from '../bench/bench.module';
import { ProbePort, StandInProbe } from './probePort';

export class ReadProbeDto {
  @ApiProperty() @IsUUID() runId!: string;
  @ApiProperty() @NumberIn(0, 7, '', { integer: true }) itemIndex!: number;
  @ApiProperty() @IsString() @MaxLength(40) stepId!: string;
  @ApiProperty() @NumberIn(0, 1440, 'min') minute!: number;
}

interface CopiedPlan {
  kitchen?: unknown;
  items?: { document?: unknown }[];
}

@ApiTags('probe')
@Controller('probe')
export class ProbeController {
  constructor(
    private readonly bench: BenchService,
    private readonly probe: ProbePort,
  ) {}

  @Post('read') @HttpCode(200) async read(@Body() { runId, itemIndex, stepId, minute }: ReadProbeDto) {
    const { plan } = await this.bench.view(runId);
    const { kitchen, items } = plan as CopiedPlan;
    const item = items?.[itemIndex]?.document;
    if (!item)
      throw new NotFoundException({
        errors: [{ field: 'itemIndex', code: 'not_found', value: itemIndex, allowed: 'an item of the run' }],
      });
    return { valueC: await this.probe.read({ runId, item, kitchen, stepId, minute }) };
  }
}

@Module({
  imports: [BenchModule],
  controllers: [ProbeController],
  providers: [{ provide: ProbePort, useClass: StandInProbe }],
})
export class ProbeModule {}
