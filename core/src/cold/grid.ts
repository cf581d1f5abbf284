import { RefusedInput, within } from '../quantities/refusal';

export type ShapeKind = 'slab' | 'cylinder' | 'ball' | 'disc' | 'pot' | 'log' | 'block';

/** A body of dough or filling; metres. Slab results are per m², endless-cylinder results per metre. */
export interface Shape {
  kind: ShapeKind;
  thicknessM?: number;
  radiusM?: number;
  lengthM?: number;
  widthM?: number;
}

export interface GridCells {
  nx?: number;
  ny?: number;
  nz?: number;
}

/** Uniform finite volumes. Direction 0 is x or r, 1 is y, 2 is z; an inactive direction has one cell of measure 1. */
export interface Grid {
  nx: number;
  ny: number;
  nz: number;
  active: readonly [boolean, boolean, boolean];
  dx: number;
  dy: number;
  dz: number;
  /** Face-area factor of direction 0, nx + 1 values. */
  faceX: Float64Array;
  /** Measure of each cell in direction 0. */
  measureX: Float64Array;
}

const defaults: Record<ShapeKind, Required<GridCells>> = {
  slab: { nx: 1, ny: 1, nz: 16 },
  cylinder: { nx: 16, ny: 1, nz: 1 },
  ball: { nx: 16, ny: 1, nz: 1 },
  disc: { nx: 12, ny: 1, nz: 12 },
  pot: { nx: 12, ny: 1, nz: 12 },
  log: { nx: 12, ny: 1, nz: 16 },
  block: { nx: 8, ny: 8, nz: 12 },
};

const size = (value: number | undefined, field: string): number => within(value, 1e-4, 5, field);

/** Lays the cells of a shape. Lengths 0.1 mm to 5 m; refuses unknown kinds. */
export function grid(shape: Shape, cells: GridCells = {}): Grid {
  const base = defaults[shape.kind] as Required<GridCells> | undefined;
  if (!base)
    throw new RefusedInput({ field: 'shape.kind', code: 'unknown', value: shape.kind, allowed: Object.keys(defaults) });
  const { kind } = shape;
  const radial = kind === 'cylinder' || kind === 'ball' || kind === 'disc' || kind === 'pot' || kind === 'log';
  const hasZ = kind !== 'cylinder' && kind !== 'ball';
  const nx = radial || kind === 'block' ? (cells.nx ?? base.nx) : 1;
  const ny = kind === 'block' ? (cells.ny ?? base.ny) : 1;
  const nz = hasZ ? (cells.nz ?? base.nz) : 1;
  const extentX = radial
    ? size(shape.radiusM, 'shape.radiusM')
    : kind === 'block'
      ? size(shape.lengthM, 'shape.lengthM') / 2
      : nx;
  const extentY = kind === 'block' ? size(shape.widthM, 'shape.widthM') / 2 : 1;
  const extentZ = !hasZ
    ? 1
    : kind === 'log'
      ? size(shape.lengthM, 'shape.lengthM')
      : size(shape.thicknessM, 'shape.thicknessM');
  const dx = extentX / nx;
  const faceX = new Float64Array(nx + 1);
  const measureX = new Float64Array(nx);
  for (let i = 0; i <= nx; i++) {
    const r = i * dx;
    faceX[i] = kind === 'ball' ? 4 * Math.PI * r * r : radial ? 2 * Math.PI * r : 1;
    if (i === nx) break;
    const outer = r + dx;
    measureX[i] =
      kind === 'ball' ? (4 * Math.PI * (outer ** 3 - r ** 3)) / 3 : radial ? Math.PI * (outer * outer - r * r) : dx;
  }
  if (kind === 'slab') measureX[0] = 1;
  return {
    nx,
    ny,
    nz,
    active: [radial || kind === 'block', kind === 'block', hasZ],
    dx,
    dy: extentY / ny,
    dz: extentZ / nz,
    faceX,
    measureX,
  };
}

/** Sixteen bench cells from the contact downwards: a geometric series whose first cell is min(L/16, 0.4 mm). */
export function benchCells(thicknessM: number, count = 16): Float64Array {
  const first = Math.min(thicknessM / count, 0.4e-3);
  const sum = (ratio: number) => (Math.abs(ratio - 1) < 1e-12 ? count : (ratio ** count - 1) / (ratio - 1)) * first;
  let low = 1;
  let high = 4;
  for (let i = 0; i < 80; i++) {
    const middle = (low + high) / 2;
    if (sum(middle) < thicknessM) low = middle;
    else high = middle;
  }
  return Float64Array.from({ length: count }, (_, i) => first * low ** i);
}
