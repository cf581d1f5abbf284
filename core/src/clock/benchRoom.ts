import type { KitchenInput } from '../contracts/kitchen';
import type { Step, TimedStep } from '../plan/steps/codes';

/** Work on pastry that wants a place at the bench: everything but the brush and what is done at the oven. */
export const isAtBench = (s: Pick<Step, 'kind' | 'strand' | 'code'>): boolean =>
  s.kind === 'bench' && s.strand === 'pastry' && s.code !== 'glaze' && s.code !== 'weightsOut';

/** How many can work at the bench at once, where the kitchen says so and it is fewer than there are cooks. */
export const benchPlacesOf = ({ benchPlaces, cooks }: Pick<KitchenInput, 'benchPlaces' | 'cooks'>): number | null =>
  benchPlaces && benchPlaces < cooks.length ? benchPlaces : null;

/** Work at the bench that goes on at once with some other. */
export const meetsAtBench = (s: TimedStep, others: readonly TimedStep[]): TimedStep[] =>
  isAtBench(s)
    ? others.filter(
        (o) =>
          o !== s &&
          isAtBench(o) &&
          o.startMin < s.startMin + s.minutes - 1e-6 &&
          s.startMin < o.startMin + o.minutes - 1e-6,
      )
    : [];

/** When more are first at the bench than have room there, minutes from the table; null where that is never. */
export function benchFull(laid: readonly TimedStep[], kitchen: KitchenInput): { atMin: number; works: number } | null {
  const places = benchPlacesOf(kitchen);
  if (places === null) return null;
  const works = laid.filter(isAtBench).sort((a, b) => a.startMin - b.startMin);
  for (const s of works) {
    const now = works.filter((o) => o.startMin <= s.startMin + 1e-6 && s.startMin < o.startMin + o.minutes - 1e-6);
    if (now.length > places) return { atMin: s.startMin, works: now.length };
  }
  return null;
}
