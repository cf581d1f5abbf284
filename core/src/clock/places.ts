import type { KitchenInput } from '../contracts/kitchen';
import type { StepCode, TimedStep } from '../plan/steps/codes';

/** What of a kitchen some work takes to itself: room at the bench, the scale, the mixing machine, the pots of fillings. */
export const places = ['bench', 'scale', 'mixer', 'pots'] as const;
export type Place = (typeof places)[number];

type Working = Pick<TimedStep, 'kind' | 'strand' | 'code' | 'values'>;

/** Pastry brushed, or lifted at the oven, wants no place at the bench. */
const besideBench: ReadonlySet<StepCode> = new Set(['glaze', 'weightsOut']);

/** Whether a filling is in its pot while a step lasts. */
export const holdsPot = (s: Pick<TimedStep, 'code' | 'values'>): boolean =>
  s.code === 'cookFilling' || (s.code === 'coolFilling' && s.values['vessel'] === 'pot');

/** Whether a step takes a place while it lasts. */
const takes: Record<Place, (s: Working) => boolean> = {
  bench: (s) => s.kind === 'bench' && s.strand === 'pastry' && !besideBench.has(s.code),
  scale: (s) => s.code === 'weigh',
  mixer: (s) => Number(s.values['machine']) > 0,
  pots: (s) => holdsPot(s) || s.code === 'washPot',
};

/** Which field of the kitchen says how many at once have a place. */
export const placeFields = {
  bench: 'benchPlaces',
  scale: 'scales',
  mixer: 'mixers',
  pots: 'pots',
} as const satisfies Record<Place, keyof KitchenInput>;

/** Scales and mixing machines of a household, where nobody said. */
export const usualScales = 1;
export const usualMixers = 1;

/** How much of each there is at once; null where nobody said and it is not reckoned with. */
const roomOf = ({ benchPlaces, scales, mixers, pots, cooks }: KitchenInput): Record<Place, number | null> => ({
  bench: benchPlaces && benchPlaces < cooks.length ? benchPlaces : null,
  scale: scales ?? usualScales,
  mixer: mixers ?? usualMixers,
  pots: pots ?? null,
});

/** The places of a kitchen that are reckoned with, and how many work there at once. */
export const placesOf = (kitchen: KitchenInput): { id: Place; cap: number }[] => {
  const room = roomOf(kitchen);
  return places.flatMap((id) => {
    const cap = room[id];
    return cap === null ? [] : [{ id, cap }];
  });
};

/** What a step takes of some places while it lasts. */
export const takenOf = (s: Working, of: readonly { id: Place }[]): Partial<Record<Place, number>> =>
  Object.fromEntries(of.flatMap(({ id }) => (takes[id](s) ? [[id, 1]] : [])));

/** The places that more steps of a day take than could at once: of the others there is always room. */
export const scarcePlaces = (steps: readonly Working[], kitchen: KitchenInput): { id: Place; cap: number }[] =>
  placesOf(kitchen).filter(({ id, cap }) => steps.filter((s) => takes[id](s)).length > cap);

/** Steps that take a place while another that takes it goes on. */
export const meetsAt = (place: Place, s: TimedStep, others: readonly TimedStep[]): TimedStep[] =>
  takes[place](s)
    ? others.filter(
        (o) =>
          o !== s &&
          takes[place](o) &&
          o.startMin < s.startMin + s.minutes - 1e-6 &&
          s.startMin < o.startMin + o.minutes - 1e-6,
      )
    : [];

/** Of each place, when more want it at once than it has room for, the first time, minutes from the table. */
export const placesFull = (
  laid: readonly TimedStep[],
  kitchen: KitchenInput,
): { place: Place; atMin: number; works: number; room: number }[] =>
  placesOf(kitchen).flatMap(({ id, cap }) => {
    const users = laid.filter((s) => takes[id](s)).sort((a, b) => a.startMin - b.startMin);
    for (const s of users) {
      const now = users.filter((o) => o.startMin <= s.startMin + 1e-6 && s.startMin < o.startMin + o.minutes - 1e-6);
      if (now.length > cap) return [{ place: id, atMin: s.startMin, works: now.length, room: cap }];
    }
    return [];
  });

/** Whether more fillings are cooked in a day than there are pots: one is washed then before the next has it. */
export const washesPots = (fillingsCooked: number, { pots }: Pick<KitchenInput, 'pots'>): boolean =>
  pots != null && fillingsCooked > pots;
