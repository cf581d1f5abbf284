import { dateOrders, type DateOrder } from '@crustallum/core/quantities/amounts/readMoment';
import { heatScales, lengthScales, massScales, type Scales } from '@crustallum/core/quantities/amounts/asRead';

/** How this device writes: heats, weights, lengths, hours and dates. Inputs understand all of them at all times. */
export interface Units extends Scales {
  hours: 24 | 12;
  order: DateOrder;
  /** First day of the week: 0 Sunday, 1 Monday, 6 Saturday. */
  weekStart: 0 | 1 | 6;
}

export const metricUnits: Units = { heat: 'C', mass: 'g', length: 'mm', hours: 24, order: 'dmy', weekStart: 1 };

const kept = 'crustallum.units';

/** What a browser set to this language is likely to want; a guess, chosen beforehand where it is asked. */
export function guessedUnits(language: string): Units {
  const [tongue, land = ''] = language.split('-');
  if (land === 'US') return { heat: 'F', mass: 'oz', length: 'in', hours: 12, order: 'mdy', weekStart: 0 };
  const twelve = tongue === 'en' && ['AU', 'CA', 'NZ', 'IN', 'PH'].includes(land);
  const order: DateOrder = ['zh', 'ja', 'ko', 'hu', 'lt', 'sv'].includes(tongue ?? '') ? 'ymd' : 'dmy';
  return {
    ...metricUnits,
    hours: twelve ? 12 : 24,
    order,
    weekStart: ['CA', 'JP', 'IL', 'BR', 'IN', 'PH'].includes(land) ? 0 : 1,
  };
}

const oneOf = <T>(list: readonly T[], value: unknown, fallback: T): T =>
  list.includes(value as T) ? (value as T) : fallback;

function read(): Units {
  try {
    const found = JSON.parse(localStorage.getItem(kept) ?? 'null') as Partial<Units> | null;
    if (!found) return metricUnits;
    return {
      heat: oneOf(heatScales, found.heat, 'C'),
      mass: oneOf(massScales, found.mass, 'g'),
      length: oneOf(lengthScales, found.length, 'mm'),
      hours: oneOf([24, 12], found.hours, 24),
      order: oneOf(dateOrders, found.order, 'dmy'),
      weekStart: oneOf([0, 1, 6], found.weekStart, 1),
    };
  } catch {
    return metricUnits;
  }
}

let now: Units | null = null;
const heard = new Set<() => void>();

/** How this device writes now. */
export const units = (): Units => (now ??= read());

/** Whether the cook said how it is to write. */
export const unitsSaid = (): boolean => localStorage.getItem(kept) !== null;

export function setUnits(next: Units): void {
  now = next;
  localStorage.setItem(kept, JSON.stringify(next));
  heard.forEach((hear) => hear());
}

/** Hears of every change: what is drawn is drawn anew. */
export function onUnits(hear: () => void): () => void {
  heard.add(hear);
  return () => heard.delete(hear);
}
