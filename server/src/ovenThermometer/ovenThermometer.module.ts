import { Module } from '@nestjs/common';
import { OvenThermometerController } from './ovenThermometer.controller';
import { OvenThermometerPort, StandInOvenThermometer } from './ovenThermometerPort';

@Module({
  controllers: [OvenThermometerController],
  providers: [{ provide: OvenThermometerPort, useClass: StandInOvenThermometer }],
})
export class OvenThermometerModule {}
