import { Module } from '@nestjs/common';
import { BenchModule } from '../bench/bench.module';
import { StandInsModule } from '../standIns/standIns.module';
import { ProbeController } from './probe.controller';
import { ProbePort, StandInProbe } from './probePort';

@Module({
  imports: [BenchModule, StandInsModule],
  controllers: [ProbeController],
  providers: [{ provide: ProbePort, useClass: StandInProbe }],
})
export class ProbeModule {}
