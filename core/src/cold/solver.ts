import type { Surface, Surroundings } from './environments';
import { benchCells, type Grid } from './grid';
import { latentLine } from './latent';
import { lookup, tableIndex, tableStartC, tableStepK, temperatureNear, type Material } from './material';

/**
 * Heat conduction with enthalpy as the conserved quantity: Douglas ADI (1962), backward Euler, with Pham's quasi-enthalpy
 * correction (1985). All arrays are laid out once per phase; nothing is allocated inside a step. Cells are numbered
 * i + nx(j + ny·k); bench cells, if any, are the first `benchCount` layers in z.
 */
export class PhaseSolver {
  readonly count: number;
  readonly benchCount: number;
  private readonly nzAll: number;
  private readonly layer: number;
  private readonly mass: Float64Array;
  private readonly benchHeat: Float64Array;
  private readonly areaX: Float64Array;
  private readonly areaY: Float64Array;
  private readonly areaZ: Float64Array;
  private readonly dz: Float64Array;
  private readonly k: Float64Array;
  private readonly kAlong: Float64Array;
  private readonly capacity: Float64Array;
  private readonly gx: Float64Array;
  private readonly gy: Float64Array;
  private readonly gz: Float64Array;
  private readonly boundary: Float64Array;
  private readonly boundaryT: Float64Array;
  private readonly boundaryY: Float64Array;
  private readonly boundaryYT: Float64Array;
  private readonly boundaryZ: Float64Array;
  private readonly boundaryZT: Float64Array;
  private readonly rhs: Float64Array;
  private readonly delta: Float64Array;
  private readonly sweepC: Float64Array;
  private readonly sweepD: Float64Array;
  private heat = 0;
  private benchK = 0;
  private readonly surfaceU = new Float64Array(3);

  constructor(
    private readonly g: Grid,
    private readonly m: Material,
    private readonly around: Surroundings,
  ) {
    const bench = 'bench' in around.bottom ? around.bottom.bench : null;
    const under = bench ? benchCells(bench.thicknessM) : null;
    this.benchCount = under?.length ?? 0;
    this.nzAll = g.nz + this.benchCount;
    this.layer = g.nx * g.ny;
    const n = (this.count = this.layer * this.nzAll);
    const make = () => new Float64Array(n);
    this.mass = make();
    this.benchHeat = make();
    this.dz = new Float64Array(this.nzAll);
    for (let k = 0; k < this.nzAll; k++)
      this.dz[k] = k < this.benchCount ? (under?.[this.benchCount - 1 - k] as number) : g.dz;
    this.areaX = make();
    this.areaY = make();
    this.areaZ = make();
    for (let k = 0; k < this.nzAll; k++) {
      for (let j = 0; j < g.ny; j++) {
        for (let i = 0; i < g.nx; i++) {
          const id = i + g.nx * (j + g.ny * k);
          const dz = this.dz[k];
          const measure = g.measureX[i];
          const volume = measure * g.dy * dz;
          this.areaX[id] = g.faceX[i + 1] * g.dy * dz;
          this.areaY[id] = measure * dz;
          this.areaZ[id] = measure * g.dy;
          this.mass[id] = volume * (k < this.benchCount ? (bench?.densityKgM3 as number) : m.densityKgM3);
          if (k < this.benchCount) this.benchHeat[id] = bench?.specificHeat as number;
        }
      }
    }
    this.benchK = bench?.conductivity ?? 0;
    this.k = make();
    this.kAlong = make();
    this.capacity = make();
    this.gx = make();
    this.gy = make();
    this.gz = make();
    this.boundary = make();
    this.boundaryT = make();
    this.boundaryY = make();
    this.boundaryYT = make();
    this.boundaryZ = make();
    this.boundaryZT = make();
    this.rhs = make();
    this.delta = make();
    const longest = Math.max(g.nx, g.ny, this.nzAll);
    this.sweepC = new Float64Array(longest);
    this.sweepD = new Float64Array(longest);
  }

  /** Heat (J) that entered the dough and bench from outside during the last `step`. */
  get heatIn(): number {
    return this.heat;
  }
  massOf(id: number): number {
    return this.mass[id];
  }
  /** Heat content of a bench cell per kelvin and kg; 0 for dough cells. */
  benchSpecificHeat(id: number): number {
    return this.benchHeat[id];
  }

  /** Evaluates conductivities, heat capacities, conductances and boundary terms at the field T. */
  prepare(t: Float64Array): void {
    const { g, m } = this;
    const first = this.benchCount * this.layer;
    const tables = [m.enthalpy, m.across, m.along] as const;
    for (let id = 0; id < first; id++) {
      this.k[id] = this.benchK;
      this.kAlong[id] = 0;
      this.capacity[id] = this.mass[id] * this.benchHeat[id];
    }
    for (let id = first; id < this.count; id++) {
      const temperature = t[id];
      const i = tableIndex(temperature);
      const f = (temperature - tableStartC) / tableStepK - i;
      const a = tables[1][i];
      this.k[id] = a + f * (tables[1][i + 1] - a);
      const b = tables[2][i];
      this.kAlong[id] = b + f * (tables[2][i + 1] - b);
      this.capacity[id] = this.mass[id] * ((tables[0][i + 1] - tables[0][i]) / tableStepK);
    }
    if (g.active[0]) this.prepareX(t);
    if (g.active[1]) this.prepareY(t);
    if (g.active[2]) this.prepareZ(t);
  }

  private prepareX(t: Float64Array): void {
    const { g } = this;
    for (let row = 0; row < g.ny * this.nzAll; row++) {
      const start = row * g.nx;
      const bench = row < this.benchCount * g.ny;
      for (let i = 0; i < g.nx - 1; i++) {
        const id = start + i;
        const k1 = this.kAlong[id];
        const k2 = this.kAlong[id + 1];
        this.gx[id] = bench ? 0 : (this.areaX[id] * 2 * k1 * k2) / (g.dx * (k1 + k2));
      }
      const last = start + g.nx - 1;
      this.gx[last] = 0;
      if (bench) {
        this.boundary[last] = 0;
        this.boundaryT[last] = 0;
      } else {
        this.surface(this.around.side, this.kAlong[last], g.dx, t[last]);
        this.boundary[last] = this.areaX[last] * this.surfaceU[0];
        this.boundaryT[last] = this.surfaceU[1];
      }
    }
  }

  private prepareY(t: Float64Array): void {
    const { g } = this;
    for (let k = 0; k < this.nzAll; k++) {
      const bench = k < this.benchCount;
      for (let i = 0; i < g.nx; i++) {
        for (let j = 0; j < g.ny; j++) {
          const id = i + g.nx * (j + g.ny * k);
          const k1 = this.kAlong[id];
          if (j < g.ny - 1) {
            const k2 = this.kAlong[id + g.nx];
            this.gy[id] = bench ? 0 : (this.areaY[id] * 2 * k1 * k2) / (g.dy * (k1 + k2));
          } else {
            this.gy[id] = 0;
            if (bench) {
              this.boundaryY[id] = 0;
            } else {
              this.surface(this.around.side, k1, g.dy, t[id]);
              this.boundaryY[id] = this.areaY[id] * this.surfaceU[0];
              this.boundaryYT[id] = this.surfaceU[1];
            }
          }
        }
      }
    }
  }

  private prepareZ(t: Float64Array): void {
    const { g } = this;
    const bench = 'bench' in this.around.bottom ? this.around.bottom.bench : null;
    const contact = bench ? 1 / bench.contact + bench.resistance : 0;
    for (let c = 0; c < this.layer; c++) {
      for (let k = 0; k < this.nzAll - 1; k++) {
        const id = c + this.layer * k;
        const next = id + this.layer;
        const extra = bench && k === this.benchCount - 1 ? contact : 0;
        const d1 = this.dz[k];
        const d2 = this.dz[k + 1];
        const k1 = this.k[id];
        const k2 = this.k[next];
        this.gz[id] =
          extra === 0
            ? (this.areaZ[id] * 2 * k1 * k2) / (d1 * k2 + d2 * k1)
            : this.areaZ[id] / (d1 / (2 * k1) + d2 / (2 * k2) + extra);
        this.boundaryZ[id] = 0;
      }
      const top = c + this.layer * (this.nzAll - 1);
      this.surface(this.around.top, this.k[top], g.dz, t[top]);
      const topU = this.areaZ[top] * this.surfaceU[0];
      const topT = this.surfaceU[1];
      this.boundaryZ[top] = topU;
      this.boundaryZT[top] = topT;
      this.gz[top] = 0;
      let lowU: number;
      let lowT: number;
      if (bench) {
        lowU = this.areaZ[c] / (1 / bench.underH + this.dz[0] / (2 * bench.conductivity));
        lowT = bench.underC;
      } else {
        this.surface(this.around.bottom as Surface, this.k[c], g.dz, t[c]);
        lowU = this.areaZ[c] * this.surfaceU[0];
        lowT = this.surfaceU[1];
      }
      if (this.nzAll === 1) {
        this.boundaryZ[c] = topU + lowU;
        this.boundaryZT[c] = (topU * topT + lowU * lowT) / (topU + lowU);
      } else {
        this.boundaryZ[c] = lowU;
        this.boundaryZT[c] = lowT;
      }
    }
  }

  /** Leaves conductance per m² (0), effective ambient (1) and surface temperature (2) in `surfaceU`. */
  private surface(s: Surface, k: number, cell: number, cellT: number): void {
    let h = s.h;
    let ambient = s.airC;
    let surfaceT = cellT;
    const inner = (2 * k) / cell;
    if (s.latent && s.resistance === 0) {
      for (let i = 0; i < 3; i++) {
        const { slope, flux } = latentLine(s.latent, s.airC, surfaceT);
        h = s.h + slope;
        ambient = (s.h * s.airC + slope * surfaceT + flux) / h;
        surfaceT = (inner * cellT + h * ambient) / (inner + h);
      }
    } else {
      const outer = 1 / (1 / h + s.resistance);
      surfaceT = (inner * cellT + outer * ambient) / (inner + outer);
    }
    this.surfaceU[0] = 1 / (1 / h + s.resistance + 1 / inner);
    this.surfaceU[1] = ambient;
    this.surfaceU[2] = surfaceT;
  }

  /** One step of dt seconds from (t, h), with the coefficients of the last `prepare`, into (tOut, hOut). */
  step(dt: number, t: Float64Array, h: Float64Array, tOut: Float64Array, hOut: Float64Array): void {
    const { g, rhs, delta } = this;
    rhs.fill(0);
    if (g.active[0]) this.conduct(t, this.gx, 1, this.boundary, this.boundaryT);
    if (g.active[1]) this.conduct(t, this.gy, g.nx, this.boundaryY, this.boundaryYT);
    if (g.active[2]) this.conduct(t, this.gz, this.layer, this.boundaryZ, this.boundaryZT);
    for (let id = 0; id < this.count; id++) delta[id] = dt * rhs[id];
    this.heat = 0;
    let started = false;
    if (g.active[0]) {
      this.sweepX(dt, t);
      started = true;
    }
    if (g.active[1]) {
      this.sweepY(dt, t, started);
      started = true;
    }
    if (g.active[2]) this.sweepZ(dt, t, started);
    const first = this.benchCount * this.layer;
    for (let id = 0; id < first; id++) {
      tOut[id] = t[id] + delta[id];
      hOut[id] = 0;
    }
    for (let id = first; id < this.count; id++) {
      const enthalpy = h[id] + (this.capacity[id] * delta[id]) / this.mass[id];
      hOut[id] = enthalpy;
      tOut[id] = this.temperature(enthalpy, t[id]);
    }
  }

  /** T(h), walking from the interval of the previous temperature. */
  temperature(h: number, near: number): number {
    return temperatureNear(this.m.enthalpy, h, near);
  }

  private conduct(
    t: Float64Array,
    conductance: Float64Array,
    stride: number,
    boundary: Float64Array,
    ambient: Float64Array,
  ): void {
    const { rhs } = this;
    for (let id = 0; id < this.count; id++) {
      const gNext = conductance[id];
      if (gNext !== 0) {
        const flow = gNext * (t[id + stride] - t[id]);
        rhs[id] = rhs[id] + flow;
        rhs[id + stride] = rhs[id + stride] - flow;
      }
      const u = boundary[id];
      if (u !== 0) rhs[id] = rhs[id] + u * (ambient[id] - t[id]);
    }
  }

  private sweepX(dt: number, t: Float64Array): void {
    const { g } = this;
    for (let row = 0; row < g.ny * this.nzAll; row++)
      this.line(dt, t, row * g.nx, 1, g.nx, this.gx, this.boundary, this.boundaryT, false);
  }
  private sweepY(dt: number, t: Float64Array, started: boolean): void {
    const { g } = this;
    for (let k = 0; k < this.nzAll; k++) {
      for (let i = 0; i < g.nx; i++)
        this.line(dt, t, i + g.nx * g.ny * k, g.nx, g.ny, this.gy, this.boundaryY, this.boundaryYT, started);
    }
  }
  private sweepZ(dt: number, t: Float64Array, started: boolean): void {
    for (let c = 0; c < this.layer; c++)
      this.line(dt, t, c, this.layer, this.nzAll, this.gz, this.boundaryZ, this.boundaryZT, started);
  }

  /** Thomas solve of (c − dt K)ΔT = rhs along one line; adds the heat that enters through this direction's boundaries. */
  private line(
    dt: number,
    t: Float64Array,
    start: number,
    stride: number,
    length: number,
    conductance: Float64Array,
    boundary: Float64Array,
    ambient: Float64Array,
    started: boolean,
  ): void {
    const { capacity, delta, sweepC, sweepD } = this;
    let id = start;
    let gPrev = 0;
    let cPrev = 0;
    let dPrev = 0;
    for (let i = 0; i < length; i++) {
      const gNext = i < length - 1 ? dt * conductance[id] : 0;
      const cap = capacity[id];
      const right = started ? cap * delta[id] : delta[id];
      const inverse = 1 / (cap + gPrev + gNext + dt * boundary[id] - gPrev * cPrev);
      cPrev = gNext * inverse;
      dPrev = (right + gPrev * dPrev) * inverse;
      sweepC[i] = cPrev;
      sweepD[i] = dPrev;
      gPrev = gNext;
      id += stride;
    }
    let next = 0;
    for (let i = length - 1; i >= 0; i--) {
      id -= stride;
      next = sweepD[i] + sweepC[i] * next;
      delta[id] = next;
      const u = boundary[id];
      if (u !== 0) this.heat += dt * u * (ambient[id] - t[id] - next);
    }
  }

  /** Surface temperature of a cell's outer face (°C); k is taken at the cell. */
  surfaceTemperature(which: 'top' | 'side' | 'bottom', cellT: number, direction: 'x' | 'y' | 'z'): number {
    const s = this.around[which] as Surface;
    const k = lookup(direction === 'z' ? this.m.across : this.m.along, cellT);
    this.surface(s, k, direction === 'z' ? this.g.dz : direction === 'y' ? this.g.dy : this.g.dx, cellT);
    return this.surfaceU[2];
  }
}
