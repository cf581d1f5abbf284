import { Injectable } from '@nestjs/common';
import type { DeviceReading } from '@crustallum/core/devices/failings';
import { readOvenThermometer } from '@crustallum/core/oven/hiddenOven';
import { StandInsService } from '../standIns/standIns.service';

/** A thermometer in the oven as the server sees one: what it shows, null when it does not answer, and its battery. */
export abstract class OvenThermometerPort {
  abstract read(asked: { setC: number; sinceOnMin: number }): Promise<DeviceReading>;
}

/** The one hidden oven of the stand-in: any number, kept, so that it is the same oven every day. */
const seed = 20_261_212;

/** The stand-in that ships with the server: one hidden oven, off its dial and swinging, read by a thermometer that lags. */
@Injectable()
export class StandInOvenThermometer extends OvenThermometerPort {
  constructor(private readonly standIns: StandInsService) {
    super();
  }

  read(asked: { setC: number; sinceOnMin: number }): Promise<DeviceReading> {
    return Promise.resolve(this.standIns.shown('ovenThermometer', readOvenThermometer({ ...asked, seed }).valueC));
  }
}
