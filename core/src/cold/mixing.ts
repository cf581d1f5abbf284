import type { Group } from '../ingredients/ingredient';
import { labelled, type Label } from '../ingredients/label';
import { ingredientOf } from '../ingredients/table';
import { RefusedInput, rowOf, within } from '../quantities/refusal';
import { sensibleEnthalpy } from './components';
import { lookup, material, tableNodes, tableStartC, tableStepK, temperatureAt } from './material';

const fusionHeat = 333_600;

/** Estimates: hand conductance W/K, hand °C, motor or hand work W/kg. */
export const mixingMethods = {
  rest: { handW: 0, handC: 30, workWKg: 0 },
  fingertips: { handW: 0.6, handC: 30, workWKg: 1 },
  knead: { handW: 1.2, handC: 32, workWKg: 6 },
  pastryBlender: { handW: 0.05, handC: 30, workWKg: 3 },
  processorPulse: { handW: 0, handC: 30, workWKg: 250 },
  processorDough: { handW: 0, handC: 30, workWKg: 450 },
  mixerPaddle: { handW: 0, handC: 30, workWKg: 20 },
  mixerHook: { handW: 0, handC: 30, workWKg: 35 },
} as const;
export type MixingMethod = keyof typeof mixingMethods;
/** Whether a machine does it. */
export const isByMachine = (method: MixingMethod): boolean => /^(?:processor|mixer)/.test(method);

export const vesselHeats = { steel: 500, glass: 840, ceramic: 900 } as const;

export interface MixAddition {
  /** An ingredient, `water`, `ice`, or `LIQUID` (the water whose temperature and ice share mixSolve seeks). */
  name: string;
  /** kg */
  mass: number;
  /** Left out for LIQUID only. */
  startC?: number;
  label?: Label;
}

export interface MixStage {
  add?: MixAddition[];
  method?: MixingMethod;
  minutes?: number;
}

export interface MixVessel {
  kind: keyof typeof vesselHeats;
  mass: number;
  startC: number;
  share?: number;
}

const iceEnthalpy = (t: number): number => sensibleEnthalpy('ice', t) - fusionHeat;
/** Whose water wets the flour, and what is wetted. */
const waterBearers: ReadonlySet<string> = new Set<Group>(['egg', 'dairy', 'liquid', 'acid']);
const starchBearers: ReadonlySet<string> = new Set<Group>(['flour', 'starch']);
const heatTable = (joulesAt: (t: number) => number): Float64Array =>
  Float64Array.from({ length: tableNodes }, (_, i) => joulesAt(tableStartC + i * tableStepK));
const waterTable = heatTable((t) => sensibleEnthalpy('water', t));

/** The bowl's heat bookkeeping: everything enters with its own enthalpy, the temperature follows from the total. */
class Bowl {
  private heat = 0;
  private iceAdded = 0;
  /** Heat content (J) of everything in the bowl against temperature, in the nodes of the material tables. */
  private readonly contents = new Float64Array(tableNodes);
  private vesselHeat = 0;
  private flour = 0;
  private freeWater = 0;
  private hydrationReleased = 0;
  mass = 0;

  addVessel(vessel: MixVessel): void {
    this.vesselHeat = vessel.mass * rowOf<number>(vesselHeats, vessel.kind, 'vessel.kind') * (vessel.share ?? 0.5);
    this.heat += this.vesselHeat * vessel.startC;
    this.contain(
      heatTable((t) => t),
      this.vesselHeat,
    );
  }

  private contain(table: Float64Array, multiple: number): void {
    for (let i = 0; i < tableNodes; i++) this.contents[i] = this.contents[i] + multiple * table[i];
  }

  add({ name, mass, startC: given, label }: MixAddition, field: string): void {
    within(mass, 0, 100, `${field}.mass`);
    const startC = within(given, -30, 100, `${field}.startC`);
    this.mass += mass;
    if (name === 'ice' || name === 'water') {
      if (name === 'ice' ? startC > 0 : startC < 0)
        throw new RefusedInput({
          field: `${field}.startC`,
          code: 'out_of_range',
          value: startC,
          allowed: name === 'ice' ? { min: -30, max: 0 } : { min: 0, max: 100 },
        });
      this.contain(waterTable, mass);
      this.freeWater += mass;
      if (name === 'ice') this.iceAdded += mass;
      this.heat += mass * (name === 'ice' ? iceEnthalpy(startC) : sensibleEnthalpy('water', startC));
    } else {
      const { enthalpy } = material({ items: [{ name, mass: 1, ...(label ? { label } : {}) }] }, field);
      this.contain(enthalpy, mass);
      this.heat += mass * lookup(enthalpy, startC);
      const ingredient = ingredientOf(name);
      if (ingredient && starchBearers.has(ingredient.group)) this.flour += mass;
      if (ingredient && waterBearers.has(ingredient.group))
        this.freeWater += mass * labelled(ingredient.composition, label ?? {}).water;
    }
    const hydration = this.flour > 0 ? 15_000 * this.flour * Math.min(1, this.freeWater / (0.35 * this.flour)) : 0;
    this.heat += hydration - this.hydrationReleased;
    this.hydrationReleased = hydration;
  }

  state(heat = this.heat): { temperatureC: number; unmeltedKg: number } {
    if (this.iceAdded > 0 && heat < 0) {
      const ice = -heat / fusionHeat;
      if (ice <= this.iceAdded) return { temperatureC: 0, unmeltedKg: ice };
      return {
        temperatureC: (-(ice - this.iceAdded) * fusionHeat) / (this.vesselHeat + 2500 * this.mass),
        unmeltedKg: this.iceAdded,
      };
    }
    return { temperatureC: temperatureAt(this.contents, heat), unmeltedKg: 0 };
  }

  work(method: MixingMethod, minutes: number, roomC: number): void {
    if (minutes === 0) return;
    const { handW, handC, workWKg } = mixingMethods[method];
    const loss = 0.6 * (Math.max(0.02, this.mass) / 0.5) ** (2 / 3);
    const steps = Math.max(10, Math.ceil(10 * minutes));
    const dt = (minutes * 60) / steps;
    const rate = (heat: number): number => {
      const { temperatureC } = this.state(heat);
      return workWKg * this.mass + handW * (handC - temperatureC) + loss * (roomC - temperatureC);
    };
    for (let i = 0; i < steps; i++) this.heat += dt * rate(this.heat + (dt / 2) * rate(this.heat));
  }
}

export interface MixResult {
  temperatureC: number;
  unmeltedKg: number;
  massKg: number;
  stages: { startC: number; endC: number; unmeltedKg: number }[];
}

/**
 * Temperature of the bowl after mixing stages: enthalpies of the ingredients, hydration heat (estimate 15 kJ/kg flour),
 * hands, motor and room. kg, °C, minutes.
 */
export function mixForward(options: { stages: MixStage[]; roomC?: number; vessel?: MixVessel }): MixResult {
  const roomC = within(options.roomC ?? 20, -20, 60, 'roomC');
  if (!options.stages.some((s) => s.add?.some((a) => a.mass > 0)))
    throw new RefusedInput({
      field: 'stages',
      code: 'empty',
      value: options.stages,
      allowed: 'at least one ingredient with mass',
    });
  const bowl = new Bowl();
  if (options.vessel) bowl.addVessel(options.vessel);
  const stages = options.stages.map((stage, s) => {
    stage.add?.forEach((a, i) => bowl.add(a.name === 'LIQUID' ? { ...a, name: 'water' } : a, `stages.${s}.add.${i}`));
    const method = stage.method ?? 'rest';
    rowOf(mixingMethods, method, `stages.${s}.method`);
    const start = bowl.state();
    bowl.work(method, within(stage.minutes ?? 0, 0, 240, `stages.${s}.minutes`), roomC);
    const end = bowl.state();
    return { startC: start.temperatureC, endC: end.temperatureC, unmeltedKg: end.unmeltedKg };
  });
  return { ...bowl.state(), massKg: bowl.mass, stages };
}

export interface MixAnswer {
  status: 'ok' | 'noWater' | 'tooCold' | 'iceNeeded' | 'notEnoughWater';
  temperatureC: number;
  waterC: number | null;
  waterKg: number;
  iceKg: number;
  chillOthersToC: number | null;
}

/** The water temperature, or the share of ice, that brings the dough out of the bowl at `targetC` (0..45). Entries named LIQUID are sought. */
export function mixSolve(options: {
  stages: MixStage[];
  roomC?: number;
  vessel?: MixVessel;
  targetC: number;
  tapMinC?: number;
  waterMaxC?: number;
  iceC?: number;
  maxIceShare?: number;
}): MixAnswer {
  const target = options.targetC;
  if (!(target > 0 && target < 45))
    throw new RefusedInput({ field: 'targetC', code: 'out_of_range', value: target, allowed: { min: 0, max: 45 } });
  const tapMin = options.tapMinC ?? 1;
  const waterMax = options.waterMaxC ?? 45;
  const iceC = options.iceC ?? -15;
  const maxIce = options.maxIceShare ?? 0.7;
  const waterKg = options.stages.reduce(
    (sum, s) => sum + (s.add ?? []).filter((a) => a.name === 'LIQUID').reduce((m, a) => m + a.mass, 0),
    0,
  );

  const reached = (waterC: number, iceShare: number, othersTo = Infinity): number =>
    mixForward({
      ...options,
      stages: options.stages.map((stage) => ({
        ...stage,
        add: (stage.add ?? []).flatMap((a) =>
          a.name !== 'LIQUID'
            ? [{ ...a, startC: Math.min(a.startC ?? NaN, othersTo) }]
            : [
                { name: 'water', mass: a.mass * (1 - iceShare), startC: waterC },
                { name: 'ice', mass: a.mass * iceShare, startC: iceC },
              ].filter((x) => x.mass > 0),
        ),
      })),
    }).temperatureC;

  const answer = (status: MixAnswer['status'], temperatureC: number, rest: Partial<MixAnswer> = {}): MixAnswer => ({
    status,
    temperatureC,
    waterC: null,
    waterKg,
    iceKg: 0,
    chillOthersToC: null,
    ...rest,
  });
  if (waterKg === 0) return answer('noWater', reached(tapMin, 0));
  const warmest = reached(waterMax, 0);
  if (warmest < target) return answer('tooCold', warmest, { waterC: waterMax });
  if (reached(tapMin, 0) <= target) {
    const waterC = bisect(tapMin, waterMax, 50, (w) => reached(w, 0) <= target);
    return answer('ok', reached(waterC, 0), { waterC });
  }
  const coldest = reached(tapMin, maxIce);
  if (coldest <= target) {
    const share = maxIce - bisect(0, maxIce, 50, (spare) => reached(tapMin, maxIce - spare) <= target);
    return answer('iceNeeded', reached(tapMin, share), {
      waterC: tapMin,
      iceKg: share * waterKg,
      waterKg: (1 - share) * waterKg,
    });
  }
  const possible = reached(tapMin, maxIce, 0) <= target;
  return answer('notEnoughWater', coldest, {
    waterC: tapMin,
    iceKg: maxIce * waterKg,
    waterKg: (1 - maxIce) * waterKg,
    chillOthersToC: possible ? bisect(0, 40, 40, (t) => reached(tapMin, maxIce, t) <= target) : null,
  });
}

/** Largest value in [low, high] that still meets a condition which holds at `low` and, once lost, stays lost. */
function bisect(low: number, high: number, halvings: number, holds: (value: number) => boolean): number {
  for (let i = 0; i < halvings; i++) {
    const middle = (low + high) / 2;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}
