import { RefusedInput } from '../quantities/refusal';
import type { BakeSpec } from './bakeInput';
import {
  crusts,
  fillingKinds,
  supports,
  vesselMaterials,
  washFactors,
  type Crust,
  type CrustType,
  type FillingKind,
  type Solid,
} from './tables';

/** Saturation pressure of water, Pa (Antoine), its slope and its inverse. */
const ln10 = Math.LN10;
export const saturationPressure = (t: number): number => 133.322 * Math.exp(ln10 * (8.07131 - 1730.63 / (t + 233.426)));
export const boilingPoint = (p: number): number => 1730.63 / (8.07131 - Math.log10(p / 133.322)) - 233.426;
export const atmosphere = (altitudeM: number): number => 101_325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;

export const topCells = 8;
export const fillingCells = 10;
export const baseCells = 6;

/** Everything about one bake that does not change during it. SI, per unit plan area where it says so. */
export interface BakeSetup {
  spec: BakeSpec;
  /** null for an open pie. */
  top: Crust | null;
  base: Crust | null;
  filling: FillingKind;
  vessel: (Solid & { tM: number; startC: number; loose: boolean }) | null;
  support: (Solid & { tM: number }) | null;
  /** Plan area m², perimeter m, height m, depth of the filling m. */
  area: number;
  perimeter: number;
  height: number;
  depth: number;
  halfWidths: number[];
  round: boolean;
  pieces: number;
  gapM: number;
  trays: number;
  view: number;
  shade: number;
  traysView: number;
  pressure: number;
  boilingC: number;
  fillingStartC: number;
  crustStartC: number;
  rack: 'low' | 'middle' | 'high';
  wash: number;
  colourBoost: number;
  targetC: number;
  targetGiven: boolean;
}

function inconsistent(field: string, value: unknown, allowed: string): never {
  throw new RefusedInput({ field, code: 'inconsistent', value, allowed });
}

/** A dough's own water counts within these shares of its kind's: the rest of what a kind is does not hold beyond. */
const ownWater = [0.6, 1.6] as const;

/** A crust as its kind is, with the water of the dough it is made of where that is known. */
function ofDough({ type, waterToDry }: { type: CrustType; waterToDry?: number }): Crust {
  const kind = crusts[type];
  if (waterToDry === undefined) return kind;
  return { ...kind, X0: Math.max(ownWater[0] * kind.X0, Math.min(ownWater[1] * kind.X0, waterToDry)) };
}

/** Works out geometry, defaults and the temperatures at loading. The numbers' ranges are checked on the input class. */
export function bakeSetup(spec: BakeSpec): BakeSetup {
  const { oven } = spec;
  if (spec.base === null && spec.vessel === null) inconsistent('base', null, 'a lid alone needs a vessel');
  if (spec.base === null && spec.top === null) inconsistent('top', null, 'a lid, a base or both');
  if (oven.steps[0]?.fromMin !== 0)
    inconsistent('oven.steps.0.fromMin', oven.steps[0]?.fromMin, 'the first step starts at 0');
  oven.steps.forEach((s, i) => {
    const before = oven.steps[i - 1];
    if (before && s.fromMin <= before.fromMin)
      inconsistent(`oven.steps.${i}.fromMin`, s.fromMin, 'later than the step before');
  });
  spec.tents?.forEach(([from, to], i) => {
    if (!(to > from)) inconsistent(`tents.${i}`, [from, to], 'an end after the start');
  });
  const top = spec.top && ofDough(spec.top);
  const base = spec.base && ofDough(spec.base);
  const filling = fillingKinds[spec.filling.type];
  const round = spec.shape.kind === 'disc';
  const [w, l] =
    spec.shape.kind === 'disc'
      ? [spec.shape.dMm / 1000, spec.shape.dMm / 1000]
      : [spec.shape.wMm / 1000, spec.shape.lMm / 1000];
  const area = round ? (Math.PI / 4) * w * w : w * l;
  const perimeter = round ? Math.PI * w : 2 * (w + l);
  const depth = spec.filling.depthMm / 1000;
  const height = depth + ((spec.top?.tMm ?? 0) + (spec.base?.tMm ?? 0)) / 1000;

  const spread = Math.floor(0.1 / (area + 0.015 * perimeter + Math.PI * 0.015 ** 2));
  const pieces = spec.load?.pieces ?? (area > 0.02 ? 1 : Math.max(1, Math.min(12, spread)));
  const gapM = (spec.load?.gapMm ?? (pieces <= 1 ? 50 : 30)) / 1000;
  const trays = spec.load?.trays ?? 1;
  const slender = gapM > 0 ? height / gapM : 99;

  const pressure = atmosphere(oven.altitudeM ?? 0);
  const boilingC = boilingPoint(pressure) + (spec.filling.boilingRiseC ?? 0.8);
  const supportRow = supports[spec.support];
  const support = supportRow && { ...supportRow, tM: supportRow.thicknessMm / 1000 };
  const loaded = atLoading(spec, top, base, filling, area, perimeter, depth);
  const vesselRow = spec.vessel && vesselMaterials[spec.vessel.material];
  const vessel =
    spec.vessel && vesselRow
      ? {
          ...vesselRow,
          tM: (spec.vessel.tMm ?? vesselRow.thicknessMm) / 1000,
          startC: spec.vessel.startC ?? loaded.fillingC,
          loose: spec.vessel.loose ?? false,
        }
      : null;
  const target = spec.filling.coreTargetC;
  return {
    spec,
    top,
    base,
    filling,
    vessel,
    support,
    area,
    perimeter,
    height,
    depth,
    halfWidths: round ? [w / 2] : [w / 2, l / 2],
    round,
    pieces,
    gapM,
    trays,
    view: Math.sqrt(1 + slender * slender) - slender,
    shade: pieces > 1 && !vessel ? gapM / (gapM + 0.5 * height) : 1,
    traysView: 1 - 0.25 * (trays - 1),
    pressure,
    boilingC,
    fillingStartC: loaded.fillingC,
    crustStartC: loaded.crustC,
    rack: oven.rack ?? 'middle',
    wash: washFactors[spec.wash ?? 'none'],
    colourBoost: 1 + Math.min(0.6, 0.05 * (spec.sugarPct ?? 0)) + Math.min(0.3, 0.04 * (spec.milkSolidsPct ?? 0)),
    targetC: target ?? (filling.raw ? filling.coreC : Math.min(filling.coreC, boilingC - 3)),
    targetGiven: target !== undefined,
  };
}

/** Filling and crust temperatures when the piece goes into the oven, after it has waited since it was filled. */
function atLoading(
  spec: BakeSpec,
  top: Crust | null,
  base: Crust | null,
  filling: FillingKind,
  area: number,
  perimeter: number,
  z: number,
): { fillingC: number; crustC: number } {
  const T0 = spec.filling.startC;
  const Tc = spec.crustStartC ?? Math.min(T0, 10);
  const waited = spec.filling.sinceFilledMin ?? (!spec.vessel && T0 > 25 ? 10 : 0);
  if (!(waited > 0 && T0 >= 0 && Tc >= 0)) return { fillingC: T0, crustC: Tc };
  const Te = spec.filling.waitC ?? 20;
  const heat = (c: Crust, tMm: number) => ((c.density / (1 + c.X0)) * (1700 + 4180 * c.X0) * tMm) / 1000;
  const Cf = filling.density * (4180 * filling.water + 1600 * (1 - filling.water)) * z;
  const Cc = (top && spec.top ? heat(top, spec.top.tMm) : 0) + (base && spec.base ? heat(base, spec.base.tMm) : 0);
  const mix = (Cf * T0 + Cc * Tc) / (Cf + Cc);
  const met = 1 - Math.exp(-waited / 4);
  const U = 1 / (1 / 9 + z / (6 * filling.k0));
  const tau = (Cf + Cc) / (U * (2 + (perimeter * z) / area)) / 60;
  const e = Math.exp(-waited / tau);
  return { fillingC: Te + (T0 + met * (mix - T0) - Te) * e, crustC: Te + (Tc + met * (mix - Tc) - Te) * e };
}
