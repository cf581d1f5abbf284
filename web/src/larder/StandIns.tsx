import { asGood, devices, lowBatteryPct, type Device, type FailingsInput } from '@crustallum/core/devices/failings';
import { useEffect, useState } from 'react';
import { makeFail, showOther, standIns, useDevice } from '../devices/ofThisKitchen';
import { scale } from '../devices/scale';
import { Pick } from '../design/ui/Pick';

const called: Record<Device, string> = {
  scale: 'Scale',
  probe: 'Probe in the pastry',
  ovenThermometer: 'Thermometer in the oven',
};
const unitsOf: Record<Device, readonly [asked: string, other: string]> = {
  scale: ['grams', 'ounces'],
  probe: ['°C', '°F'],
  ovenThermometer: ['°C', '°F'],
};
/** So many of its readings do not come where it fails now and then. */
const nowAndThen = 0.3;
const noisyTimes = 6;

/** Devices this kitchen reads: how each is read, and how its stand-in fails, to see what the bench does then. */
export default function StandIns() {
  const [failings, setFailings] = useState<Partial<Record<Device, FailingsInput>>>({});
  const [away, setAway] = useState(false);
  useEffect(() => {
    let current = true;
    void standIns().then((found) => {
      if (!current) return;
      setAway(found === null);
      setFailings({ ...(found ?? {}), scale: scale.failings });
    });
    return () => {
      current = false;
    };
  }, []);
  const change = async (device: Device, part: Partial<FailingsInput>) => {
    const next = { ...(failings[device] ?? asGood), ...part };
    if (device === 'scale') scale.failings = next;
    else if (!(await makeFail(device, next))) {
      setAway(true);
      return;
    }
    setFailings((all) => ({ ...all, [device]: next }));
  };
  return (
    <section aria-label="Devices" style={{ maxWidth: 660 }}>
      <h2 className="sign mb-1">Devices</h2>
      <p className="m-0">
        A scale, a probe and an oven thermometer stand in for yours. Each can be made to fail, to see that the bench
        goes on.
      </p>
      {away && (
        <p className="problem m-0" role="alert">
          The server does not answer: its stand-ins stay as they are.
        </p>
      )}
      {devices.map((device) => (
        <One
          key={device}
          device={device}
          failings={failings[device] ?? asGood}
          change={(part) => void change(device, part)}
        />
      ))}
    </section>
  );
}

function One({
  device,
  failings,
  change,
}: {
  device: Device;
  failings: FailingsInput;
  change: (part: Partial<FailingsInput>) => void;
}) {
  const { showsOther } = useDevice(device);
  const [asked, other] = unitsOf[device];
  const answers =
    failings.dropOuts >= 1 ? 'lost' : failings.dropOuts > 0 ? 'nowAndThen' : failings.noise > 0 ? 'noisy' : 'good';
  const battery = failings.batteryPct <= 0 ? 'empty' : failings.batteryPct <= lowBatteryPct ? 'low' : 'full';
  return (
    <fieldset className="m-0 border-0 p-0 pt-2">
      <legend className="p-0" style={{ fontWeight: 640 }}>
        {called[device]}
      </legend>
      <Pick
        label={`${called[device]}: read as`}
        value={showsOther ? 'other' : 'asked'}
        options={[
          ['asked', asked],
          ['other', other],
        ]}
        onChange={(word) => showOther(device, word === 'other')}
      />
      <Pick
        label={`${called[device]}: the stand-in shows`}
        value={failings.shows}
        options={[
          ['asked', asked],
          ['other', other],
        ]}
        onChange={(shows) => change({ shows })}
      />
      <Pick
        label={`${called[device]}: the stand-in answers`}
        value={answers}
        options={[
          ['good', 'well'],
          ['noisy', 'shakily'],
          ['nowAndThen', 'now and then'],
          ['lost', 'never'],
        ]}
        onChange={(word) =>
          change({
            dropOuts: word === 'lost' ? 1 : word === 'nowAndThen' ? nowAndThen : 0,
            noise: word === 'noisy' ? noisyTimes : 0,
          })
        }
      />
      <Pick
        label={`${called[device]}: its battery`}
        value={battery}
        options={[
          ['full', 'full'],
          ['low', 'nearly empty'],
          ['empty', 'empty'],
        ]}
        onChange={(word) => change({ batteryPct: word === 'full' ? 100 : word === 'low' ? lowBatteryPct - 2 : 0 })}
      />
    </fieldset>
  );
}
