import { RefusedInput, within } from '../quantities/refusal';

export const fillKinds = [
  'halfmoon',
  'round',
  'rectpair',
  'rectfold',
  'triangle',
  'filoflag',
  'coil',
  'log',
  'cup',
  'dish',
  'recdish',
] as const;
export type FillShapeKind = (typeof fillKinds)[number];

/** A product by its outer sizes, centimetres. Which apply depends on the kind; r is the rim, tc the crust. */
export interface FillShape {
  kind: FillShapeKind;
  D?: number;
  r?: number;
  w?: number;
  l?: number;
  s?: number;
  d?: number;
  L?: number;
  t?: number;
  Dtop?: number;
  Dbot?: number;
  h?: number;
  tc?: number;
  dome?: number;
  taper?: number;
  dia?: number;
  len?: number;
  /** g/ml; raw packed pieces 0.55–0.8, stews 1.0. */
  density?: number;
}

export interface FillVolume {
  sealedAreaCm2: number;
  comfortableMl: number;
  overfillMl: number;
  comfortableG: number;
  overfillG: number;
}

const size = (value: number | undefined, field: string): number => within(value, 0.1, 200, field);
function inner(value: number, field: string): number {
  if (!(value > 0))
    throw new RefusedInput({
      field,
      code: 'out_of_range',
      value,
      allowed: 'a rim or crust narrower than half the piece',
    });
  return value;
}
/** Paper-bag volume of two sheets w × h sealed round their edges (Robin 2004). */
const bag = (w: number, h: number): number => w ** 3 * (h / (Math.PI * w) - 0.142 * (1 - 10 ** (-h / w)));

/**
 * Sealed area and comfortable and overfull volume of a product; pocket factors are estimates (Mylar balloon after Paulsen 1994).
 * @example fillVolume({ kind: 'halfmoon', D: 12, r: 1 }).comfortableMl // 34.45
 */
export function fillVolume(f: FillShape): FillVolume {
  const density = within(f.density ?? 0.95, 0.2, 2, 'density');
  const [area, comfortable, overfull] = volumes(f);
  return {
    sealedAreaCm2: area,
    comfortableMl: comfortable,
    overfillMl: overfull,
    comfortableG: comfortable * density,
    overfillG: overfull * density,
  };
}

function volumes(f: FillShape): [area: number, comfortable: number, overfull: number] {
  const r = within(f.r ?? 0, 0, 20, 'r');
  const tc = within(f.tc ?? 0, 0, 5, 'tc');
  switch (f.kind) {
    case 'halfmoon': {
      const a = inner(size(f.D, 'D') / 2 - r, 'r');
      const A = (Math.PI * a * a) / 2;
      return [A, 0.14 * A ** 1.5, 0.175 * A ** 1.5];
    }
    case 'round': {
      const a = inner(size(f.D, 'D') / 2 - r, 'r');
      const M = 1.2185 * a ** 3;
      return [Math.PI * a * a, 0.45 * M, 0.62 * M];
    }
    case 'rectpair':
    case 'rectfold': {
      const fold = f.kind === 'rectfold';
      const [p, q] = [
        inner(size(f.w, 'w') - 2 * r, 'r'),
        inner(fold ? size(f.l, 'l') / 2 - r : size(f.l, 'l') - 2 * r, 'r'),
      ];
      const M = bag(Math.min(p, q), Math.max(p, q));
      return fold ? [p * q, 0.55 * M, 0.75 * M] : [p * q, 0.45 * M, 0.62 * M];
    }
    case 'triangle': {
      const s = inner(size(f.s, 's') - 2 * r, 'r');
      const A = (s * s) / 2;
      return [A, 0.135 * A ** 1.5, 0.17 * A ** 1.5];
    }
    case 'filoflag': {
      const w = size(f.w, 'w');
      return [(w * w) / 2, 0.045 * w ** 3, 0.06 * w ** 3];
    }
    case 'coil': {
      const [d, L] = [size(f.d, 'd'), within(f.L, 0.1, 1000, 'L')];
      const tube = (Math.PI * d * d * L) / 4;
      return [d * L, 0.7 * tube, 0.9 * tube];
    }
    case 'log': {
      const sheet = size(f.w, 'w') * size(f.l, 'l');
      const t = within(f.t, 0.01, 10, 't');
      return [sheet, 0.85 * sheet * t, 1.15 * sheet * t];
    }
    case 'cup':
    case 'dish': {
      const [R, q, h] = [
        inner(size(f.Dtop, 'Dtop') / 2 - tc, 'tc'),
        inner(size(f.Dbot, 'Dbot') / 2 - tc, 'tc'),
        inner(size(f.h, 'h') - tc, 'tc'),
      ];
      const M = (Math.PI * h * (R * R + R * q + q * q)) / 3;
      const dome = f.dome ?? 0;
      if (f.kind === 'cup') return [Math.PI * R * R, 0.88 * M, M];
      const whole = M + (Math.PI * dome * (3 * R * R + dome * dome)) / 6;
      return [Math.PI * R * R, 0.92 * whole, 1.02 * whole];
    }
    case 'recdish': {
      const h = inner(size(f.h, 'h') - tc, 'tc');
      const plan = (less: number) =>
        inner(size(f.w, 'w') - 2 * tc - less, 'tc') * inner(size(f.l, 'l') - 2 * tc - less, 'tc');
      const [A, A2] = [plan(0), plan(2 * (f.taper ?? 0))];
      const M = (h / 3) * (A + A2 + Math.sqrt(A * A2));
      return [A, 0.92 * M, 1.02 * M];
    }
    default:
      throw new RefusedInput({ field: 'kind', code: 'unknown', value: f.kind, allowed: fillKinds });
  }
}

/** Plan outline (mm) and depth (mm) of a product for the bake simulator. */
export function simulatorShape(f: FillShape): {
  shape: { kind: 'disc'; dMm: number } | { kind: 'rect'; wMm: number; lMm: number };
  depthMm: number;
} {
  const disc = (cm: number) => ({ kind: 'disc' as const, dMm: Math.round(cm * 10) });
  const rect = (a: number, b: number) => ({
    kind: 'rect' as const,
    wMm: Math.round(Math.min(a, b) * 10),
    lMm: Math.round(Math.max(a, b) * 10),
  });
  const free = () => {
    const { sealedAreaCm2, comfortableMl } = fillVolume(f);
    return (10 * comfortableMl) / (0.47 * sealedAreaCm2);
  };
  const tc = f.tc ?? 0;
  switch (f.kind) {
    case 'halfmoon':
      return { shape: rect((0.85 * size(f.D, 'D')) / 2, (1.85 * size(f.D, 'D')) / 2), depthMm: free() };
    case 'round':
      return { shape: disc(size(f.D, 'D')), depthMm: free() };
    case 'rectpair':
      return { shape: rect(size(f.w, 'w'), size(f.l, 'l')), depthMm: free() };
    case 'rectfold':
      return { shape: rect(size(f.w, 'w'), size(f.l, 'l') / 2), depthMm: free() };
    case 'triangle':
      return { shape: disc(0.8 * size(f.s, 's')), depthMm: free() };
    case 'filoflag':
      return { shape: disc(0.8 * size(f.w, 'w')), depthMm: free() };
    case 'coil': {
      const [d, L] = [size(f.d, 'd'), within(f.L, 0.1, 1000, 'L')];
      return { shape: disc(Math.sqrt((4 * d * L) / Math.PI)), depthMm: 8.5 * d };
    }
    case 'log':
      return { shape: rect(size(f.dia, 'dia'), size(f.len, 'len')), depthMm: 8.5 * (size(f.dia, 'dia') - 2 * tc) };
    case 'recdish':
      return {
        shape: rect(size(f.w, 'w') - (f.taper ?? 0), size(f.l, 'l') - (f.taper ?? 0)),
        depthMm: 10 * (size(f.h, 'h') - tc),
      };
    default:
      return {
        shape: disc((size(f.Dtop, 'Dtop') + size(f.Dbot, 'Dbot')) / 2),
        depthMm: 10 * (size(f.h, 'h') - tc) + 5 * (f.dome ?? 0),
      };
  }
}
