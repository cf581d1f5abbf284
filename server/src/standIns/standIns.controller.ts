import { Body, Controller, Get, Param, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { FailingsInput } from '@crustallum/core/devices/failings';
import { DeviceParam } from './standIns.dto';
import { StandInsService } from './standIns.service';

@ApiTags('stand-ins')
@Controller('stand-ins')
export class StandInsController {
  constructor(private readonly standIns: StandInsService) {}

  @Get() all() {
    return this.standIns.all();
  }

  @Put(':device') set(@Param() { device }: DeviceParam, @Body() failings: FailingsInput) {
    return this.standIns.set(device, failings);
  }
}
