import 'reflect-metadata';
import { devices, type Device } from '@crustallum/core/devices/failings';
import { OneOf } from '@crustallum/core/quantities/rules';

export class DeviceParam {
  @OneOf(devices) device!: Device;
}
