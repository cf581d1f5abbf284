import { RefusedInput, within } from '../quantities/refusal';
import { ballMass } from './piece';
import { minimumDough, type ReRollOptions } from './reRolls';

/** One way of making N pieces out of dough. */
export interface Way {
  way: 'rounds' | 'squares' | 'balls';
  rerolls: number;
  /** Null when no sheet on this bench holds them so. */
  doughG: number | null;
  /** What is not in a piece. */
  leftG: number;
}

/**
 * N pieces of D × t compared: rounds cut once, with one and with two re-rolls; squares of the same area; and equal balls rolled
 * out one by one, of which nothing is left.
 */
export function compareWays(o: Omit<ReRollOptions, 'mass' | 'need' | 'first' | 'shape'> & { N: number }): Way[] {
  const N = within(o.N, 1, 200, 'N');
  const made = (way: Way['way'], maxRerolls: number, square: boolean): Way => {
    const side = (o.D * Math.sqrt(Math.PI)) / 2;
    try {
      const { mass, plan } = minimumDough({
        ...o,
        maxRerolls,
        ...(square ? { D: side, shape: { kind: 'rect', a: side, b: side } as const, gap: 0 } : {}),
      });
      return { way, rerolls: maxRerolls, doughG: mass, leftG: plan.saved + plan.lost };
    } catch (error) {
      if (!(error instanceof RefusedInput)) throw error;
      return { way, rerolls: maxRerolls, doughG: null, leftG: 0 };
    }
  };
  return [
    made('rounds', 0, false),
    made('rounds', 1, false),
    made('rounds', 2, false),
    made('squares', 0, true),
    { way: 'balls', rerolls: 0, doughG: N * ballMass(o.D, o.t, o.rho), leftG: 0 },
  ];
}
