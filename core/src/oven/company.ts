import type { Beside, OvenMode } from './bakeInput';

/** Pastry and filling together, J/(kg K), and what air and glow carry to them, W/(m² K) (estimates). */
const specificHeat = 3000;
const takesH: Record<OvenMode, number> = { conv: 22, fan: 30 };
/** Wet food comes no further than where it boils, °C. */
const boilsC = 100;

/** What else is in the oven takes its heat too: each thing one body that warms and then boils. An estimate. */
export class Company {
  private readonly things: (Beside & { c: number })[];
  private readonly h: number;

  constructor(beside: readonly Beside[], mode: OvenMode, ovenC: number) {
    this.h = takesH[mode];
    this.things = beside.map((b) => {
      const tauMin = (b.kg * specificHeat) / (this.h * b.areaM2) / 60;
      const inFor = Math.max(0, -b.fromMin);
      return { ...b, c: Math.min(boilsC, ovenC - (ovenC - b.startC) * Math.exp(-inFor / tauMin)) };
    });
  }

  /** Watts taken at a moment of the bake, s; the things warm by it over dt. */
  takes(tS: number, dt: number, airC: number): number {
    const minute = tS / 60;
    let watts = 0;
    for (const t of this.things) {
      if (minute < t.fromMin || minute >= t.toMin) continue;
      const taken = this.h * t.areaM2 * Math.max(0, airC - t.c);
      watts += taken;
      t.c = Math.min(boilsC, t.c + (taken * dt) / (t.kg * specificHeat));
    }
    return watts;
  }
}
