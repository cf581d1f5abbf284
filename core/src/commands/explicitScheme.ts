import { lookup, temperatureNear, type Material } from '../cold/material';

/**
 * A straightforward explicit scheme for a disc in one surroundings, written for comparison only: forward Euler on the same
 * enthalpy, its step held under the stability limit. It has no error control; cells are chosen so that it is as accurate as the
 * solver at its usual grid.
 */
export function explicitDisc(o: {
  material: Material;
  radiusM: number;
  thicknessM: number;
  startC: number;
  airC: number;
  h: number;
  resistance: number;
  minutes: number;
  cells: { nx: number; nz: number };
}): { meanC: number; steps: number } {
  const { material: m, cells } = o;
  const { nx, nz } = cells;
  const [dx, dz] = [o.radiusM / nx, o.thicknessM / nz];
  const t = new Float64Array(nx * nz).fill(o.startC);
  const h = new Float64Array(nx * nz).fill(lookup(m.enthalpy, o.startC));
  const flow = new Float64Array(nx * nz);
  const ringArea = Float64Array.from({ length: nx }, (_, i) => Math.PI * dx * dx * (2 * i + 1));
  const surface = (k: number, half: number) => 1 / (1 / o.h + o.resistance + half / k);
  // the least heat capacity in the range, so that no step is too long anywhere
  let least = Infinity;
  for (let c = o.airC; c < o.startC; c += 0.25)
    least = Math.min(least, (lookup(m.enthalpy, c + 0.25) - lookup(m.enthalpy, c)) / 0.25);
  const most = lookup(m.along, o.startC) * 1.1;
  const dt = (0.4 * m.densityKgM3 * least) / (2 * most * (1 / (dx * dx) + 1 / (dz * dz)));
  const steps = Math.ceil((o.minutes * 60) / dt);
  const stepS = (o.minutes * 60) / steps;
  for (let n = 0; n < steps; n++) {
    flow.fill(0);
    for (let k = 0; k < nz; k++)
      for (let i = 0; i < nx; i++) {
        const id = i + nx * k;
        const here = t[id];
        const along = lookup(m.along, here);
        const across = lookup(m.across, here);
        if (i + 1 < nx) {
          const q = (along * 2 * Math.PI * dx * (i + 1) * dz * (t[id + 1] - here)) / dx;
          flow[id] = flow[id] + q;
          flow[id + 1] = flow[id + 1] - q;
        } else flow[id] = flow[id] + surface(along, dx / 2) * 2 * Math.PI * o.radiusM * dz * (o.airC - here);
        const area = ringArea[i];
        if (k + 1 < nz) {
          const q = (across * area * (t[id + nx] - here)) / dz;
          flow[id] = flow[id] + q;
          flow[id + nx] = flow[id + nx] - q;
        } else flow[id] = flow[id] + surface(across, dz / 2) * area * (o.airC - here);
        if (k === 0) flow[id] = flow[id] + surface(across, dz / 2) * area * (o.airC - here);
      }
    for (let k = 0; k < nz; k++)
      for (let i = 0; i < nx; i++) {
        const id = i + nx * k;
        const mass = m.densityKgM3 * ringArea[i] * dz;
        const next = h[id] + (stepS * flow[id]) / mass;
        h[id] = next;
        t[id] = temperatureNear(m.enthalpy, next, t[id]);
      }
  }
  let [sum, area] = [0, 0];
  for (let k = 0; k < nz; k++)
    for (let i = 0; i < nx; i++) {
      sum += ringArea[i] * t[i + nx * k];
      area += ringArea[i];
    }
  return { meanC: sum / area, steps };
}
