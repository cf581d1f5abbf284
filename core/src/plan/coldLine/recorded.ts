import type { ColdLine } from './line';
import type { ItemInput } from '../../contracts/item';

/** Longest and shortest a step can be told to differ, min: the rule of the input. */
const [shorter, longer] = [-120, 600];

/** The item as it was really worked: every step whose minutes were recorded made as long as it was. */
export function asWorked(item: ItemInput, planned: ColdLine, actualMin: ReadonlyMap<string, number>): ItemInput {
  const before = new Map((item.clock.longer ?? []).map((l) => [l.stepId, l.minutes]));
  const changed = planned.stretches.flatMap((s) => {
    const actual = actualMin.get(s.stepId);
    if (actual === undefined) return [];
    const minutes = Math.max(shorter, Math.min(longer, (before.get(s.stepId) ?? 0) + actual - s.minutes));
    return Math.abs(minutes) < 0.05 ? [] : [{ stepId: s.stepId, minutes }];
  });
  const told = new Set(changed.map((c) => c.stepId));
  const kept = (item.clock.longer ?? []).filter((l) => !told.has(l.stepId) && !actualMin.has(l.stepId));
  return { ...item, clock: { ...item.clock, longer: [...kept, ...changed].slice(0, 40) } };
}

/** Minutes at the bench outside the band: over it for fat, under it for leaves. */
export function minutesOutside(line: ColdLine): number {
  const leaf = line.medium === 'leaf';
  const out = (v: number) => (leaf ? v < line.band.low : v > line.band.high);
  let sum = 0;
  for (const s of line.stretches) {
    if (s.kind !== 'bench' || s.leavesBandAt === null) continue;
    for (let i = 1; i < s.at.length; i++) {
      const [a, b] = [s.value[i - 1], s.value[i]];
      const minutes = s.at[i] - s.at[i - 1];
      if (out(a) && out(b)) sum += minutes;
      else if (out(a) !== out(b)) {
        const edge = leaf ? line.band.low : line.band.high;
        const share = Math.abs((edge - a) / (b - a || 1));
        sum += minutes * (out(a) ? share : 1 - share);
      }
    }
  }
  return sum;
}
