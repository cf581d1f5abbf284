import type { Station } from '../contracts/stations';

/** Something that does not work out: which station, which two inputs disagree, and the smallest change that would do, if known. */
export interface Problem {
  station: Station;
  code: string;
  fields: string[];
  values: Record<string, number | string>;
  /** `stop`: the station cannot be settled; `warn`: it can. */
  weight: 'stop' | 'warn';
}
