import * as fc from 'fast-check';
import { handAnswers, handTest, isAskedByHand, relaxesMin, windowAnswers, windowTest, type Reckoned } from './handTest';

const reckoned: fc.Arbitrary<Reckoned> = fc
  .record({
    valueC: fc.double({ min: 0, max: 25, noNaN: true }),
    low: fc.double({ min: 6, max: 12, noNaN: true }),
    wide: fc.double({ min: 2, max: 9, noNaN: true }),
    standMin: fc.double({ min: 0, max: 30, noNaN: true }),
    chillMin: fc.option(fc.double({ min: 0, max: 90, noNaN: true })),
  })
  .map(({ low, wide, ...r }) => ({ ...r, band: { low, high: low + wide } }));

describe('a sheet asked by the hand', () => {
  it('that holds is gone on with; that springs back lies long enough; that cracks stands; that sticks goes to the cold', () => {
    fc.assert(
      fc.property(reckoned, (r) => {
        expect(handTest('holds', r)).toMatchObject({ does: 'goOn', minutes: 0 });
        expect(handTest('springs', r).minutes).toBeGreaterThanOrEqual(Math.max(relaxesMin, r.chillMin ?? 0));
        expect(handTest('cracks', r).minutes).toBeGreaterThanOrEqual(Math.max(1e-9, r.standMin));
        expect(handTest('sticks', r).minutes).toBe(r.chillMin);
      }),
    );
  });
  it('says what the fat must be only where the reckoning says otherwise, and always an edge of its band', () => {
    fc.assert(
      fc.property(reckoned, fc.constantFrom(...handAnswers), (r, answer) => {
        const { feelsC } = handTest(answer, r);
        if (feelsC === null) return;
        expect([r.band.low, r.band.high]).toContain(feelsC);
        expect(Math.abs(feelsC - r.valueC)).toBeGreaterThan(0.49);
      }),
    );
    const inBand = { valueC: 12, band: { low: 10, high: 16 }, standMin: 0, chillMin: 8 };
    expect(handTest('holds', inBand).feelsC).toBeNull();
    expect(handTest('cracks', inBand).feelsC).toBe(10);
    expect(handTest('sticks', inBand).feelsC).toBe(16);
    expect(handTest('springs', inBand).feelsC).toBeNull();
  });
  it('is asked where it is rolled or turned, never in the oven', () => {
    expect(['turns', 'rollOut', 'bake', 'weigh'].map((c) => isAskedByHand(c as 'turns'))).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
});

describe('a dough drawn thin over the fingers', () => {
  it('that lets light through is gone on with; anything else takes minutes, and more when it lies than when it is kneaded', () => {
    for (const code of ['kneadLeaves', 'stretchLeaves'] as const)
      for (const answer of windowAnswers) expect(windowTest(answer, code).minutes > 0).toBe(answer !== 'thins');
    expect(windowTest('tears', 'kneadLeaves').does).toBe('knead');
    expect(windowTest('tears', 'stretchLeaves').does).toBe('rest');
    expect(windowTest('springs', 'kneadLeaves').minutes).toBeGreaterThan(windowTest('tears', 'kneadLeaves').minutes);
  });
});
