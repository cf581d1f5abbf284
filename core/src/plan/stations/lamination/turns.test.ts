import fc from 'fast-check';
import { foldsIn, hasBlock, lockIn, lockOf, turnRows } from './turns';
import { starterItem } from '../../starters';
import { foldNames, type FoldsInput } from '../../../contracts/folds';

const folds: FoldsInput = starterItem('handPies', 6, 'You', 'roughPuff').folds;

describe('the folds of a laminate', () => {
  it('are so many like ones, or a sequence of the cook’s own', () => {
    expect(foldsIn({ ...folds, turns: 3, fold: 4 })).toEqual(['book', 'book', 'book']);
    expect(foldsIn({ ...folds, ownFolds: ['single', 'letter'] })).toEqual(['single', 'letter']);
    expect(foldsIn({ ...folds, ownFolds: [], turns: 2, fold: 3 })).toEqual(['letter', 'letter']);
  });
  it('begin with lumps where nothing else is said; only blocks are locked in', () => {
    expect(lockIn(folds)).toBe('lumps');
    expect([lockOf(folds), lockOf({ ...folds, lock: 'half' })]).toEqual([
      { lock: 'envelope', portions: 0 },
      { lock: 'half', portions: 0 },
    ]);
    expect(lockOf({ ...folds, lock: 'spread', turns: 2 }).portions).toBe(2);
    expect((['lumps', 'spread', 'envelope', 'inverse'] as const).map((lock) => hasBlock({ ...folds, lock }))).toEqual([
      false,
      false,
      true,
      true,
    ]);
  });
});

describe('the sizes of turns', () => {
  it('keep the volume from packet to sheet to packet, thin in passes of at most one and a half, and spread all of the fat', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...foldNames), { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 100, max: 3000 }),
        fc.integer({ min: 200, max: 800 }),
        fc.boolean(),
        (ownFolds, grams, rolledLengthMm, spread) => {
          const volume = grams * 900;
          const rows = turnRows({ ...folds, ownFolds, rolledLengthMm, lock: spread ? 'spread' : 'half' }, volume, 200);
          for (const r of rows) {
            expect(r.lengthMm * r.widthMm * r.rolledMm).toBeCloseTo(volume, 3);
            expect(r.foldedLengthMm * r.widthMm * r.foldedMm).toBeCloseTo(volume, 3);
            expect(r.passMm).toHaveLength(r.passes);
            r.passMm.reduce(
              (before, after) => {
                expect(before / after).toBeLessThanOrEqual(1.5 + 1e-6);
                return after;
              },
              Math.max(r.fromMm, r.rolledMm),
            );
          }
          expect(rows.reduce((sum, r) => sum + r.spreadG, 0)).toBeCloseTo(spread ? 200 : 0, 6);
        },
      ),
    );
  });
});
