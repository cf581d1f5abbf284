import { Body, Controller, HttpCode, NotFoundException, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { BenchService } from '../bench/bench.service';
import { ReadProbeDto } from './probe.dto';
import { ProbePort } from './probePort';

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
    const { value, batteryPct } = await this.probe.read({ runId, item, kitchen, stepId, minute });
    return { valueC: value, batteryPct };
  }
}
