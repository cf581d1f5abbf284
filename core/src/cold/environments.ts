import { RefusedInput, rowOf, within } from '../quantities/refusal';

/** Moist surface: evaporation or condensation by the Chilton–Colburn analogy. */
export interface LatentExchange {
  /** Convective part of the surface coefficient, W/m²K. */
  convective: number;
  humidity: number;
  waterActivity: number;
}

/** One surface of the piece facing air or water. h in W/m²K, resistance in m²K/W. */
export interface Surface {
  h: number;
  airC: number;
  resistance: number;
  latent: LatentExchange | null;
}

/** A solid under the piece. SI. */
export interface Bench {
  conductivity: number;
  densityKgM3: number;
  specificHeat: number;
  thicknessM: number;
}

export interface BenchContact extends Bench {
  startC: number;
  /** Contact conductance, W/m²K: 300 bare dough, 150 floured (estimates). */
  contact: number;
  resistance: number;
  underH: number;
  underC: number;
}

export interface Surroundings {
  top: Surface;
  side: Surface;
  bottom: Surface | { bench: BenchContact };
}

interface EnvironmentRow {
  defaultC: number;
  top: number;
  side: number;
  bottom: number;
  convective: number;
}
const row = (defaultC: number, top: number, side: number, bottom: number, convective: number): EnvironmentRow => ({
  defaultC,
  top,
  side,
  bottom,
  convective,
});

/** Estimates built on published still-air conductances and natural-convection correlations; domestic shelves vary ±30 %. */
export const environments = {
  fridge: row(4, 8, 7.5, 7, 4),
  fridgeFan: row(4, 16, 16, 13, 12),
  freezer: row(-18, 8, 7, 6.5, 4),
  freezerFan: row(-18, 18, 18, 15, 14),
  room: row(20, 7, 8.5, 8, 3.5),
  iceBath: row(0.5, 7, 200, 150, 3.5),
  iceBathStirred: row(0.5, 7, 400, 400, 3.5),
} satisfies Record<string, EnvironmentRow>;
export type EnvironmentName = keyof typeof environments;

/** Added resistance of a wrap, m²K/W (estimates). */
export const wraps = { none: 0, film: 0.004, paper: 0.008, loose: 0.03, box: 0.1 } as const;
export type WrapName = keyof typeof wraps;

const bench = (conductivity: number, densityKgM3: number, specificHeat: number, thicknessM: number): Bench => ({
  conductivity,
  densityKgM3,
  specificHeat,
  thicknessM,
});

/** Typical handbook values (published). Steel and aluminium are thin sheet with air below. */
export const benches = {
  wood: bench(0.16, 650, 2000, 0.03),
  laminate: bench(0.13, 700, 1700, 0.03),
  marble: bench(2.6, 2700, 880, 0.02),
  granite: bench(2.8, 2650, 790, 0.03),
  steel: bench(15, 7900, 500, 0.0015),
  glass: bench(1, 2500, 840, 0.008),
  aluminium: bench(205, 2700, 900, 0.0015),
} satisfies Record<string, Bench>;
export type BenchName = keyof typeof benches;

export interface EnvironmentOptions {
  airC?: number;
  wrap?: WrapName;
  /** Relative humidity 0..1; switches moisture exchange on for bare surfaces. */
  humidity?: number;
  waterActivity?: number;
  bench?: BenchName;
  benchC?: number;
  contact?: number;
  vessel?: boolean;
  wallResistance?: number;
  lid?: boolean;
  roomC?: number;
  /** This appliance's learnt multiple of every surface coefficient (calibration), 1 by default. */
  coefficientMultiple?: number;
}

const lidResistance = 0.1;
const underBenchH = 6;

/** The three surroundings of a piece in a named environment. Refuses unknown names and temperatures outside −39..109 °C. */
export function environment(name: string, options: EnvironmentOptions = {}, field = 'environment'): Surroundings {
  const base = rowOf<EnvironmentRow>(environments, name, `${field}.name`);
  const airC = within(options.airC ?? base.defaultC, -39, 109, `${field}.airC`);
  const wrap = rowOf<number>(wraps, options.wrap ?? 'none', `${field}.wrap`);
  const multiple = within(options.coefficientMultiple ?? 1, 0.2, 5, `${field}.coefficientMultiple`);
  const waterActivity = options.waterActivity ?? 0.97;
  const humidity = options.humidity;
  if (humidity !== undefined) within(humidity, 0, 1, `${field}.humidity`);
  const moist = (on: boolean): LatentExchange | null =>
    on && humidity !== undefined ? { convective: base.convective * multiple, humidity, waterActivity } : null;
  const iceBath = name.startsWith('iceBath');
  if (iceBath && options.vessel)
    throw new RefusedInput({
      field: `${field}.vessel`,
      code: 'implied',
      value: true,
      allowed: 'leave it out: an ice bath implies a vessel',
    });
  const wall = options.vessel || iceBath ? (options.wallResistance ?? 0.002) : 0;
  const bare = wrap === 0;
  const openTop = !options.lid;
  const top: Surface = {
    h: base.top * multiple,
    airC: iceBath ? (options.roomC ?? 20) : airC,
    resistance: (iceBath ? 0 : wrap) + (options.lid ? lidResistance : 0),
    latent: moist(openTop && (bare || iceBath)),
  };
  const around = (h: number): Surface => ({
    h: h * multiple,
    airC,
    resistance: iceBath ? wall : wrap + wall,
    latent: moist(bare && !options.vessel && !iceBath),
  });
  const bottom = options.bench
    ? {
        bench: {
          ...rowOf<Bench>(benches, options.bench, `${field}.bench`),
          startC: within(options.benchC ?? airC, -39, 109, `${field}.benchC`),
          contact: within(options.contact ?? 300, 1, 1e6, `${field}.contact`),
          resistance: wrap,
          underH: underBenchH * multiple,
          underC: airC,
        },
      }
    : around(base.bottom);
  return { top, side: around(base.side), bottom };
}
