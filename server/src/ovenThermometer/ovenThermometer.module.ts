import { Module } from '@nestjs/common';
import { StandInsModule } from '../standIns/standIns.module';
import { OvenThermometerController } from './ovenThermometer.controller';
import { OvenThermometerPort, StandInOvenThermometer } from './ovenThermometerPort';

@Module({
  imports: [StandInsModule],
  controllers: [OvenThermometerController],
  providers: [{ provide: OvenThermometerPort, useClass: StandInOvenThermometer }],
})
export class OvenThermometerModule {}
