import { rowOf, within } from '../quantities/refusal';
import { evaporationHeat, massTransferCoefficient, saturationVapourDensity, saturationVapourSlope } from './latent';

/** GAB sorption (form of Van den Berg & Bruin 1981; constants are estimates): dry-basis moisture at water activity a. */
const gabM0 = 0.095;
const gabC = 15;
const gabK = 0.79;
export function gabMoisture(a: number): number {
  const ka = gabK * a;
  return (gabM0 * gabC * ka) / ((1 - ka) * (1 - ka + gabC * ka));
}

const wettestActivity = 0.98;
const wettestMoisture = gabMoisture(wettestActivity);
/** Water activity at a dry-basis moisture: the positive root of the sorption curve; 0.98 at and above the moisture of 0.98, 0 where there is none. */
export function gabActivity(moisture: number): number {
  if (moisture >= wettestMoisture) return wettestActivity;
  if (moisture <= 0) return 0;
  const square = moisture * (gabC - 1);
  const linear = gabM0 * gabC - moisture * (gabC - 2);
  return (Math.sqrt(linear * linear + 4 * square * moisture) - linear) / (2 * square * gabK);
}

export interface FiloFatOptions {
  sheets: number;
  lengthM: number;
  widthM: number;
  fatGramsPerM2?: number;
  sides?: number;
  topCoat?: number;
  fatFraction?: number;
  arealGramsPerM2?: number;
  flourFraction?: number;
}

/** A leaf of filo weighs this, g/m² (estimate: packets differ by a third). */
export const leafGPerM2 = 190;

/** Brushed fat, dough and flour of a stack of filo sheets, grams. 75 g/m² a side is an estimate (light 45, generous 100), 190 g/m² of dough too. */
export function filoFat(o: FiloFatOptions) {
  const area = within(o.lengthM, 0.01, 3, 'lengthM') * within(o.widthM, 0.01, 3, 'widthM');
  const coat = within(o.fatGramsPerM2 ?? 75, 0, 500, 'fatGramsPerM2') * area;
  const perSheet = coat * (o.sides ?? 1);
  const applied = perSheet * o.sheets + coat * ((o.topCoat ?? 1) - 1);
  const fat = applied * (o.fatFraction ?? 1);
  const dough = o.sheets * area * (o.arealGramsPerM2 ?? leafGPerM2);
  const flour = dough * (o.flourFraction ?? 0.7);
  return {
    areaM2: area,
    perSheetG: perSheet,
    appliedG: applied,
    fatG: fat,
    doughG: dough,
    flourG: flour,
    fatToFlour: fat / flour,
  };
}

/** Share of the evaporation that gets through what lies over a leaf; the dry cloth is an estimate of ours. */
export const leafCovers = { none: 1, cloth: 0.35, plastic: 0.05, damp: 1 } as const;
export type LeafCover = keyof typeof leafCovers;

export interface FiloDryOptions {
  airC?: number;
  humidity: number;
  arealGramsPerM2?: number;
  moistureWetBasis?: number;
  faces?: number;
  convective?: number;
  radiative?: number;
  baseH?: number;
  cover?: LeafCover;
  minutes?: number;
  limitDryBasis?: number;
}

export interface FiloDrying {
  startDryBasis: number;
  finalDryBasis: number;
  finalWetBasis: number;
  /** First minute at which the leaf is drier than the limit, null if not within the time. */
  minutesToLimit: number | null;
  initialLossGramsPerM2Min: number;
  surfaceC: number;
  line: { minutes: number[]; wetBasis: number[] };
}

/** Drying of a filo leaf in room air: sorption, evaporation and a wet-bulb surface balance; RK4 in 10 s steps. */
export function filoDry(o: FiloDryOptions): FiloDrying {
  const airC = within(o.airC ?? 20, -10, 60, 'airC');
  const humidity = within(o.humidity, 0, 1, 'humidity');
  const wet = within(o.moistureWetBasis ?? 0.31, 0.01, 0.8, 'moistureWetBasis');
  const faces = o.faces ?? 1;
  const hc = o.convective ?? 4;
  const cover = o.cover ?? 'none';
  const limit = o.limitDryBasis ?? 0.3;
  const minutes = within(o.minutes ?? 60, 0, 1440, 'minutes');
  const dryMass = (within(o.arealGramsPerM2 ?? leafGPerM2, 20, 2000, 'arealGramsPerM2') / 1000) * (1 - wet);
  const transfer = rowOf<number>(leafCovers, cover, 'cover') * massTransferCoefficient(hc);
  const ambient = (cover === 'damp' ? Math.max(humidity, 0.97) : humidity) * saturationVapourDensity(airC);
  const exchange = faces * (hc + (o.radiative ?? 5)) + (o.baseH ?? 0);
  const evaporation = (a: number, surfaceC: number) =>
    faces * transfer * (a * saturationVapourDensity(surfaceC) - ambient);
  // the flux falls steadily and bends one way, so that steps along its slope close in on its root from the warm side
  const surface = (a: number): number => {
    let t = airC + 10;
    for (let i = 0; i < 12; i++) {
      const flux = exchange * (airC - t) - evaporationHeat * evaporation(a, t);
      const slope = exchange + evaporationHeat * faces * transfer * a * saturationVapourSlope(t);
      const step = flux / slope;
      t += step;
      if (Math.abs(step) < 1e-9) break;
    }
    return t;
  };
  const rate = (m: number): number => {
    const a = gabActivity(m);
    return -evaporation(a, surface(a)) / dryMass;
  };
  const start = wet / (1 - wet);
  const startA = gabActivity(start);
  let m = start;
  let crossed: number | null = m <= limit ? 0 : null;
  const line = { minutes: [0], wetBasis: [wet] };
  const dt = 10;
  const steps = Math.round((minutes * 60) / dt);
  for (let i = 0; i < steps; i++) {
    const k1 = rate(m);
    const k2 = rate(m + (dt / 2) * k1);
    const k3 = rate(m + (dt / 2) * k2);
    const k4 = rate(m + dt * k3);
    const next = m + (dt / 6) * (k1 + 2 * k2 + 2 * k3 + k4);
    if (crossed === null && next <= limit) crossed = ((i + (m - limit) / (m - next)) * dt) / 60;
    m = next;
    if ((i + 1) % 6 === 0) {
      line.minutes.push(((i + 1) * dt) / 60);
      line.wetBasis.push(m / (1 + m));
    }
  }
  return {
    startDryBasis: start,
    finalDryBasis: m,
    finalWetBasis: m / (1 + m),
    minutesToLimit: crossed,
    initialLossGramsPerM2Min: evaporation(startA, surface(startA)) * 60_000,
    surfaceC: surface(startA),
    line,
  };
}
