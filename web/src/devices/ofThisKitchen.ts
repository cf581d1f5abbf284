import { devices, fromOther, lowBatteryPct, type Device, type FailingsInput } from '@crustallum/core/devices/failings';
import { useSyncExternalStore } from 'react';

/** What this device knows of those it reads: whether one shows its other unit, its battery, whether it is silent. */
interface Known {
  showsOther: boolean;
  batteryPct: number | null;
  silent: boolean;
}

const key = 'crustallum.devices.showOther';
const listeners = new Set<() => void>();

function stored(): readonly string[] {
  try {
    const list: unknown = JSON.parse(localStorage.getItem(key) ?? '[]');
    return Array.isArray(list) ? list.map(String) : [];
  } catch {
    return [];
  }
}
let known = Object.fromEntries(
  devices.map((d): [Device, Known] => [d, { showsOther: stored().includes(d), batteryPct: null, silent: false }]),
) as Record<Device, Known>;

function put(device: Device, part: Partial<Known>): void {
  const before = known[device];
  if ((Object.keys(part) as (keyof Known)[]).every((k) => before[k] === part[k])) return;
  known = { ...known, [device]: { ...before, ...part } };
  for (const listener of listeners) listener();
}
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** A device's unit as this screen takes it: said once, kept on the screen. */
export function showOther(device: Device, showsOther: boolean): void {
  put(device, { showsOther });
  try {
    localStorage.setItem(key, JSON.stringify(devices.filter((d) => known[d].showsOther)));
  } catch {
    // a private window forgets it: it is asked about again
  }
}

/** Told when a device is said to show another unit than it did: what it showed means something else then. */
export function onUnit(device: Device, listener: () => void): () => void {
  let before = known[device].showsOther;
  return subscribe(() => {
    const { showsOther } = known[device];
    if (showsOther === before) return;
    before = showsOther;
    listener();
  });
}

/** What a device says, in the unit that is asked for; its battery and silence are noted. */
export function heard(device: Device, shown: number | null, batteryPct: number | null): number | null {
  put(device, { silent: shown === null, batteryPct: batteryPct === null ? null : Math.round(batteryPct) });
  return shown !== null && known[device].showsOther ? fromOther(device, shown) : shown;
}

export const useDevice = (device: Device): Known => useSyncExternalStore(subscribe, () => known[device]);
export const isLow = ({ batteryPct }: Known): boolean => batteryPct !== null && batteryPct <= lowBatteryPct;

/** Asks a device behind the server; silent without the server, as a real one out of reach. */
export async function ask(device: Exclude<Device, 'scale'>, path: string, body: object): Promise<number | null> {
  try {
    const answer = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (!answer.ok) return heard(device, null, null);
    const { valueC, batteryPct } = (await answer.json()) as { valueC: number | null; batteryPct?: number };
    const shown = typeof valueC === 'number' && Number.isFinite(valueC) ? valueC : null;
    return heard(device, shown, batteryPct ?? null);
  } catch {
    return heard(device, null, null);
  }
}

/** The stand-ins' failings, as the server has them; null where it does not answer. */
export async function standIns(): Promise<Record<Device, FailingsInput> | null> {
  const answer = await fetch('/api/stand-ins').catch(() => null);
  return answer?.ok ? ((await answer.json()) as Record<Device, FailingsInput>) : null;
}

/** Makes a stand-in fail so. */
export async function makeFail(device: Device, failings: FailingsInput): Promise<boolean> {
  const answer = await fetch(`/api/stand-ins/${device}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(failings),
  }).catch(() => null);
  return answer?.ok ?? false;
}
