import type { KitchenInput } from '../contracts/kitchen';
import type { Step, TimedStep } from '../plan/steps/codes';
import type { Scheduled } from './scheduled';

export const coldRooms = ['fridge', 'freezer'] as const;
export type ColdRoom = (typeof coldRooms)[number];

/** Trays that a kitchen has room for where it is cold; null where nobody said. */
export const roomFor = (kitchen: Pick<KitchenInput, 'fridgeTrays' | 'freezerTrays'>, place: ColdRoom): number | null =>
  (place === 'fridge' ? kitchen.fridgeTrays : kitchen.freezerTrays) ?? null;

/** Where a step lies in the cold, and the trays it takes there; null for one that takes none. */
export function takenBy(item: Scheduled, s: Pick<Step, 'id' | 'values'>): { place: ColdRoom; trays: number } | null {
  const trays = item.lies?.[s.id];
  const place = coldRooms.find((p) => p === s.values['place']);
  return trays && place ? { place, trays } : null;
}

/** A moment at which more lies in the cold than there is room for, minutes from the table. */
export interface Overfull {
  place: ColdRoom;
  atMin: number;
  trays: number;
  room: number;
}

/** Of each cold place that is ever overfull, when it is fullest; what is full is counted to a hundredth of a tray. */
export function overfull(items: readonly Scheduled[], laid: readonly TimedStep[], kitchen: KitchenInput): Overfull[] {
  return coldRooms.flatMap((place): Overfull[] => {
    const room = roomFor(kitchen, place);
    if (room === null) return [];
    const lies = laid.flatMap((s) => {
      const taken = takenBy(items[s.itemIndex], s);
      return taken?.place === place && s.minutes > 0
        ? [{ from: s.startMin, to: s.startMin + s.minutes, trays: taken.trays }]
        : [];
    });
    const at = (minute: number) => lies.reduce((sum, l) => sum + (l.from <= minute && minute < l.to ? l.trays : 0), 0);
    const fullest = lies.map((l) => l.from).sort((a, b) => at(b) - at(a) || a - b)[0];
    return fullest !== undefined && at(fullest) > room + 0.01
      ? [{ place, atMin: fullest, trays: at(fullest), room }]
      : [];
  });
}
