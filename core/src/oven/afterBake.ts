import { fillingKinds } from './tables';
import type { BakeSpec } from './bakeInput';

/** What comes after the oven, minutes from taking out; null where it does not come within four hours. */
export interface AfterBake {
  /** Middle and rim together have come down to what burns no mouth. */
  mouthMin: number | null;
  /** It stays hot enough to be held warm until then. */
  hotUntilMin: number | null;
  /** In a tin its base begins to sweat. */
  sweatsMin: number | null;
}

/** Burns no mouth, and is still hot by usual guidance, °C. */
const mouthC = 60;
const heldHotC = 63;
/** A base in a tin sweats after about so long (usual guidance). */
const sweatsMin = 20;
const longestMin = 240;
/** Filling nearer the rim than the middle comes out hotter than it: so far on the way to boiling (estimate). */
const towardsBoiling = 0.4;
/** Still air and glow in a kitchen, and a board or rack below, W/(m² K) (estimates). */
const topH = 10;
const belowH = 7;

/**
 * How a pie cools as it stands (°C, min): one body of the filling's heat losing through lid, base and sides,
 * `T = Tr + (T0 − Tr)e^(−t/τ)`. An estimate; a probe decides about holding food hot.
 */
export function afterBake(spec: BakeSpec, coreC: number, boilingC: number, roomC: number): AfterBake {
  const f = fillingKinds[spec.filling.type];
  const z = spec.filling.depthMm / 1000;
  const [w, l] =
    spec.shape.kind === 'disc'
      ? [spec.shape.dMm / 1000, spec.shape.dMm / 1000]
      : [spec.shape.wMm / 1000, spec.shape.lMm / 1000];
  // perimeter over area: 4/d for a disc, 2(1/w + 1/l) for a rectangle
  const edge = spec.shape.kind === 'disc' ? 4 / w : 2 * (1 / w + 1 / l);
  const stored = f.density * (4180 * f.water + 1600 * (1 - f.water)) * z;
  const tauMin = stored / (topH + belowH + topH * edge * z) / 60;
  const startC = coreC + towardsBoiling * Math.max(0, boilingC - coreC);
  const until = (c: number, from = startC): number | null => {
    if (from <= c) return 0;
    if (roomC >= c) return null;
    const min = tauMin * Math.log((from - roomC) / (c - roomC));
    return min > longestMin ? null : min;
  };
  return {
    mouthMin: until(mouthC),
    // the short side: as if all of it were no hotter than its middle
    hotUntilMin: until(heldHotC, coreC),
    sweatsMin: spec.base && spec.vessel && !spec.vessel.loose ? sweatsMin : null,
  };
}
