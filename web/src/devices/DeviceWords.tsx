import type { Device } from '@crustallum/core/devices/failings';
import { plain } from '../wording/numbers';
import { isLow, showOther, useDevice } from './ofThisKitchen';

interface Props {
  device: Device;
  /** What the reading would be in the device's other unit, where it cannot well be what it says. */
  doubt: number | null;
  write: (value: number) => string;
  /** Its silence is said elsewhere. */
  silenceSaid?: boolean;
}

const otherWords: Record<Device, readonly [other: string, asked: string, called: string]> = {
  scale: ['ounces', 'grams', 'The scale'],
  probe: ['°F', '°C', 'The probe'],
  ovenThermometer: ['°F', '°C', 'The thermometer'],
};

/** What is wrong with a device, and what is done instead: another unit, a battery that runs out, silence. A step goes on without it. */
export function DeviceWords({ device, doubt, write, silenceSaid = false }: Props) {
  const known = useDevice(device);
  const [other, asked, called] = otherWords[device];
  return (
    <>
      {doubt !== null && (
        <p className="m-0" role="status">
          Read as {known.showsOther ? asked : other} it would be {write(doubt)}, about what is expected.{' '}
          <button type="button" className="press quiet" onClick={() => showOther(device, !known.showsOther)}>
            It shows {known.showsOther ? asked : other}
          </button>
        </p>
      )}
      {known.silent && !silenceSaid ? (
        <p className="m-0" role="status">
          {called} does not answer: go on without it, or write what another shows.
        </p>
      ) : (
        isLow(known) && (
          <p className="m-0" role="status">
            {called} has {plain(known.batteryPct ?? 0, 0)} % of its battery left.
          </p>
        )
      )}
    </>
  );
}
