import { Injectable } from '@nestjs/common';
import {
  asGood,
  devices,
  shownBy,
  type Device,
  type DeviceReading,
  type FailingsInput,
} from '@crustallum/core/devices/failings';

/** The stand-ins for devices that ship with the server, and how each fails: of this run of the server only. */
@Injectable()
export class StandInsService {
  private readonly failings = new Map<Device, FailingsInput>(devices.map((d) => [d, { ...asGood }]));

  all(): Record<Device, FailingsInput> {
    return Object.fromEntries(this.failings) as Record<Device, FailingsInput>;
  }

  set(device: Device, failings: FailingsInput): FailingsInput {
    this.failings.set(device, failings);
    return failings;
  }

  /** What a device shows of what a good one of its kind would. */
  shown(device: Device, good: number | null): DeviceReading {
    const failings = this.failings.get(device) ?? asGood;
    const reading = shownBy(device, good, failings, Math.random);
    this.failings.set(device, { ...failings, batteryPct: reading.batteryPct });
    return reading;
  }
}
