import type { RunEventInput } from '@crustallum/core/contracts/run';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';

const fields = ['benchFactor', 'fridgeFactor'] as const;
export interface Probed {
  field: (typeof fields)[number];
  value: number;
}

/** What a run's probe found of bench and fridge for one item: the last of each, as it had the most readings. */
export function probedOf(events: readonly RunEventInput[], itemIndex: number): Probed[] {
  const found = new Map<Probed['field'], number>();
  for (const e of events) {
    const keeps = e.data['keeps'] as Partial<Probed> | undefined;
    if (e.type !== 'probe' || e.data['itemIndex'] !== itemIndex || !keeps) continue;
    const field = fields.find((f) => f === keeps.field);
    if (field && typeof keeps.value === 'number') found.set(field, keeps.value);
  }
  return [...found].map(([field, value]) => ({ field, value }));
}

/** The kitchen with what was found put to what was known: the geometric mean, so that one day does not turn it over. */
export const learnt = (kitchen: KitchenInput, probed: readonly Probed[]): KitchenInput => ({
  ...kitchen,
  ...Object.fromEntries(probed.map(({ field, value }) => [field, Math.sqrt((kitchen[field] ?? 1) * value)])),
});
