import type { OvenNeed, PlannerOven } from './instance';

/** A bake in one oven. */
export interface InOven {
  step: number;
  start: number;
  end: number;
  need: OvenNeed;
}

/** The one setting of bakes in together, °C: their mean rounded to 5, within what all bear; null where there is none. */
export function settingOf(oven: PlannerOven, needs: readonly OvenNeed[]): number | null {
  let [low, high, sum] = [oven.tMin, oven.tMax, 0];
  for (const { temp, tol } of needs) {
    low = Math.max(low, temp - tol);
    high = Math.min(high, temp + tol);
    sum += temp;
  }
  if (low > high) return null;
  const mean = Math.floor((2 * sum + 5 * needs.length) / (10 * needs.length)) * 5;
  return Math.max(low, Math.min(high, mean));
}

export interface Batch {
  start: number;
  end: number;
  temp: number | null;
  bakes: InOven[];
}

/** Bakes in order, those that overlap together. */
export function batchesOf(oven: PlannerOven, bakes: readonly InOven[]): Batch[] {
  const sorted = [...bakes].sort((a, b) => a.start - b.start || a.end - b.end || a.step - b.step);
  const batches: Batch[] = [];
  for (const b of sorted) {
    const last = batches[batches.length - 1];
    if (last && b.start < last.end) {
      last.bakes.push(b);
      last.end = Math.max(last.end, b.end);
    } else batches.push({ start: b.start, end: b.end, temp: null, bakes: [b] });
  }
  for (const batch of batches)
    batch.temp = settingOf(
      oven,
      batch.bakes.map((b) => b.need),
    );
  return batches;
}

/** Minutes from one setting to another. */
export const changeMin = (oven: PlannerOven, from: number, to: number): number =>
  to > from ? Math.ceil((to - from) / oven.heat) : Math.ceil((from - to) / oven.cool);

/** Whether the bakes of one oven can be as they are: shelves, doors, a setting for each batch, and (unless put off) heating between. */
export function ovenHolds(
  oven: PlannerOven,
  bakes: readonly InOven[],
  awake: (minute: number) => boolean,
  notBefore: number,
  putOff: boolean,
  /** What is in already: the oven is on for it. */
  isIn: (step: number) => boolean,
): boolean {
  for (const a of bakes) {
    let slots = 0;
    for (const b of bakes) {
      if (b.start <= a.start && a.start < b.end) slots += b.need.slots;
      if (a !== b && a.need.shut) {
        const opens = (m: number) => m > a.start && m < a.start + (a.need.shut as number);
        if (opens(b.start) || opens(b.end)) return false;
      }
    }
    if (slots > oven.slots) return false;
  }
  const batches = batchesOf(oven, bakes);
  let before: Batch | null = null;
  for (const batch of batches) {
    if (batch.temp === null) return false;
    if (!putOff && !isIn(batch.bakes[0].step)) {
      const gap = before ? batch.start - before.end : Infinity;
      if (before && gap <= oven.keepOn) {
        if (gap < changeMin(oven, before.temp as number, batch.temp)) return false;
      } else {
        const on = batch.start - Math.ceil((batch.temp - oven.ambient) / oven.heat);
        if (on < notBefore || (before && on < before.end) || !awake(on)) return false;
      }
    }
    before = batch;
  }
  return true;
}
