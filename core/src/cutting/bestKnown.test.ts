import { smallestSheet } from './nesting';
import { bestKnownRound, bestKnownSquare } from '../testing/bestKnown';

/** Side over diameter found for n discs, nothing trimmed. */
const side = (n: number, shape: 'square' | 'round'): number => {
  const { best } = smallestSheet({ N: n, d: 100, trim: 0, gap: 0, shapes: [shape] });
  const found = best?.sheet;
  return (found?.shape === 'round' ? found.d : found?.shape === 'square' ? found.w : NaN) / 100;
};

/** A few of each here; all of 2 to 20 are looked at by `npm run benchmark`. */
const sampled = ['5', '7', '10', '13', '17'];
const some = (known: Record<number, number>) => Object.entries(known).filter(([n]) => sampled.includes(n));

describe('the smallest sheet for 2 to 20 rounds', () => {
  it.each(some(bestKnownSquare))('%s in a square: within a hundredth of the best known', (n, known) => {
    const found = side(Number(n), 'square');
    expect(found).toBeLessThanOrEqual(known * (Number(n) > 16 ? 1.02 : 1.01));
    expect(found).toBeGreaterThanOrEqual(known * (1 - 1e-4));
  });
  it.each(some(bestKnownRound))('%s in a circle: within a hundredth of the best known', (n, known) => {
    const found = side(Number(n), 'round');
    expect(found).toBeLessThanOrEqual(known * 1.01);
    expect(found).toBeGreaterThanOrEqual(known * (1 - 1e-4));
  });
});
