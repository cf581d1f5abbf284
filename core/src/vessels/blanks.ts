import { within } from '../quantities/refusal';
import { perimeter, planArea, sideArea, vesselAreas, vesselVolume, type VesselGeometry } from './vessel';

export interface Blank {
  dims: [number, number];
  /** mm² */
  area: number;
}

const blankArea = (g: VesselGeometry, [a, b]: [number, number]): number =>
  g.form === 'rect' ? a * b : (Math.PI / 4) * a * b;

export interface BaseBlank extends Blank {
  /** Share of the blank that has to be pleated or eased; over 0.35 a disc and a band sit better. */
  fullness: number;
  band: { discDims: [number, number]; length: number; height: number } | null;
}

/** Over this share of surplus a disc for the bottom and a band for the wall sit better than one round, eased in (judgement). */
const mostFullness = 0.35;

/** A disc and a band for a deep tin, mm: the disc turns up 6 mm all round, the band laps itself by 15. */
export function discAndBand(g: VesselGeometry, rimCover = g.rim, overhang = 10) {
  return {
    discDims: [g.bottom.length + 12, g.bottom.width + 12] as [number, number],
    length: perimeter(g.form, g.top, g.corner) + 15,
    height: (g.slant.length + g.slant.width) / 2 + rimCover + overhang,
  };
}

/** The base to cut for a dish, mm: bottom, walls, rim and overhang. */
export function baseBlank(g: VesselGeometry, rimCover = g.rim, overhang = 10): BaseBlank {
  within(rimCover, 0, 60, 'rimCover');
  within(overhang, 0, 60, 'overhang');
  const extra = 2 * rimCover + 2 * overhang;
  const dims: [number, number] = [
    g.bottom.length + 2 * g.slant.length + extra,
    g.bottom.width + 2 * g.slant.width + extra,
  ];
  const area = blankArea(g, dims);
  const fullness = area / vesselAreas(g, rimCover).lining - 1;
  const band = fullness > mostFullness ? discAndBand(g, rimCover, overhang) : null;
  return { dims, area, fullness, band };
}

/** Length of the arc over a chord with a dome of height h. */
export function domeArc(chord: number, h: number): number {
  if (h <= 0) return chord;
  const radius = ((chord * chord) / 4 + h * h) / (2 * h);
  const arc = 2 * radius * Math.asin(Math.min(1, chord / (2 * radius)));
  return h > chord / 2 ? 2 * Math.PI * radius - arc : arc;
}

/** The lid to cut for a dish, mm; a dome lengthens it. */
export function lidBlank(g: VesselGeometry, rimCover = g.rim, overhang = 15, dome = 0): Blank {
  within(rimCover, 0, 60, 'rimCover');
  within(overhang, 0, 60, 'overhang');
  within(dome, 0, 300, 'dome');
  const extra = 2 * rimCover + 2 * overhang;
  const dims: [number, number] = [domeArc(g.top.length, dome) + extra, domeArc(g.top.width, dome) + extra];
  return { dims, area: blankArea(g, dims) };
}

/** Volume of a domed lid over the brim, ml. */
export function domeVolume(g: VesselGeometry, h: number): number {
  if (h <= 0) return 0;
  if (g.form === 'round') return (Math.PI * h * (3 * (g.top.length / 2) ** 2 + h * h)) / 6 / 1000;
  return (planArea(g.form, g.top, g.corner) * h * (g.form === 'oval' ? 1 / 2 : 4 / 9)) / 1000;
}

/** How much filling a dish takes, ml: to a level (0..1) less headspace (mm), less a lining of `dough` mm, plus the dome when full to the brim. */
export function fillCapacity(
  g: VesselGeometry,
  o: { level?: number; headspace?: number; dome?: number; dough?: number } = {},
): number {
  const z = Math.max(0, g.depth * within(o.level ?? 1, 0, 1, 'level') - within(o.headspace ?? 0, 0, 400, 'headspace'));
  const dough = within(o.dough ?? 0, 0, 60, 'dough');
  const lined = z > 0 ? (dough * (planArea(g.form, g.bottom, g.corner) + sideArea(g, z))) / 1000 : 0;
  const held = Math.max(0, vesselVolume(g, z) - lined);
  return z >= g.depth ? held + domeVolume(g, o.dome ?? 0) : held;
}

/** How high a filling stands in a lined dish, mm above its lining, and what of it stands over the brim, ml. */
export function fillDepth(g: VesselGeometry, o: { ml: number; dough?: number }): { zMm: number; overMl: number } {
  const ml = within(o.ml, 0, 1e5, 'ml');
  const dough = within(o.dough ?? 0, 0, 60, 'dough');
  const whole = fillCapacity(g, { dough });
  let [low, high] = [0, 1];
  for (let i = 0; i < 50; i++) {
    const level = (low + high) / 2;
    if (fillCapacity(g, { level, dough }) < ml) low = level;
    else high = level;
  }
  return { zMm: g.depth * Math.min(1, high), overMl: Math.max(0, ml - whole) };
}

export type FitVerdict = 'tooBig' | 'shallow' | 'good' | 'full' | 'tooSmall';

/** How a needed volume sits in a capacity. Judgement limits, shown as such. */
export function fitVerdict(need: number, capacity: number): { fill: number; verdict: FitVerdict } {
  const fill = need / capacity;
  return {
    fill,
    verdict: fill < 0.6 ? 'tooBig' : fill < 0.85 ? 'shallow' : fill <= 1 ? 'good' : fill <= 1.08 ? 'full' : 'tooSmall',
  };
}

/** Lattice strips over a dish, in weaving order. Lengths mm, rounded up. */
export function latticeStrips(
  g: VesselGeometry,
  o: { width: number; spacing: number; directions?: 1 | 2; woven?: boolean; overhang?: number },
): { direction: number; y: number; length: number }[] {
  const width = within(o.width, 3, 200, 'width');
  const spacing = within(o.spacing, 0, 200, 'spacing');
  const pitch = width + spacing;
  const strips: { direction: number; y: number; length: number }[] = [];
  for (let direction = 0; direction < (o.directions ?? 2); direction++) {
    const [along, across] = direction === 0 ? [g.top.length, g.top.width] : [g.top.width, g.top.length];
    const n = Math.max(1, Math.floor((across - width + spacing) / pitch));
    for (let i = 0; i < n; i++) {
      const y = (-(n - 1) * pitch) / 2 + i * pitch;
      const near = Math.max(0, Math.abs(y) - width / 2);
      const chord = g.form === 'rect' ? along : along * Math.sqrt(Math.max(0, 1 - ((2 * near) / across) ** 2));
      strips.push({ direction, y, length: Math.ceil(chord * (1 + (o.woven ? 0.02 : 0)) + 2 * (o.overhang ?? 10)) });
    }
  }
  return strips;
}
