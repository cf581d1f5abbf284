import { compute } from '@crustallum/core';
import { HttpException, Injectable } from '@nestjs/common';

/** Where a probe is put and when it is read. */
export interface ProbePlace {
  runId: string;
  /** The item and kitchen as they were copied to the bench. */
  item: unknown;
  kitchen: unknown;
  stepId: string;
  /** Minutes into the step. */
  minute: number;
}

/** A thermometer in the pastry as the server sees one; null when it does not answer. */
export abstract class ProbePort {
  abstract read(place: ProbePlace): number | null;
}

/** A number of the run's own, so that each run has its hidden kitchen and keeps it. */
const seedOf = (runId: string): number => Number.parseInt(runId.replace(/-/g, '').slice(0, 8), 16) | 0;

/**
 * The stand-in that ships with the server: the same physics as the forecast, in a kitchen whose coefficients, room and start
 * nobody was told, with the lag, noise and drop-outs of a cheap probe.
 */
@Injectable()
export class StandInProbe extends ProbePort {
  read({ runId, ...place }: ProbePlace): number | null {
    const answer = compute('plan.probe', { ...place, seed: seedOf(runId) });
    if (!answer.ok) throw new HttpException(answer, 422);
    return (answer.value as { valueC: number | null }).valueC;
  }
}
