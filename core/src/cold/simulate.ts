import { RefusedInput, within } from '../quantities/refusal';
import type { Surroundings } from './environments';
import { grid, type Grid, type GridCells, type Shape } from './grid';
import { lookup, temperatureAt, type Material } from './material';
import { PhaseSolver } from './solver';

export const metrics = ['centre', 'mean', 'meanByEnthalpy', 'top', 'bottom', 'side', 'warmest', 'coldest'] as const;
export type Metric = (typeof metrics)[number];

export interface Phase {
  minutes: number;
  around: Surroundings;
}

export interface Until {
  metric: Metric;
  value: number;
  dir: 'below' | 'above';
  /** End the run there. */
  stop?: boolean;
}

export interface SimulateOptions {
  material: Material;
  shape: Shape;
  startC: number;
  phases: readonly Phase[];
  until?: Until;
  cells?: GridCells;
  /** Largest accepted difference between one step and two half steps, K. */
  toleranceK?: number;
  /** Longest step, s. */
  longestStepS?: number;
}

export type Series = Record<Metric, Float64Array> & { minutes: Float64Array };

export interface Simulation {
  series: Series;
  final: Record<Metric, number>;
  crossedAtMin: number | null;
  /** J; per m² for a slab, per m for an endless cylinder. */
  heatIn: number;
  /** Relative energy imbalance, the worst over phases; an assertion of the scheme, about 1e-12. */
  balance: number;
}

/** Most cells worked through in one run, counted at every step: some seconds on a slow machine. Counted, never timed. */
export const mostCellSteps = 3e7;
const longestStep = 300;

/** Refuses a run of more cells × minutes than can be worked through, before anything is laid out for it. */
function withinBudget(cells: number, minutes: number, capS: number): void {
  const least = 3 * cells * Math.ceil((minutes * 60) / capS);
  if (least > mostCellSteps) throw tooMuch(cells, minutes);
}
const tooMuch = (cells: number, minutes: number): RefusedInput =>
  new RefusedInput({
    field: 'cells',
    code: 'too_much_work',
    value: cells,
    allowed: { unit: 'cells', minutes, mostCellSteps },
  });

/** Growing store of one row per accepted step: minutes, then the metrics in their order. */
class Recorder {
  private rows = new Float64Array(256 * (metrics.length + 1));
  count = 0;

  add(minutes: number, values: Float64Array): void {
    const width = metrics.length + 1;
    if ((this.count + 1) * width > this.rows.length) {
      const larger = new Float64Array(this.rows.length * 2);
      larger.set(this.rows);
      this.rows = larger;
    }
    const start = this.count++ * width;
    this.rows[start] = minutes;
    this.rows.set(values, start + 1);
  }
  column(index: number): Float64Array {
    const width = metrics.length + 1;
    return Float64Array.from({ length: this.count }, (_, row) => this.rows[row * width + index]);
  }
  series(): Series {
    const columns = metrics.map((m, i): [Metric, Float64Array] => [m, this.column(i + 1)]);
    return { ...(Object.fromEntries(columns) as Record<Metric, Float64Array>), minutes: this.column(0) };
  }
}

/**
 * Runs a body of dough, fat or filling through phases in sequence (°C, minutes) and records centre, mean, surfaces and
 * extremes at every accepted step. Steps adapt so that one step and two half steps agree within `toleranceK`.
 * Refuses temperatures outside −39..109 °C, non-positive lengths and more cells × steps than `mostCellSteps`. A crossing that never happens is `null`, not an error.
 */
// oxlint-disable-next-line max-lines-per-function -- the run of phases is one thread: each hands its field to the next
export function simulate(options: SimulateOptions): Simulation {
  const { material, phases, until } = options;
  const startC = within(options.startC, -39, 109, 'startC');
  const g = grid(options.shape, options.cells);
  const tolerance = options.toleranceK ?? 0.03;
  const cap = options.longestStepS ?? longestStep;
  if (phases.length === 0)
    throw new RefusedInput({ field: 'phases', code: 'empty', value: phases, allowed: 'at least one phase' });
  phases.forEach((p, i) => within(p.minutes, 0, 20_160, `phases.${i}.minutes`));

  const cells = g.nx * g.ny * g.nz;
  const minutes = phases.reduce((sum, p) => sum + p.minutes, 0);
  withinBudget(cells, minutes, cap);
  const field = new Float64Array(cells).fill(startC);
  const heat = new Float64Array(cells).fill(lookup(material.enthalpy, startC));
  const recorder = new Recorder();
  const values = new Float64Array(metrics.length);
  let elapsed = 0;
  let heatIn = 0;
  let balance = 0;
  let crossed: number | null = null;
  let work = 0;
  const watched = until ? metrics.indexOf(until.metric) : -1;
  if (until && watched < 0)
    throw new RefusedInput({ field: 'until.metric', code: 'unknown', value: until.metric, allowed: metrics });

  for (const phase of phases) {
    const solver = new PhaseSolver(g, material, phase.around);
    const offset = solver.benchCount * g.nx * g.ny;
    const bench = 'bench' in phase.around.bottom ? phase.around.bottom.bench : null;
    const make = () => new Float64Array(solver.count);
    let t = make();
    let h = make();
    if (bench) t.fill(bench.startC, 0, offset);
    t.set(field, offset);
    h.set(heat, offset);
    const [t1, h1, t2, h2, t3, h3] = [make(), make(), make(), make(), make(), make()];
    let tNew = make();
    let hNew = make();
    const content = (tt: Float64Array, hh: Float64Array) => {
      let sum = 0;
      for (let id = 0; id < solver.count; id++)
        sum += solver.massOf(id) * (id < offset ? solver.benchSpecificHeat(id) * tt[id] : hh[id]);
      return sum;
    };
    const before = content(t, h);
    const doughBefore = dough(solver, h, offset);
    let phaseHeat = 0;
    let now = 0;
    const end = phase.minutes * 60;
    let dt = Math.min(0.5, end);
    observe(g, solver, material, bench, t, h, offset, values);
    let previous = values[watched];
    if (recorder.count === 0) recorder.add(0, values);
    if (until && crossed === null && meets(until, previous)) {
      crossed = elapsed;
      if (until.stop) break;
    }
    while (now < end - 1e-9) {
      work += 3 * solver.count;
      if (work > mostCellSteps) throw tooMuch(cells, minutes);
      dt = Math.min(dt, cap, end - now);
      solver.prepare(t);
      solver.step(dt, t, h, t1, h1);
      const fullHeat = solver.heatIn;
      solver.step(dt / 2, t, h, t2, h2);
      const firstHalf = solver.heatIn;
      solver.prepare(t2);
      solver.step(dt / 2, t2, h2, t3, h3);
      const secondHalf = solver.heatIn;
      let error = 0;
      for (let id = offset; id < solver.count; id++) {
        const e = Math.abs(t1[id] - t3[id]);
        if (e > error) error = e;
      }
      const factor = 0.9 * Math.sqrt(tolerance / Math.max(error, 1e-12));
      if (error > tolerance && dt > 1e-3) {
        dt *= Math.max(0.25, factor);
        continue;
      }
      for (let id = 0; id < offset; id++) tNew[id] = 2 * t3[id] - t1[id];
      for (let id = offset; id < solver.count; id++) {
        const value = 2 * h3[id] - h1[id];
        hNew[id] = value;
        tNew[id] = solver.temperature(value, t3[id]);
      }
      [t, tNew] = [tNew, t];
      [h, hNew] = [hNew, h];
      phaseHeat += 2 * (firstHalf + secondHalf) - fullHeat;
      now += dt;
      observe(g, solver, material, bench, t, h, offset, values);
      recorder.add((elapsed * 60 + now) / 60, values);
      const current = values[watched];
      if (until && crossed === null && meets(until, current)) {
        const share = meets(until, previous) ? 0 : (until.value - previous) / (current - previous);
        crossed = elapsed + (now - dt + share * dt) / 60;
        if (until.stop) break;
      }
      previous = current;
      dt *= Math.max(0.25, Math.min(3, factor));
    }
    const imbalance = Math.abs(content(t, h) - before - phaseHeat);
    const scale = Math.max(1e-9, Math.abs(dough(solver, h, offset) - doughBefore), Math.abs(phaseHeat));
    balance = Math.max(balance, imbalance / scale);
    heatIn += phaseHeat;
    field.set(t.subarray(offset));
    heat.set(h.subarray(offset));
    elapsed += now / 60;
    if (until?.stop && crossed !== null) break;
  }
  const series = recorder.series();
  const final = Object.fromEntries(metrics.map((m) => [m, series[m][recorder.count - 1]])) as Record<Metric, number>;
  return { series, final, crossedAtMin: crossed, heatIn, balance };
}

const meets = (until: Until, value: number): boolean =>
  until.dir === 'below' ? value <= until.value : value >= until.value;

function dough(solver: PhaseSolver, h: Float64Array, offset: number): number {
  let sum = 0;
  for (let id = offset; id < solver.count; id++) sum += solver.massOf(id) * h[id];
  return sum;
}

/** Value at the axis or symmetry plane from the two cells next to it. */
const axis = (first: number, second: number): number => first + (first - second) / 8;

function centreOf(g: Grid, t: Float64Array, offset: number): number {
  const layer = g.nx * g.ny;
  const column = (k: number): number => {
    const base = offset + layer * k;
    const alongX = (j: number) => (g.nx > 1 ? axis(t[base + g.nx * j], t[base + g.nx * j + 1]) : t[base + g.nx * j]);
    return g.ny > 1 ? axis(alongX(0), alongX(1)) : alongX(0);
  };
  const { nz } = g;
  if (nz < 4) return column(0);
  if (nz % 2 === 1) return column((nz - 1) / 2);
  const b = nz / 2 - 1;
  return (9 * (column(b) + column(b + 1)) - column(b - 1) - column(b + 2)) / 16;
}

// oxlint-disable-next-line max-lines-per-function -- one pass over the field yields every observation
function observe(
  g: Grid,
  solver: PhaseSolver,
  material: Material,
  bench: { contact: number; resistance: number; conductivity: number; thicknessM: number } | null,
  t: Float64Array,
  h: Float64Array,
  offset: number,
  out: Float64Array,
): void {
  const layer = g.nx * g.ny;
  let mass = 0;
  let meanT = 0;
  let meanH = 0;
  let warmest = -Infinity;
  let coldest = Infinity;
  for (let id = offset; id < solver.count; id++) {
    const m = solver.massOf(id);
    const value = t[id];
    mass += m;
    meanT += m * value;
    meanH += m * h[id];
    if (value > warmest) warmest = value;
    if (value < coldest) coldest = value;
  }
  const centre = centreOf(g, t, offset);
  let top = NaN;
  let bottom = NaN;
  let side = NaN;
  const seen = (value: number) => {
    if (value > warmest) warmest = value;
    if (value < coldest) coldest = value;
  };
  if (g.active[2]) {
    let area = 0;
    let topSum = 0;
    let bottomSum = 0;
    const contactLayer = offset - layer;
    const benchDepth = bench ? Math.min(bench.thicknessM / 16, 0.4e-3) : 0;
    for (let c = 0; c < layer; c++) {
      const a = g.measureX[c % g.nx];
      area += a;
      const topT = solver.surfaceTemperature('top', t[solver.count - layer + c], 'z');
      seen(topT);
      topSum += a * topT;
      const low = t[offset + c];
      let lowT: number;
      if (bench) {
        const up = (2 * lookup(material.across, low)) / g.dz;
        const down = 1 / (1 / bench.contact + bench.resistance + benchDepth / (2 * bench.conductivity));
        lowT = (up * low + down * t[contactLayer + c]) / (up + down);
      } else lowT = solver.surfaceTemperature('bottom', low, 'z');
      seen(lowT);
      bottomSum += a * lowT;
    }
    top = topSum / area;
    bottom = bottomSum / area;
  }
  if (g.active[0]) {
    let sum = 0;
    let count = 0;
    for (let k = 0; k < g.nz; k++) {
      for (let j = 0; j < g.ny; j++) {
        const s = solver.surfaceTemperature('side', t[offset + g.nx - 1 + g.nx * (j + g.ny * k)], 'x');
        seen(s);
        sum += s;
        count++;
      }
      for (let i = 0; g.active[1] && i < g.nx; i++) {
        const s = solver.surfaceTemperature('side', t[offset + i + g.nx * (g.ny - 1 + g.ny * k)], 'y');
        seen(s);
        sum += s;
        count++;
      }
    }
    side = sum / count;
  }
  seen(centre);
  out[0] = centre;
  out[1] = meanT / mass;
  out[2] = temperatureAt(material.enthalpy, meanH / mass);
  out[3] = top;
  out[4] = bottom;
  out[5] = side;
  out[6] = warmest;
  out[7] = coldest;
}
