import fc from 'fast-check';
import { foldsIn, hasBlock, lockIn, lockOf, turnRows } from './turns';
import { planItem } from '../../item';
import { plainKitchen, starterItem } from '../../starters';
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

describe('a turn the cook rolls to another size', () => {
  const volume = 900_000;
  it('keeps what was said of it, and of its three sizes any two give the third', () => {
    const size = { length: fc.integer({ min: 200, max: 800 }), other: fc.integer({ min: 100, max: 500 }) };
    fc.assert(
      fc.property(
        size.length,
        size.other,
        fc.constantFrom('sides', 'lengthThick', 'widthThick', 'length', 'width', 'thick'),
        (lengthMm, widthMm, said) => {
          const thicknessMm = volume / (lengthMm * widthMm);
          const own = {
            turn: 2,
            ...(said === 'sides' || said.startsWith('length') ? { lengthMm } : {}),
            ...(said === 'sides' || said.startsWith('width') ? { widthMm } : {}),
            ...(/[tT]hick$/.test(said) ? { thicknessMm } : {}),
          };
          const [first, second, third] = turnRows({ ...folds, turns: 3, ownTurns: [own] }, volume, 200);
          expect(first).toMatchObject({ lengthMm: folds.rolledLengthMm, widthMm: folds.rolledLengthMm / 2 });
          if (own.lengthMm) expect(second?.lengthMm).toBeCloseTo(lengthMm, 6);
          if (own.widthMm) expect(second?.widthMm).toBeCloseTo(widthMm, 6);
          if (own.thicknessMm) expect(second?.rolledMm).toBeCloseTo(thicknessMm, 6);
          expect((second?.lengthMm ?? 0) * (second?.widthMm ?? 0) * (second?.rolledMm ?? 0)).toBeCloseTo(volume, 3);
          // the next turn begins as the packet this one was folded to
          expect(third?.fromMm).toBeCloseTo(second?.foldedMm ?? 0, 9);
        },
      ),
    );
  });
  it('thicker than its packet is a stop that names the turn', () => {
    const item = starterItem('handPies', 6, 'You', 'roughPuff');
    const thick = { ...item, folds: { ...item.folds, ownTurns: [{ turn: 2, thicknessMm: 60 }] } };
    expect(planItem(thick, plainKitchen).problems).toContainEqual(
      expect.objectContaining({ code: 'turn_thicker_than_packet', values: expect.objectContaining({ turn: 2 }) }),
    );
  });
  it('is rolled so at the bench', () => {
    const item = starterItem('handPies', 6, 'You', 'roughPuff');
    const own = {
      ...item,
      folds: { ...item.folds, turnsAtOnce: 1, ownTurns: [{ turn: 2, lengthMm: 450, widthMm: 180 }] },
    };
    const step = planItem(own, plainKitchen).steps.find((s) => s.id === 'turns:2');
    expect(step?.values).toMatchObject({ length: 450, width: 180 });
  });
});

describe('turns of one stretch that differ', () => {
  const item = starterItem('handPies', 6, 'You', 'roughPuff');
  const stretches = (folds: Partial<FoldsInput>) =>
    planItem({ ...item, folds: { ...item.folds, turnsAtOnce: 2, ...folds } }, plainKitchen).steps.filter(
      (s) => s.code === 'turns',
    );
  it('are told each by its own sheet and fold, alike ones once', () => {
    const usual = item.folds.rolledLengthMm;
    expect(stretches({ turns: 2 })[0]?.values['each']).toBe('');
    const [first] = stretches({ ownFolds: ['book', 'letter'], ownTurns: [{ turn: 2, lengthMm: 300, widthMm: 150 }] });
    expect(first?.values).toMatchObject({ first: 1, last: 2 });
    expect(first?.values['each']).toBe(`${usual}x${usual / 2}x4 300x150x3`);
  });
  it('too long for the bench are a stop that names the turn’s own sizes', () => {
    const long = { ...item, folds: { ...item.folds, ownTurns: [{ turn: 2, lengthMm: 1200 }] } };
    const found = planItem(long, plainKitchen).problems.find((p) => p.code === 'longer_than_bench');
    expect(found).toMatchObject({ fields: ['folds.ownTurns', 'kitchen.benchLengthMm'], values: { length: 1200 } });
  });
});

describe('a part of the fat rubbed in first', () => {
  const item = starterItem('handPies', 8, 'You', 'roughPuff');
  const soft = {
    ...item,
    dough: { ...item.dough, fatC: 17 },
    folds: { ...item.folds, lock: 'spread' as const, turns: 3, rubbedPct: 33, spreadTurns: 2 },
  };
  it('leaves the rest for so many turns: nothing of it is lost or used twice', () => {
    const { steps, dough } = planItem(soft, plainKitchen);
    const spread = steps.map((s) => Number(s.values['spread'] ?? 0)).filter((g) => g > 0);
    expect(spread).toHaveLength(2);
    const rubbed = Number(steps.find((s) => s.code === 'mix')?.values['rubbed']);
    expect(rubbed).toBeCloseTo(0.33 * dough.masses.fatG, 6);
    expect(rubbed + spread[0] + spread[1]).toBeCloseTo(dough.masses.fatG, 6);
  });
  it('makes no layers: the films between are thinner', () => {
    const film = (rubbedPct: number) => {
      const plan = planItem({ ...soft, folds: { ...soft.folds, rubbedPct } }, plainKitchen).lamination;
      return plan.kind === 'folds' ? plan.columns[2].fatUm : 0;
    };
    expect(film(33)).toBeLessThan(film(0));
  });
});
