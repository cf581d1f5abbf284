import fc from 'fast-check';
import { RefusedInput } from '../quantities/refusal';
import { benches, environment, environments, wraps, type BenchName, type Surroundings } from './environments';
import type { Shape } from './grid';
import { material, type MaterialSpec } from './material';
import { simulate } from './simulate';
import { workWindow } from './workWindow';

const paste = material({ kind: 'const', densityKgM3: 1100, specificHeat: 2800, conductivity: 0.35 });
const shortcrust: MaterialSpec = {
  items: [
    { name: 'flour', mass: 0.25 },
    { name: 'butter', mass: 0.125 },
    { name: 'water', mass: 0.06 },
  ],
};
const everywhere = (h: number, airC: number): Surroundings => {
  const surface = { h, airC, resistance: 0, latent: null };
  return { top: surface, side: surface, bottom: surface };
};
const run = (shape: Shape, minutes: number, around: Surroundings, startC = 20) =>
  simulate({ material: paste, shape, startC, phases: [{ minutes, around }] });

/** First six terms of the slab's series solution at its centre, (T − T∞)/(T₀ − T∞). */
function slabCentre(biot: number, fourier: number): number {
  let sum = 0;
  for (let n = 0; n < 6; n++) {
    let low = n * Math.PI + 1e-9;
    let high = n * Math.PI + Math.PI / 2 - 1e-9;
    for (let i = 0; i < 80; i++) {
      const z = (low + high) / 2;
      if (z * Math.tan(z) < biot) low = z;
      else high = z;
    }
    const z = (low + high) / 2;
    sum += ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fourier);
  }
  return sum;
}

describe('cooling against the slab’s series solution', () => {
  it.each([0.1, 1, 10])('agrees within 0.06 K at Biot %d', (biot) => {
    const half = 0.015;
    const h = (biot * 0.35) / half;
    const alpha = 0.35 / (1100 * 2800);
    for (const fourier of [0.3, 0.8, 2]) {
      const minutes = (fourier * half * half) / alpha / 60;
      const { final } = run({ kind: 'slab', thicknessM: 2 * half }, minutes, everywhere(h, 4));
      expect(Math.abs(final.centre - (4 + 16 * slabCentre(biot, fourier)))).toBeLessThan(0.06);
    }
  });
});

describe('the scheme', () => {
  const shapes: Shape[] = [
    { kind: 'slab', thicknessM: 0.02 },
    { kind: 'disc', radiusM: 0.08, thicknessM: 0.025 },
    { kind: 'ball', radiusM: 0.04 },
    { kind: 'cylinder', radiusM: 0.03 },
    { kind: 'log', radiusM: 0.03, lengthM: 0.2 },
    { kind: 'block', lengthM: 0.2, widthM: 0.13, thicknessM: 0.03 },
  ];
  it.each(shapes.map((s) => [s.kind, s] as const))(
    'keeps the energy of a %s to one part in a million, through melting butter',
    (_kind, shape) => {
      const result = simulate({
        material: material(shortcrust),
        shape,
        startC: 22,
        phases: [{ minutes: 40, around: environment('fridge') }],
      });
      expect(result.balance).toBeLessThan(1e-6);
    },
  );
  it.each(shapes.map((s) => [s.kind, s] as const))('cools a %s without ever passing the fridge', (_kind, shape) => {
    const { series } = simulate({
      material: material(shortcrust),
      shape,
      startC: 20,
      phases: [{ minutes: 240, around: environment('fridge') }],
    });
    expect(Math.min(...series.coldest)).toBeGreaterThan(4 - 0.01);
    expect(Math.max(...series.warmest)).toBeLessThan(20 + 0.01);
  });
  it('lets the mean fall at every step in the fridge', () => {
    const { mean } = run({ kind: 'disc', radiusM: 0.08, thicknessM: 0.03 }, 120, everywhere(8, 4)).series;
    for (let i = 1; i < mean.length; i++) expect(mean[i]).toBeLessThanOrEqual(mean[i - 1] + 1e-9);
  });
  it('cools faster the better the air carries heat away', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 30, noNaN: true }),
        fc.double({ min: 1.05, max: 2, noNaN: true }),
        (h, more) => {
          const at = (x: number) => run({ kind: 'slab', thicknessM: 0.025 }, 40, everywhere(x, 4)).final.mean;
          expect(at(h * more)).toBeLessThan(at(h));
        },
      ),
      { numRuns: 15 },
    );
  });
  it('takes four times as long for twice the thickness at the same Biot number', () => {
    const time = (scale: number) =>
      simulate({
        material: paste,
        shape: { kind: 'slab', thicknessM: 0.02 * scale },
        startC: 20,
        phases: [{ minutes: 900, around: everywhere(20 / scale, 4) }],
        until: { metric: 'centre', value: 10, dir: 'below', stop: true },
      }).crossedAtMin as number;
    expect(time(2) / time(1)).toBeCloseTo(4, 1);
  });
  it('is the same upside down', () => {
    const warm = { h: 12, airC: 20, resistance: 0, latent: null };
    const cold = { h: 5, airC: 2, resistance: 0, latent: null };
    const up = run({ kind: 'slab', thicknessM: 0.02 }, 30, { top: warm, side: cold, bottom: cold }, 10).final;
    const down = run({ kind: 'slab', thicknessM: 0.02 }, 30, { top: cold, side: cold, bottom: warm }, 10).final;
    expect(up.mean).toBeCloseTo(down.mean, 9);
    expect(up.top).toBeCloseTo(down.bottom, 9);
  });
  it('hardly changes on a finer grid', () => {
    const at = (nz: number) =>
      simulate({
        material: material(shortcrust),
        shape: { kind: 'slab', thicknessM: 0.025 },
        startC: 20,
        phases: [{ minutes: 40, around: environment('fridge') }],
        cells: { nz },
      }).final.mean;
    expect(Math.abs(at(16) - at(64))).toBeLessThan(0.05);
  });
  it('says null when a temperature is never reached', () => {
    const result = simulate({
      material: paste,
      shape: { kind: 'slab', thicknessM: 0.02 },
      startC: 20,
      phases: [{ minutes: 600, around: everywhere(8, 6) }],
      until: { metric: 'mean', value: 5, dir: 'below', stop: true },
    });
    expect(result.crossedAtMin).toBeNull();
  });
  it('refuses a start far outside the tables and a shape without size', () => {
    expect(() => run({ kind: 'slab', thicknessM: 0.02 }, 5, everywhere(8, 4), 400)).toThrow(RefusedInput);
    expect(() => run({ kind: 'slab' }, 5, everywhere(8, 4))).toThrow('shape.thicknessM');
    expect(() =>
      simulate({ material: paste, shape: { kind: 'slab', thicknessM: 0.01 }, startC: 5, phases: [] }),
    ).toThrow('phases');
  });
});

describe('surroundings', () => {
  it.each(Object.keys(environments))('%s brings a piece towards its own temperature', (name) => {
    const around = environment(name);
    const to = environments[name as keyof typeof environments].defaultC;
    const start = to < 10 ? 18 : 4;
    const { final } = simulate({
      material: material(shortcrust),
      shape: { kind: 'disc', radiusM: 0.06, thicknessM: 0.02 },
      startC: start,
      phases: [{ minutes: 30, around }],
    });
    expect(Math.abs(final.mean - to)).toBeLessThan(Math.abs(start - to));
  });
  it.each(Object.keys(wraps).filter((w) => w !== 'none'))('a wrap of %s slows the chill', (wrap) => {
    const at = (w: string) =>
      simulate({
        material: paste,
        shape: { kind: 'slab', thicknessM: 0.02 },
        startC: 20,
        phases: [{ minutes: 30, around: environment('fridge', { wrap: w as 'film' }) }],
      }).final.mean;
    expect(at(wrap)).toBeGreaterThan(at('none'));
  });
  it('marble at room temperature warms a sheet faster than wood', () => {
    const at = (bench: BenchName) =>
      simulate({
        material: paste,
        shape: { kind: 'slab', thicknessM: 0.007 },
        startC: 8,
        phases: [{ minutes: 6, around: environment('room', { airC: 22, bench, benchC: 22 }) }],
      }).final.mean;
    expect(at('marble')).toBeGreaterThan(at('wood') + 1);
  });
  it.each(Object.keys(benches))('a bench of %s keeps the energy account straight', (bench) => {
    const result = simulate({
      material: paste,
      shape: { kind: 'disc', radiusM: 0.08, thicknessM: 0.01 },
      startC: 8,
      phases: [{ minutes: 10, around: environment('room', { bench: bench as BenchName, benchC: 20 }) }],
    });
    expect(result.balance).toBeLessThan(1e-6);
  });
  it('moist air warms a bare cold surface by what condenses on it', () => {
    const at = (humidity?: number) =>
      simulate({
        material: paste,
        shape: { kind: 'slab', thicknessM: 0.02 },
        startC: 2,
        phases: [
          { minutes: 20, around: environment('room', { airC: 24, ...(humidity === undefined ? {} : { humidity }) }) },
        ],
      }).final.mean;
    expect(at(0.9)).toBeGreaterThan(at(0.1));
  });
  it('refuses an unknown place, wrap or bench', () => {
    expect(() => environment('cellar')).toThrow('environment.name');
    expect(() => environment('fridge', { wrap: 'leaf' as 'film' })).toThrow('environment.wrap');
    expect(() => environment('room', { bench: 'ice' as BenchName })).toThrow('environment.bench');
  });
});

describe('the window of work', () => {
  it('comes in order: no longer brittle, ready, ideal until, soft', () => {
    const w = workWindow({
      material: material(shortcrust),
      fat: 'butter',
      shape: { kind: 'slab', thicknessM: 0.01 },
      startC: 4,
      around: environment('room', { airC: 24 }),
    });
    const times = [w.noLongerBrittleMin, w.readyMin, w.idealUntilMin, w.softAtMin] as number[];
    expect(times).toEqual([...times].sort((a, b) => a - b));
  });
  it('refuses oil, which has none', () => {
    expect(() =>
      workWindow({
        material: material(shortcrust),
        fat: 'oil',
        shape: { kind: 'slab', thicknessM: 0.01 },
        startC: 4,
        around: environment('room'),
      }),
    ).toThrow('no_window');
  });
});
