import type { BakeSpec, OvenMode, RackPosition } from './bakeInput';

const ambientC = 22;
const heatCapacity = 7500;
const lossWK = 3.6;
const radiatedShare = 0.3;
const coolingTau: Record<OvenMode, number> = { conv: 600, fan: 420 };

/** Radiant temperature offsets by rack, °C (estimates). */
const radiantOffsets: Record<OvenMode, Record<'top' | 'bottom', Record<RackPosition, number>>> = {
  conv: { top: { low: -15, middle: 0, high: 15 }, bottom: { low: 20, middle: 5, high: -10 } },
  fan: { top: { low: -5, middle: 0, high: 5 }, bottom: { low: 8, middle: 0, high: -5 } },
};
/** A grill glows on what is under it as if the walls above were so much hotter, K, by how near it is (estimates). */
const grillK: Record<RackPosition, number> = { low: 60, middle: 110, high: 170 };
const convectionCalibration = 1.18;
const convection: Record<OvenMode, { top: number; bottom: number }> = {
  conv: { top: 10, bottom: 7.5 },
  fan: { top: 17, bottom: 13 },
};
const ovenVapourPressure: Record<OvenMode, number> = { conv: 6000, fan: 4500 };
/**
 * What burning gas adds to the vapour of the oven's air, Pa: its flue gas is a fifth water where just enough air burns it, and is
 * thinned some six times by what is drawn through (estimate). Steam that is let in fills a quarter of the air (estimate).
 */
const gasVapourPa = 3000;
const steamPa = 25_000;
/** The constants below are those of an oven of so many litres; walls and what they lose go with their area. */
const usualLitres = 65;

export const convectiveH = (mode: OvenMode, side: 'top' | 'bottom', airflow = 1): number =>
  convectionCalibration * convection[mode][side] * airflow;

/** Vapour in an oven's air at a time of the bake, Pa. */
export const vapourPa = ({ build, steamMin = 0 }: BakeSpec['oven'], mode: OvenMode, tS: number): number =>
  tS < steamMin * 60 ? steamPa : ovenVapourPressure[mode] + (build?.burns === 'gas' ? gasVapourPa : 0);

/** Air and walls of a domestic oven with a thermostat of limited power. Constants are estimates for a 60–70 l oven; walls go with its size. */
export class Oven {
  air = ambientC;
  wall = ambientC;
  /** How it blows, where the piece stands, and whether the grill is on, just now. */
  mode: OvenMode;
  private rack: RackPosition;
  private grill = false;
  private load = 0;
  private openings: number[];
  private readonly heatCapacity: number;
  private readonly lossWK: number;

  constructor(private readonly s: { rack: RackPosition; spec: Pick<BakeSpec, 'oven'> }) {
    const { oven } = s.spec;
    const walls = ((oven.build?.litres ?? usualLitres) / usualLitres) ** (2 / 3);
    this.heatCapacity = heatCapacity * walls;
    this.lossWK = lossWK * walls;
    this.mode = oven.mode;
    this.rack = s.rack;
    if (oven.preheated ?? true) {
      this.air = this.wall = this.target(0);
      this.open(oven.loadDoorS ?? 20);
    }
    this.openings = [...(oven.doorOpenMin ?? [])].sort((a, b) => a - b);
  }

  target(tS: number): number {
    const { steps, offsetC } = this.s.spec.oven;
    let set = steps[0]?.setC ?? 0;
    for (const step of steps) if (tS >= step.fromMin * 60) set = step.setC;
    return set + (offsetC ?? 0);
  }

  /** Fan, shelf and grill as the programme has them at a time. */
  private turn(tS: number): void {
    const { oven } = this.s.spec;
    this.mode = oven.mode;
    this.rack = this.s.rack;
    this.grill = false;
    for (const step of oven.steps) {
      if (tS < step.fromMin * 60) break;
      this.mode = step.mode ?? this.mode;
      this.rack = step.rack ?? this.rack;
      this.grill = step.grill === true;
    }
  }

  private open(seconds: number): void {
    this.air -= (1 - Math.exp(-seconds / 35)) * (this.air - ambientC);
    this.wall -= 0.0015 * seconds * (this.wall - ambientC);
  }

  /** Advances air and walls by dt seconds; the load is the heat the pies took in the step before. */
  advance(tS: number, dt: number): void {
    const S = this.target(tS);
    this.turn(tS);
    const net = (this.s.spec.oven.heaterW ?? 2200) - this.lossWK * (this.wall - ambientC) - this.load;
    if (this.air < S) {
      const boost = this.wall < S - 30 ? 1 : 4;
      this.air = Math.min(S, this.air + Math.min((S - this.air) / 60, (net / this.heatCapacity) * boost) * dt);
    } else this.air += ((S - this.air) * dt) / coolingTau[this.mode];
    while (this.openings.length && tS >= this.openings[0] * 60) {
      this.openings.shift();
      this.open(this.s.spec.oven.doorOpenS ?? 12);
    }
    const tau = this.air > this.wall && this.wall < S - 30 ? 150 : 300;
    this.wall += ((this.air - this.wall) / tau - (radiatedShare * this.load) / this.heatCapacity) * dt;
  }

  takes(watts: number): void {
    this.load = watts;
  }

  radiant(side: 'top' | 'bottom'): number {
    const glow = this.grill && side === 'top' ? grillK[this.rack] : 0;
    return this.wall + (radiantOffsets[this.mode][side][this.rack] * (this.wall - ambientC)) / 180 + glow;
  }
}
