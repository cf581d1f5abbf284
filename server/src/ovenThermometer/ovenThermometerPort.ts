import { Injectable } from '@nestjs/common';
import { readOvenThermometer } from '@crustallum/core/oven/hiddenOven';

/** A thermometer in the oven as the server sees one; null when it does not answer. */
export abstract class OvenThermometerPort {
  abstract read(asked: { setC: number; sinceOnMin: number }): Promise<number | null>;
}

/** The one hidden oven of the stand-in: any number, kept, so that it is the same oven every day. */
const seed = 20_261_212;

/** The stand-in that ships with the server: one hidden oven, off its dial and swinging, read by a thermometer that lags. */
@Injectable()
export class StandInOvenThermometer extends OvenThermometerPort {
  read(asked: { setC: number; sinceOnMin: number }): Promise<number | null> {
    return Promise.resolve(readOvenThermometer({ ...asked, seed }).valueC);
  }
}
