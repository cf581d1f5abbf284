import { Module } from '@nestjs/common';
import { BakesModule } from '../bakes/bakes.module';
import { KitchenModule } from '../kitchen/kitchen.module';
import { LarderModule } from '../larder/larder.module';
import { LogModule } from '../log/log.module';
import { ToolsModule } from '../tools/tools.module';
import { ImportService } from './import.service';

@Module({ imports: [BakesModule, KitchenModule, ToolsModule, LarderModule, LogModule], providers: [ImportService] })
export class ExchangeModule {}
