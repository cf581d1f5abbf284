import { Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { BakesModule } from '../bakes/bakes.module';
import { BenchModule } from '../bench/bench.module';
import { ComputeModule } from '../compute/compute.module';
import type { PoolOptions } from '../compute/pool';
import { ExchangeModule } from '../exchange/exchange.module';
import { HealthModule } from '../health/health.module';
import { KitchenModule } from '../kitchen/kitchen.module';
import { LarderModule } from '../larder/larder.module';
import { LogModule } from '../log/log.module';
import { OvenThermometerModule } from '../ovenThermometer/ovenThermometer.module';
import { PairingModule } from '../pairing/pairing.module';
import { ProbeModule } from '../probe/probe.module';
import { StandInsModule } from '../standIns/standIns.module';
import { StorageModule } from '../database/database.module';
import { ToolsModule } from '../tools/tools.module';

const requestsAMinute = 3000;

@Module({})
export class AppModule {
  static at(dataFile: string, compute: Partial<PoolOptions> = {}, wide = false): DynamicModule {
    return {
      module: AppModule,
      imports: [
        StorageModule.at(dataFile),
        ThrottlerModule.forRoot([{ ttl: 60_000, limit: requestsAMinute }]),
        BakesModule,
        KitchenModule,
        ToolsModule,
        LarderModule,
        BenchModule,
        LogModule,
        PairingModule.with(wide),
        ProbeModule,
        StandInsModule,
        OvenThermometerModule,
        ComputeModule.with(compute),
        HealthModule,
        ExchangeModule,
      ],
      providers: [{ provide: APP_GUARD, useClass: ThrottlerGuard }],
    };
  }
}
