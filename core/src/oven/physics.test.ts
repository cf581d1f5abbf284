import fc from 'fast-check';
import { simulateBake } from './bake';
import type { BakeSpec } from './bakeInput';
import { bakeSetup } from './bakeSetup';
import { BakeStepper } from './bakeStep';
import { Oven } from './ovenState';
import { layStack } from './stack';

const pie = (change: Partial<BakeSpec> = {}): BakeSpec => ({
  shape: { kind: 'disc', dMm: 200 },
  top: { type: 'shortcrust', tMm: 4 },
  base: { type: 'shortcrust', tMm: 4 },
  filling: { type: 'chicken_cream', depthMm: 34, startC: 8 },
  vessel: { material: 'darksteel' },
  support: 'rack',
  oven: { mode: 'conv', steps: [{ fromMin: 0, setC: 190 }] },
  wash: 'egg',
  ...change,
});

/** Heat in against heat that stays, over the first minutes of a bake. */
function books(spec: BakeSpec, minutes: number): { inJ: number; storedJ: number } {
  const s = bakeSetup(spec);
  layStack(s);
  const oven = new Oven(s);
  const stepper = new BakeStepper(s, oven);
  stepper.audit = { inJ: 0, storedJ: 0 };
  for (let tS = 0; tS < minutes * 60; tS += 6) stepper.step(tS, 6, false);
  return stepper.audit;
}

describe('the bake obeys physics', () => {
  it('keeps its books: the heat that comes in is the heat that stays, within 1 %', () => {
    for (const spec of [
      pie(),
      pie({ vessel: null, support: 'trayDark', filling: { type: 'pasty_raw', depthMm: 30, startC: 8 } }),
      pie({ base: null }),
      pie({ filling: { type: 'apple_raw', depthMm: 40, startC: -18 }, crustStartC: -18, vessel: { material: 'foil' } }),
    ]) {
      const { inJ, storedJ } = books(spec, 45);
      expect(Math.abs(inJ - storedJ)).toBeLessThan(0.01 * Math.abs(inJ));
    }
  });
  it('hotter is never later golden, thicker never sooner hot, more beside it never sooner done', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 165, max: 215 }),
        fc.integer({ min: 15, max: 55 }),
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        (setC, depthMm, kg) => {
          const at = (c: number, z: number, change: Partial<BakeSpec> = {}) =>
            simulateBake(
              pie({
                filling: { type: 'mince_cooked', depthMm: z, startC: 8 },
                oven: { mode: 'conv', steps: [{ fromMin: 0, setC: c }] },
                ...change,
              }),
            );
          const plain = at(setC, depthMm);
          expect(at(setC + 15, depthMm).times.golden as number).toBeLessThanOrEqual(plain.times.golden as number);
          expect(at(setC, depthMm + 8).times.safe as number).toBeGreaterThanOrEqual(plain.times.safe as number);
          const beside = [{ kg, areaM2: 0.12 * kg, startC: 8, fromMin: 0, toMin: 200 }];
          expect(at(setC, depthMm, { beside }).proposed as number).toBeGreaterThanOrEqual(
            (plain.proposed as number) - 0.05,
          );
        },
      ),
      { numRuns: 12, seed: 14 },
    );
  });
  it('a wetter dough of its kind browns later and a drier one sooner', () => {
    const golden = (waterToDry?: number) =>
      simulateBake(pie({ top: { type: 'shortcrust', tMm: 4, ...(waterToDry ? { waterToDry } : {}) } })).times
        .golden as number;
    expect(golden(0.48)).toBeGreaterThan(golden());
    expect(golden(0.25)).toBeLessThan(golden());
  });
  it('a mat under a piece holds its base back, a film of oil brings it on, a tray below a dish shades it', () => {
    const dry = (under: BakeSpec['under'], change: Partial<BakeSpec> = {}) =>
      simulateBake(pie({ vessel: null, support: 'trayDark', under, ...change })).times.baseDry as number;
    expect(dry('oil')).toBeLessThan(dry('paper'));
    expect(dry('paper')).toBeLessThan(dry('mat'));
    const dish = { vessel: { material: 'darksteel' as const }, support: 'rack' as const };
    expect(dry('dripTray', dish)).toBeGreaterThan(dry('paper', dish));
  });
});
