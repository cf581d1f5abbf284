import { RefusedInput, within } from '../quantities/refusal';

export type VesselForm = 'round' | 'oval' | 'rect';

/** A dish by its inner sizes, mm. Round sizes are diameters; oval and rect sizes are [length, width]. */
export interface Vessel {
  form: VesselForm;
  top: number | readonly [number, number];
  bottom?: number | readonly [number, number];
  depth: number;
  rim?: number;
  /** Factor of a fluted side (4 mm deep, 18 mm wide flutes: 1.11). */
  flute?: number;
  corner?: number;
  /** The cook's own water measure, ml; overrides the computed capacity everywhere. */
  measuredMl?: number;
}

export interface Axes {
  length: number;
  width: number;
}

const axes = (value: number | readonly [number, number], field: string): Axes => {
  const [length, width] = typeof value === 'number' ? [value, value] : value;
  return { length: within(length, 5, 1000, field), width: within(width, 5, 1000, field) };
};

export interface VesselGeometry {
  form: VesselForm;
  top: Axes;
  bottom: Axes;
  depth: number;
  corner: number;
  flute: number;
  rim: number;
  slant: Axes;
  measuredMl: number | null;
}

/** Checked sizes and slants of a dish. A dish may narrow upwards; only impossible sizes are refused. */
export function vesselGeometry(v: Vessel): VesselGeometry {
  if (!['round', 'oval', 'rect'].includes(v.form))
    throw new RefusedInput({
      field: 'vessel.form',
      code: 'unknown_shape',
      value: v.form,
      allowed: ['round', 'oval', 'rect'],
    });
  const top = axes(v.top, 'vessel.top');
  const bottom = axes(v.bottom ?? v.top, 'vessel.bottom');
  const depth = within(v.depth, 1, 400, 'vessel.depth');
  const corner = v.form === 'rect' ? within(v.corner ?? 0, 0, 500, 'vessel.corner') : 0;
  const shortest = Math.min(top.length, top.width, bottom.length, bottom.width) / 2;
  if (corner > shortest)
    throw new RefusedInput({
      field: 'vessel.corner',
      code: 'corner_too_big',
      value: corner,
      allowed: { min: 0, max: shortest },
    });
  const slant = (a: number, b: number) => Math.sqrt(depth * depth + ((a - b) / 2) ** 2);
  return {
    form: v.form,
    top,
    bottom,
    depth,
    corner,
    flute: within(v.flute ?? 1, 1, 2, 'vessel.flute'),
    rim: within(v.rim ?? 0, 0, 60, 'vessel.rim'),
    slant: { length: slant(top.length, bottom.length), width: slant(top.width, bottom.width) },
    measuredMl: v.measuredMl === undefined ? null : within(v.measuredMl, 1, 20_000, 'vessel.measuredMl'),
  };
}

/** Plan axes at height z above the bottom. */
export const axesAt = (g: VesselGeometry, z: number): Axes => ({
  length: g.bottom.length + ((g.top.length - g.bottom.length) * z) / g.depth,
  width: g.bottom.width + ((g.top.width - g.bottom.width) * z) / g.depth,
});

/** Plan area, mm². */
export const planArea = (form: VesselForm, { length, width }: Axes, corner: number): number =>
  form === 'rect' ? length * width - (4 - Math.PI) * corner * corner : (Math.PI / 4) * length * width;

/**
 * Perimeter, mm; Ramanujan's form for the oval.
 * @example perimeter('round', { length: 240, width: 240 }) // 754
 */
export function perimeter(form: VesselForm, { length, width }: Axes, corner: number): number {
  if (form === 'rect') return 2 * (length + width) - (8 - 2 * Math.PI) * corner;
  const [p, q] = [length / 2, width / 2];
  const h = ((p - q) / (p + q)) ** 2;
  return Math.PI * (p + q) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/** Computed volume up to height z, ml: the exact frustum or prismatoid. */
function computedVolume(g: VesselGeometry, z: number): number {
  const { length: L, width: W } = g.bottom;
  const { length, width } = axesAt(g, z);
  const [dL, dW] = [length - L, width - W];
  const integral = L * W + (L * dW + W * dL) / 2 + (dL * dW) / 3;
  return ((g.form === 'rect' ? integral - (4 - Math.PI) * g.corner * g.corner : (Math.PI / 4) * integral) * z) / 1000;
}

/** Volume up to height z (default: the brim), ml, scaled to the cook's own water measure if there is one. */
export function vesselVolume(g: VesselGeometry, z = g.depth): number {
  const scale = g.measuredMl === null ? 1 : g.measuredMl / computedVolume(g, g.depth);
  return computedVolume(g, z) * scale;
}

/** Height of a volume, mm, or null when it is more than the dish holds. */
export function depthForVolume(g: VesselGeometry, ml: number): number | null {
  within(ml, 0, 1e5, 'ml');
  if (ml > vesselVolume(g) * (1 + 1e-12)) return null;
  let low = 0;
  let high = g.depth;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (vesselVolume(g, middle) < ml) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Side area up to height z, mm². */
export function sideArea(g: VesselGeometry, z = g.depth): number {
  const slant = (g.slant.length + g.slant.width) / 2;
  const foot = perimeter(g.form, g.bottom, g.corner);
  const head = perimeter(g.form, axesAt(g, z), g.corner);
  return ((g.flute * (foot + head)) / 2) * slant * (z / g.depth);
}

/** Bottom, side and lining area (bottom, side and the ring that covers the rim), mm². */
export function vesselAreas(g: VesselGeometry, rimCover = g.rim): { bottom: number; side: number; lining: number } {
  const bottom = planArea(g.form, g.bottom, g.corner);
  const side = sideArea(g);
  const grown = { length: g.top.length + 2 * rimCover, width: g.top.width + 2 * rimCover };
  const ring = planArea(g.form, grown, g.corner > 0 ? g.corner + rimCover : 0) - planArea(g.form, g.top, g.corner);
  return { bottom, side, lining: bottom + side + ring };
}
