import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { ReadOvenThermometerDto } from './ovenThermometer.dto';
import { OvenThermometerPort } from './ovenThermometerPort';

@ApiTags('oven thermometer')
@Controller('oven-thermometer')
export class OvenThermometerController {
  constructor(private readonly thermometer: OvenThermometerPort) {}

  @Post('read') @HttpCode(200) async read(@Body() asked: ReadOvenThermometerDto) {
    const { value, batteryPct } = await this.thermometer.read(asked);
    return { valueC: value, batteryPct };
  }
}
