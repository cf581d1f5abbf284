import { ask } from './ofThisKitchen';

/** Where a probe is put and when it is read. */
export interface ProbePlace {
  runId: string;
  itemIndex: number;
  stepId: string;
  /** Minutes into the step. */
  minute: number;
}

/** A thermometer in the pastry as the application sees one; null when it does not answer. */
export interface Probe {
  read(place: ProbePlace): Promise<number | null>;
}

/** The stand-in that ships with the server. */
export const probe: Probe = { read: (place) => ask('probe', '/api/probe/read', place) };
