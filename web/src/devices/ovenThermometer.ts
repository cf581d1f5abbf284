import { ask } from './ofThisKitchen';

/** A thermometer in the oven as the application sees one; null when it does not answer. */
export interface OvenThermometer {
  read(asked: { setC: number; sinceOnMin: number }): Promise<number | null>;
}

/** The stand-in that ships with the server. */
export const ovenThermometer: OvenThermometer = {
  read: (asked) => ask('ovenThermometer', '/api/oven-thermometer/read', asked),
};
