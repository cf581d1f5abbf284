import { runs, someOf } from '../testing/sampled';
import fc from 'fast-check';
import { formItem } from '../plan/forms';
import { forms } from '../plan/formNames';
import { planItem } from '../plan/item';
import { bestProgramme } from '../plan/questions/programme';
import { plainKitchen } from '../plan/starters';
import { simulateBake } from './bake';
import type { BakeSpec } from './bakeInput';
import { likedDoses, programmed, searchProgramme } from './programme';

const deepTin = (change: Partial<BakeSpec> = {}): BakeSpec => ({
  shape: { kind: 'disc', dMm: 240 },
  top: { type: 'shortcrust', tMm: 5 },
  base: { type: 'shortcrust', tMm: 5 },
  filling: { type: 'chicken_cream', depthMm: 42, startC: 8 },
  vessel: { material: 'tin' },
  support: 'rack',
  oven: { mode: 'conv', rack: 'high', steps: [{ fromMin: 0, setC: 220 }] },
  wash: 'egg',
  ...change,
});
const everything = { racks: ['low', 'middle'], supports: ['rack', 'trayDark', 'steel'] } as const;

describe('the search for a programme', () => {
  const found = searchProgramme(deepTin(), everything);
  it('mends a deep dish whose base is wet and whose lid is burnt', () => {
    const [mine, ours] = [found.mine.bake, found.proposed.bake];
    expect(ours.times.baseDry as number).toBeLessThan((mine.times.baseDry as number) / 2);
    expect(ours.atProposed?.browning as number).toBeLessThan(mine.atProposed?.browning as number);
    expect(found.proposed.misses as number).toBeLessThan(found.mine.misses as number);
  });
  it('never trades the middle: it is safe when it comes out', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 150, max: 235 }),
        fc.integer({ min: 18, max: 60 }),
        fc.constantFrom('tin', 'ceramic', 'darksteel'),
        fc.constantFrom('pork_raw', 'chicken_cream', 'apple_raw', 'stew_thick'),
        (setC, depthMm, material, type) => {
          const { proposed } = searchProgramme(
            deepTin({
              vessel: { material },
              filling: { type, depthMm, startC: 6 },
              oven: { mode: 'conv', rack: 'middle', steps: [{ fromMin: 0, setC }] },
            }),
            { racks: ['low'], supports: ['trayDark'] },
          );
          expect(proposed.bake.times.safe).not.toBeNull();
          expect(proposed.minutes as number).toBeGreaterThanOrEqual((proposed.bake.times.safe as number) - 0.01);
        },
      ),
      { numRuns: runs(8, 4), seed: 14 },
    );
  });
  it('says what each part of the proposal is worth: left out, it comes out no better', () => {
    expect(found.gains.length).toBeGreaterThan(0);
    for (const { without } of found.gains)
      expect(without.misses ?? Infinity).toBeGreaterThanOrEqual((found.proposed.misses as number) - 0.1);
  });
  it('is bounded, and gives one answer to one question', () => {
    expect(found.tried).toBeLessThan(140);
    expect(searchProgramme(deepTin(), everything)).toEqual(found);
  });
  it('foil holds back the lid and hardly the middle', () => {
    const bare = simulateBake(deepTin());
    const { steps } = deepTin().oven;
    const foiled = simulateBake(programmed(deepTin(), { steps, rack: 'high', support: 'rack', tentFromMin: 25 }));
    expect(foiled.atProposed?.browning as number).toBeLessThan((bare.atProposed?.browning as number) * 0.8);
    expect(foiled.times.safe as number).toBeLessThan((bare.times.safe as number) * 1.2);
  });
  it('leaves what a cook begins with as it is: no form starts with a bake that could be much better', () => {
    for (const form of someOf(forms, 3)) {
      const { mine, proposed } = bestProgramme({ item: formItem(form, 6, 'You'), kitchen: plainKitchen });
      expect((mine.misses as number) - (proposed.misses as number)).toBeLessThan(0.25);
    }
  });
  it('never stands a cold dish of glass on something hot', () => {
    const item = formItem('dishPie', 6, 'You');
    const glass = { ...item, cut: { ...item.cut, vesselMaterial: 'glass' as const } };
    const { proposed } = bestProgramme({ item: glass, kitchen: { ...plainKitchen, ovenPlate: 'steel' } });
    expect(proposed.programme.support).not.toBe('steel');
  });
});

describe('the lid that is wanted', () => {
  it('light comes out before gold, gold before deep', () => {
    const minutes = (['light', 'gold', 'deep'] as const).map((liked) => {
      const item = formItem('handPies', 6, 'You');
      return planItem({ ...item, oven: { ...item.oven, liked } }, plainKitchen).oven.minutes as number;
    });
    expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
    expect(new Set(minutes).size).toBe(3);
  });
  it('is reached within what counts as liked', () => {
    for (const liked of ['light', 'gold', 'deep'] as const) {
      const item = formItem('turnovers', 6, 'You');
      const { oven } = planItem({ ...item, oven: { ...item.oven, liked } }, plainKitchen);
      const [low, high] = likedDoses(oven.spec);
      expect(oven.out?.browning).toBeGreaterThanOrEqual(low);
      expect(oven.out?.browning).toBeLessThanOrEqual(high);
    }
  });
});
