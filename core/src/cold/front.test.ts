import { explicitDisc } from '../commands/explicitScheme';
import { material } from './material';
import { simulate } from './simulate';

/** Error function by Simpson's rule: the tests need no more. */
const erf = (x: number): number => {
  const n = 200;
  const f = (t: number) => Math.exp(-t * t);
  let sum = f(0) + f(x);
  for (let i = 1; i < n; i++) sum += (i % 2 ? 4 : 2) * f((x * i) / n);
  return ((2 / Math.sqrt(Math.PI)) * sum * x) / (3 * n);
};
/** Neumann's λ for a body at its melting point, cooled at its face: λ e^(λ²) erf λ = Ste/√π. */
const lambdaOf = (stefan: number): number => {
  let [low, high] = [1e-4, 3];
  for (let i = 0; i < 80; i++) {
    const middle = (low + high) / 2;
    if (middle * Math.exp(middle * middle) * erf(middle) < stefan / Math.sqrt(Math.PI)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};

const sheet = { densityKgM3: 1000, specificHeat: 2000, conductivity: 0.3 };
const melts = { latentHeat: 60_000, meltsFromC: 9.75, meltsToC: 10 };
const surfaceC = -10;
const freeze = (minutes: number, nz: number, toleranceK = 0.02) =>
  simulate({
    material: material({ kind: 'step', ...sheet, ...melts }),
    shape: { kind: 'slab', thicknessM: 0.06 },
    startC: 10,
    cells: { nz },
    toleranceK,
    phases: [
      {
        minutes,
        around: {
          top: { h: 1e5, airC: surfaceC, resistance: 0, latent: null },
          side: { h: 1e-3, airC: surfaceC, resistance: 0, latent: null },
          bottom: { h: 1e-3, airC: 10, resistance: 0, latent: null },
        },
      },
    ],
  });

describe('a front of setting fat', () => {
  const fall = melts.meltsToC - surfaceC;
  const lambda = lambdaOf((sheet.specificHeat * fall) / melts.latentHeat);
  const alpha = sheet.conductivity / (sheet.densityKgM3 * sheet.specificHeat);
  it.each([10, 20, 30])('gives off after %d minutes the heat that Neumann’s solution has', (minutes) => {
    const seconds = minutes * 60;
    const heat = (2 * sheet.conductivity * fall * Math.sqrt(seconds)) / (erf(lambda) * Math.sqrt(Math.PI * alpha));
    expect(-freeze(minutes, 64).heatIn / heat).toBeGreaterThan(0.97);
    expect(-freeze(minutes, 64).heatIn / heat).toBeLessThan(1.03);
  });
  it('keeps its energy to one part in a million, on a coarse grid too', () => {
    for (const nz of [8, 16, 32]) expect(freeze(30, nz).balance).toBeLessThan(1e-6);
  });
  it('moves as the square root of time: four times as long, twice the heat', () => {
    expect(freeze(40, 64).heatIn / freeze(10, 64).heatIn).toBeCloseTo(2, 1);
  });
});

describe('a smaller step', () => {
  it('changes nothing that could be seen', () => {
    const at = (toleranceK: number) => freeze(20, 32, toleranceK).final.mean;
    expect(Math.abs(at(0.1) - at(0.005))).toBeLessThan(0.05);
    expect(Math.abs(at(0.02) - at(0.005))).toBeLessThan(0.02);
  });
});

describe('a plain explicit scheme, written apart', () => {
  it('comes to the same disc', () => {
    const dough = material({
      items: [
        { name: 'flour', mass: 0.25 },
        { name: 'butter', mass: 0.125 },
        { name: 'water', mass: 0.06 },
      ],
    });
    const air = { h: 7.5, airC: 4, resistance: 0.004 };
    const all = { ...air, latent: null };
    for (const minutes of [20, 60]) {
      const ours = simulate({
        material: dough,
        shape: { kind: 'disc', radiusM: 0.075, thicknessM: 0.03 },
        startC: 18,
        phases: [{ minutes, around: { top: all, side: all, bottom: all } }],
      }).final.mean;
      const plain = explicitDisc({
        material: dough,
        radiusM: 0.075,
        thicknessM: 0.03,
        startC: 18,
        ...air,
        minutes,
        cells: { nx: 12, nz: 12 },
      }).meanC;
      expect(Math.abs(ours - plain)).toBeLessThan(0.05);
    }
  });
});
