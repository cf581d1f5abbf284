import { HttpException, Injectable } from '@nestjs/common';
import type { DeviceReading } from '@crustallum/core/devices/failings';
import { ComputePool } from '../compute/pool';
import { StandInsService } from '../standIns/standIns.service';

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

/** A thermometer in the pastry as the server sees one: what it shows, null when it does not answer, and its battery. */
export abstract class ProbePort {
  abstract read(place: ProbePlace): Promise<DeviceReading>;
}

/** A number of the run's own, so that each run has its hidden kitchen and keeps it. */
const seedOf = (runId: string): number => Number.parseInt(runId.replace(/-/g, '').slice(0, 8), 16) | 0;

/**
 * The stand-in that ships with the server: the same physics as the forecast, in a kitchen whose coefficients, room and start
 * nobody was told, with the lag, noise and drop-outs of a cheap probe.
 */
@Injectable()
export class StandInProbe extends ProbePort {
  constructor(
    private readonly pool: ComputePool,
    private readonly standIns: StandInsService,
  ) {
    super();
  }

  async read({ runId, ...place }: ProbePlace): Promise<DeviceReading> {
    const { ok, json } = await this.pool.run('plan.probe', { ...place, seed: seedOf(runId) });
    const answer = JSON.parse(json) as { value: { valueC: number | null } };
    if (!ok) throw new HttpException(answer, 422);
    return this.standIns.shown('probe', answer.value.valueC);
  }
}
