import { calibrateEnvironment, scaledSurroundings } from './calibrateEnvironment';
import { environment, type Surroundings } from './environments';
import { material } from './material';
import { simulate } from './simulate';

const k = 0.35;
const density = 1100;
const heat = 2800;
const alpha = k / (density * heat);
const paste = material({ kind: 'const', densityKgM3: density, specificHeat: heat, conductivity: k });
const around = (h: number, airC: number, resistance = 0): Surroundings => {
  const surface = { h, airC, resistance, latent: null };
  return { top: surface, side: surface, bottom: surface };
};

/** Roots of z·tan z = Bi (slab), the nth of them. */
function slabRoot(biot: number, n: number): number {
  let [low, high] = [n * Math.PI + 1e-12, n * Math.PI + Math.PI / 2 - 1e-12];
  for (let i = 0; i < 90; i++) {
    const z = (low + high) / 2;
    if (z * Math.tan(z) < biot) low = z;
    else high = z;
  }
  return (low + high) / 2;
}
/** Mean of the slab, (T − T∞)/(T₀ − T∞), from the series solution. */
const slabMean = (biot: number, fourier: number): number =>
  Array.from({ length: 8 }, (_, n) => {
    const z = slabRoot(biot, n);
    return ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * (Math.sin(z) / z) * Math.exp(-z * z * fourier);
  }).reduce((sum, x) => sum + x, 0);

const bessel = (order: 0 | 1, x: number): number => {
  let term = order === 0 ? 1 : x / 2;
  let sum = term;
  for (let m = 1; m < 60; m++) {
    term *= -(x * x) / 4 / (m * (m + order));
    sum += term;
  }
  return sum;
};
/** Roots of z·J₁(z) = Bi·J₀(z) (endless cylinder), found by stepping. */
function cylinderRoots(biot: number, count: number): number[] {
  const f = (z: number) => z * bessel(1, z) - biot * bessel(0, z);
  const roots: number[] = [];
  for (let z = 1e-6; roots.length < count; z += 0.01) {
    if (f(z) * f(z + 0.01) > 0) continue;
    let [low, high] = [z, z + 0.01];
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (f(low) * f(middle) <= 0) high = middle;
      else low = middle;
    }
    roots.push((low + high) / 2);
  }
  return roots;
}
const cylinderCentre = (biot: number, fourier: number): number =>
  cylinderRoots(biot, 5)
    .map((z) => ((2 * bessel(1, z)) / (z * (bessel(0, z) ** 2 + bessel(1, z) ** 2))) * Math.exp(-z * z * fourier))
    .reduce((sum, x) => sum + x, 0);

/** Roots of 1 − z·cot z = Bi (ball). */
function ballCentre(biot: number, fourier: number): number {
  let sum = 0;
  for (let n = 0; n < 8; n++) {
    let [low, high] = [n * Math.PI + 1e-9, (n + 1) * Math.PI - 1e-9];
    for (let i = 0; i < 90; i++) {
      const z = (low + high) / 2;
      if (1 - z / Math.tan(z) < biot) low = z;
      else high = z;
    }
    const z = (low + high) / 2;
    sum += ((4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z))) * Math.exp(-z * z * fourier);
  }
  return sum;
}

describe('the solver against series solutions', () => {
  const minutesOf = (fourier: number, length: number) => (fourier * length * length) / alpha / 60;

  it.each([0.2, 1, 6])('has the mean of a slab at Biot %d', (biot) => {
    const half = 0.012;
    for (const fourier of [0.2, 0.6, 1.5]) {
      const { final } = simulate({
        material: paste,
        shape: { kind: 'slab', thicknessM: 2 * half },
        startC: 20,
        phases: [{ minutes: minutesOf(fourier, half), around: around((biot * k) / half, 4) }],
      });
      expect(Math.abs(final.mean - (4 + 16 * slabMean(biot, fourier)))).toBeLessThan(0.06);
    }
  });
  it.each([0.2, 1, 6])('has the centre of an endless cylinder at Biot %d', (biot) => {
    const radius = 0.025;
    for (const fourier of [0.2, 0.6]) {
      const { final } = simulate({
        material: paste,
        shape: { kind: 'cylinder', radiusM: radius },
        startC: 20,
        phases: [{ minutes: minutesOf(fourier, radius), around: around((biot * k) / radius, 4) }],
      });
      expect(Math.abs(final.centre - (4 + 16 * cylinderCentre(biot, fourier)))).toBeLessThan(0.12);
    }
  });
  it.each([0.3, 2])('has the centre of a ball at Biot %d', (biot) => {
    const radius = 0.03;
    const { final } = simulate({
      material: paste,
      shape: { kind: 'ball', radiusM: radius },
      startC: 20,
      phases: [{ minutes: minutesOf(0.4, radius), around: around((biot * k) / radius, 4) }],
    });
    expect(Math.abs(final.centre - (4 + 16 * ballCentre(biot, 0.4)))).toBeLessThan(0.15);
  });
  it('has a disc as the product of a slab and a cylinder', () => {
    const [half, radius, biot] = [0.015, 0.05, 0.8];
    const h = (biot * k) / half;
    const minutes = 25;
    const fo = (length: number) => (alpha * minutes * 60) / length ** 2;
    const slab = Array.from({ length: 6 }, (_, n) => {
      const z = slabRoot(biot, n);
      return ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fo(half));
    }).reduce((sum, x) => sum + x, 0);
    const round = cylinderCentre((h * radius) / k, fo(radius));
    const { final } = simulate({
      material: paste,
      shape: { kind: 'disc', radiusM: radius, thicknessM: 2 * half },
      startC: 20,
      phases: [{ minutes, around: around(h, 4) }],
      cells: { nx: 20, nz: 24 },
      toleranceK: 0.01,
    });
    expect(Math.abs(final.centre - (4 + 16 * slab * round))).toBeLessThan(0.15);
  });
  it('is a single lump where the Biot number is small: one exponential', () => {
    const radius = 0.006;
    const h = 2;
    const minutes = 40;
    const { final } = simulate({
      material: paste,
      shape: { kind: 'ball', radiusM: radius },
      startC: 20,
      phases: [{ minutes, around: around(h, 4) }],
    });
    const lump = 4 + 16 * Math.exp((-3 * h * minutes * 60) / (density * heat * radius));
    expect(final.mean).toBeCloseTo(lump, 0);
  });
  it('adds a wrap’s resistance to the surface’s own', () => {
    const at = (h: number, resistance: number) =>
      simulate({
        material: paste,
        shape: { kind: 'slab', thicknessM: 0.02 },
        startC: 20,
        phases: [{ minutes: 30, around: around(h, 4, resistance) }],
      }).final.mean;
    // 1/8 + 0.04 = 1/6.06
    expect(at(8, 0.04)).toBeCloseTo(at(1 / (1 / 8 + 0.04), 0), 6);
  });
  it('takes longer through a step of melting than without, by the heat that melts', () => {
    const common = { densityKgM3: 950, specificHeat: 2200, conductivity: 0.2 };
    const minutes = (latentHeat: number) =>
      simulate({
        material: material({ kind: 'step', ...common, latentHeat, meltsFromC: 10, meltsToC: 12 }),
        shape: { kind: 'ball', radiusM: 0.006 },
        startC: 20,
        phases: [{ minutes: 900, around: around(2, 4) }],
        until: { metric: 'mean', value: 8, dir: 'below', stop: true },
      }).crossedAtMin as number;
    // while it melts the lump stands near 11 °C: Δt = ρ·L·r/3 / (h·(11 − 4))
    const expected = (950 * 60_000 * 0.006) / 3 / (2 * 7) / 60;
    expect(Math.abs(minutes(60_000) - minutes(0) - expected) / expected).toBeLessThan(0.05);
  });
});

describe('one thermometer reading', () => {
  const asked = (factor: number, minutes = 45) => {
    const shape = { kind: 'disc' as const, radiusM: 0.08, thicknessM: 0.025 };
    const fridge = environment('fridge');
    const { final } = simulate({
      material: paste,
      shape,
      startC: 19,
      phases: [{ minutes, around: scaledSurroundings(fridge, factor) }],
    });
    return calibrateEnvironment({
      material: paste,
      shape,
      startC: 19,
      around: fridge,
      minutes,
      where: 'centre',
      measuredC: final.centre,
    });
  };
  it.each([0.6, 1, 1.7])('finds an appliance whose surfaces carry %d times our estimate', (factor) => {
    expect(asked(factor)).toMatchObject({ status: 'ok' });
    expect(asked(factor).factor).toBeCloseTo(factor, 2);
  });
  it('is not believed when no factor explains it', () => {
    const reading = (measuredC: number) =>
      calibrateEnvironment({
        material: paste,
        shape: { kind: 'slab', thicknessM: 0.03 },
        startC: 20,
        around: environment('fridge'),
        minutes: 20,
        where: 'mean',
        measuredC,
      });
    expect(reading(21)).toEqual({ factor: 0.4, status: 'outOfRange' });
    expect(reading(4.1)).toEqual({ factor: 2.5, status: 'outOfRange' });
  });
  it('cannot be taken where the shape has no such place', () => {
    expect(() =>
      calibrateEnvironment({
        material: paste,
        shape: { kind: 'ball', radiusM: 0.03 },
        startC: 20,
        around: environment('fridge'),
        minutes: 20,
        where: 'bottom',
        measuredC: 12,
      }),
    ).toThrow('where');
  });
});
