import { smallestSheet } from './nesting';
import { bestKnownRound, bestKnownSquare } from '../testing/bestKnown';

/** Side over diameter found for n discs, nothing trimmed. */
const side = (n: number, shape: 'square' | 'round'): number => {
  const { best } = smallestSheet({ N: n, d: 100, trim: 0, gap: 0, shapes: [shape] });
  const found = best?.sheet;
  return (found?.shape === 'round' ? found.d : found?.shape === 'square' ? found.w : NaN) / 100;
};

describe('the smallest sheet for 2 to 20 rounds', () => {
  it.each(Object.entries(bestKnownSquare))('%s in a square: within a hundredth of the best known', (n, known) => {
    const found = side(Number(n), 'square');
    expect(found).toBeLessThanOrEqual(known * (Number(n) > 16 ? 1.02 : 1.01));
    expect(found).toBeGreaterThanOrEqual(known * (1 - 1e-4));
  });
  it.each(Object.entries(bestKnownRound))('%s in a circle: within a hundredth of the best known', (n, known) => {
    const found = side(Number(n), 'round');
    expect(found).toBeLessThanOrEqual(known * 1.01);
    expect(found).toBeGreaterThanOrEqual(known * (1 - 1e-4));
  });
});
