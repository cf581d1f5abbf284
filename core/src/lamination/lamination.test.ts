import fc from 'fast-check';
import { layers, locks, panelCount, type Fold, type LockName } from './layers';
import { crumbMix, roughPuff, roughPuffFolds } from './roughPuff';
import { planSheet } from './sheetPlan';
import { calibrateRelaxation, calibrateSpring, springBack } from './springBack';
import { fatVolumeShare, layerThickness, passes, stackOf } from './thickness';

const anyFold = fc.constantFrom<Fold>('single', 'letter', 'book', 'zigzag', 2, 3, 4, 5);
const anyLock = fc.constantFrom(...(Object.keys(locks) as LockName[]));
const product = (folds: readonly Fold[]) => folds.reduce<number>((n, f) => n * panelCount(f), 1);

describe('layers', () => {
  it('of a symmetric lock follow the closed forms for any folds', () => {
    fc.assert(
      fc.property(fc.array(anyFold, { maxLength: 6 }), (folds) => {
        const n = product(folds);
        const closed = { envelope: n, half: n, twoThirds: 2 * n } as const;
        for (const [lock, fat] of Object.entries(closed)) {
          const counted = layers(lock as LockName, folds);
          expect(counted.fat).toBe(fat);
          expect(counted.dough).toBe(fat + 1);
        }
        expect(layers('inverse', folds).dough).toBe(n);
      }),
    );
  });
  it('counted one by one in the explicit stack are the same', () => {
    fc.assert(
      fc.property(anyLock, fc.array(anyFold, { maxLength: 4 }), (lock, folds) => {
        const stack = stackOf(lock, folds, 0.4);
        const counted = layers(lock, folds);
        expect(stack.filter((s) => s.kind === 'F')).toHaveLength(counted.fat);
        expect(stack.filter((s) => s.kind === 'D')).toHaveLength(counted.dough);
        expect(stack.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 9);
        expect(stack.filter((s) => s.kind === 'F').reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(0.4, 9);
        for (let i = 1; i < stack.length; i++) expect(stack[i]?.kind).not.toBe(stack[i - 1]?.kind);
      }),
    );
  });
  it('said aloud are the lock’s layers times the panels', () => {
    expect(layers('envelope', [3, 3, 3, 3, 3, 3]).nominal).toBe(2187);
    expect(layers('open', ['letter', 'letter'])).toMatchObject({ fat: 6, dough: 7, nominal: 18 });
  });
  it('refuse a made-up lock, a fold in thirteen and more than 1e12 layers', () => {
    expect(() => layers('envelop' as LockName, [])).toThrow('lock');
    expect(() => layers(['D', 'D'], [])).toThrow('lock');
    expect(() => layers('half', [13])).toThrow('folds');
    expect(() =>
      layers(
        'half',
        Array.from({ length: 12 }, () => 12),
      ),
    ).toThrow('too_many_layers');
  });
});

describe('layer thickness', () => {
  it('adds up to the sheet', () => {
    const t = layerThickness({ lock: 'envelope', folds: [3, 3, 3], thicknessM: 0.003, phiFat: 0.4 });
    expect(t.fat * t.fatUm + t.dough * t.doughUm).toBeCloseTo(3000, 6);
  });
  it('leaves the outer dough of an envelope half as thick as the inner', () => {
    const { spread } = layerThickness({ lock: 'envelope', folds: [3], thicknessM: 0.003, phiFat: 0.4 });
    expect((spread?.dough.max ?? 0) / (spread?.dough.min ?? 1)).toBeCloseTo(2, 9);
  });
  it('grows worse with every turn: distinct, thinning, merging', () => {
    const bands = [2, 5, 6, 8].map(
      (n) =>
        layerThickness({ lock: 'envelope', folds: Array.from({ length: n }, () => 3), thicknessM: 0.003, phiFat: 0.4 })
          .fatBand,
    );
    expect(bands).toEqual(['distinct', 'thinning', 'merging', 'merging']);
  });
  it('gives no spread for more layers than anyone draws', () => {
    expect(
      layerThickness({ lock: 'half', folds: Array.from({ length: 10 }, () => 3), thicknessM: 0.003, phiFat: 0.4 })
        .spread,
    ).toBeNull();
  });
  it('takes the lighter fat for more of the volume than of the mass', () =>
    expect(fatVolumeShare(1, 1)).toBeGreaterThan(0.5));
});

describe('rolling passes', () => {
  it('multiply to the whole reduction and none is above the largest', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.002, max: 0.05, noNaN: true }),
        fc.double({ min: 1, max: 12, noNaN: true }),
        (to, ratio) => {
          const from = to * ratio;
          const p = passes(from, to);
          expect(p.ratio).toBeLessThanOrEqual(1.5 + 1e-9);
          expect(p.ratio ** p.n).toBeCloseTo(from / to, 6);
          if (p.n > 0) expect(p.thicknesses[p.n - 1]).toBeCloseTo(to, 9);
        },
      ),
    );
  });
});

describe('planning a sheet backwards', () => {
  const plan = (folds: Fold[]) =>
    planSheet({ lengthM: 0.4, widthM: 0.3, thicknessM: 0.003, fatToDough: 0.5, lock: 'envelope', folds });
  it('conserves the volume at every roll and fold', () => {
    const p = plan([3, 4, 3]);
    const volume = (s: { lengthM: number; widthM: number; thicknessM: number }) => s.lengthM * s.widthM * s.thicknessM;
    for (const turn of p.turns)
      for (const size of [turn.from, turn.rolled, turn.folded]) expect(volume(size)).toBeCloseTo(p.volumeM3, 9);
    expect(p.doughKg + p.fatKg).toBeCloseTo(p.massKg, 12);
    expect(p.fatKg / p.doughKg).toBeCloseTo(0.5, 9);
  });
  it('makes more when the dough is to shrink more', () => {
    const mass = (shrink: number) =>
      planSheet({ lengthM: 0.4, widthM: 0.3, thicknessM: 0.003, fatToDough: 0.5, shrink, lock: 'half', folds: [3] })
        .massKg;
    expect(mass(0.1)).toBeGreaterThan(mass(0.02));
  });
  it('warns where a turn is longer than the bench', () => {
    expect(
      planSheet({
        lengthM: 1.2,
        widthM: 0.8,
        thicknessM: 0.004,
        fatToDough: 0.5,
        lock: 'envelope',
        folds: [3],
        maxBenchM: 0.6,
      }).warnings,
    ).toContain('longerThanBench');
  });
});

describe('spring-back', () => {
  it('grows with rolling and goes with rest', () => {
    const rolled = springBack({ dough: 'puff', events: [{ roll: 4, turn: true }] }).shrink;
    const rested = springBack({ dough: 'puff', events: [{ roll: 4, turn: true }, { rest: 40 }] }).shrink;
    expect(rolled).toBeGreaterThan(rested);
    expect(rested).toBeGreaterThan(0);
  });
  it('names a rest that brings the shrink to its target', () => {
    const events = [
      { roll: 5, turn: true },
      { roll: 3, turn: true },
    ];
    const { restMin } = springBack({ dough: 'roughPuff', events, targetShrink: 0.03, restC: 5 });
    const after = springBack({ dough: 'roughPuff', events: [...events, { rest: restMin as number, restC: 5 }] });
    expect(after.shrink).toBeCloseTo(0.03, 9);
  });
  it('learns a scale between our guess and what was measured', () => {
    const { scale } = calibrateSpring([{ predictedStrain: 0.1, measuredShrink: 1 - Math.exp(-0.2) }]);
    expect(scale).toBeGreaterThan(1);
    expect(scale).toBeLessThan(2);
    expect(calibrateSpring([]).scale).toBe(1);
  });
  it('has no relaxation time for a sheet that did not relax', () => {
    expect(calibrateRelaxation(10, 0.05, 30, 0.06).tauMin).toBeNull();
  });
});

describe('rough puff and crumb', () => {
  it('thin their streaks with every fold', () => {
    const streak = (n: number) =>
      roughPuff({
        lumpM: 0.015,
        startThicknessM: 0.03,
        folds: Array.from({ length: n }, () => 3),
        finalThicknessM: 0.003,
      }).streakM;
    expect(streak(4)).toBeLessThan(streak(3));
  });
  it('count the folds to a wanted streak so that one less would not do', () => {
    const o = { lumpM: 0.015, startThicknessM: 0.03, finalThicknessM: 0.003, targetM: 0.0002 };
    const { folds } = roughPuffFolds(o);
    const streak = (n: number) => roughPuff({ ...o, folds: Array.from({ length: n }, () => 3) }).streakM;
    expect(streak(folds)).toBeLessThanOrEqual(0.0002);
    expect(streak(folds - 1)).toBeGreaterThan(0.0002);
  });
  it('coat more flour the more fat is rubbed small, and leave fewer lumps', () => {
    const mix = (coatedShare: number) =>
      crumbMix({ flourKg: 0.4, fatKg: 0.22, coatedShare, lumpM: 0.007, discThicknessM: 0.02, sheetThicknessM: 0.004 });
    expect(mix(0.8).coverage).toBeGreaterThan(mix(0.4).coverage);
    expect(mix(0.8).lumps).toBeLessThan(mix(0.4).lumps);
  });
});
