import { browning, type Bake, type SeriesRow } from './bake';
import { likedDoses } from './programme';
import { dryAt } from './tables';
import type { BakeSpec } from './bakeInput';

export const lidLooks = ['paler', 'asDrawn', 'darker'] as const;
export type LidLook = (typeof lidLooks)[number];
export const baseLooks = ['damp', 'firm', 'brown'] as const;
export type BaseLook = (typeof baseLooks)[number];

/** What a vent shows, what a knife in the middle meets, how the crust sounds when it is tapped. */
export const ventLooks = ['still', 'bubbles', 'over'] as const;
export type VentLook = (typeof ventLooks)[number];
export const knifeLooks = ['meets', 'slides'] as const;
export type KnifeLook = (typeof knifeLooks)[number];
export const tapLooks = ['dull', 'hollow'] as const;
export type TapLook = (typeof tapLooks)[number];

/** What was seen, and read by a probe in the middle, at a minute of a bake. */
export interface Looked {
  minute: number;
  lid?: LidLook | null;
  base?: BaseLook | null;
  vent?: VentLook | null;
  knife?: KnifeLook | null;
  tap?: TapLook | null;
  coreC?: number | null;
}

export const lookBinds = ['lid', 'base', 'middle'] as const;
export interface LookAnswer {
  /** Out at, min of the bake, as reckoned before and by what was seen. */
  wasMin: number;
  outMin: number;
  leftMin: number;
  /** What keeps it in longest now. */
  binds: (typeof lookBinds)[number];
  /** The lid would be past what is liked before it is out: foil on from then; null where it would not. */
  foilFromMin: number | null;
  /** A base that is brown already: off the hot floor. */
  shelfUp: boolean;
}

/** How much more or less browned a lid is that looks paler or darker than drawn, and a base drier or damper (estimates: one step of colour). */
export const browned: Record<LidLook, number> = { paler: 0.6, asDrawn: 1, darker: 1.7 };
const dried: Record<BaseLook, number> = { damp: 0.7, firm: 1, brown: 1.3 };
/** A crust that sounds dull is so much less dry, one that sounds hollow a little drier (estimates: a step of the base is more). */
const sounds: Record<TapLook, number> = { dull: 0.85, hollow: 1.1 };
/** A filling that is still at a vent is no hotter in its middle than this, °C (estimate: what bubbles there has boiled by the wall). */
export const stillC = 80;
/** A knife that meets something hard is tried again no sooner, min (estimate). */
const hardMin = 8;
const longestMin = 240;
/** A probe a little off the middle reads hotter: the sooner of two readings never counts for less than this share of the time. */
const slowest = 0.6;
const fastest = 1.4;

/** The minute at which a rising figure of the series comes to a value; straight on from its last ten minutes where it ends before. */
function minuteOf(series: readonly SeriesRow[], of: (row: SeriesRow) => number, value: number): number | null {
  const at = series.findIndex((r) => of(r) >= value);
  if (at === 0) return 0;
  if (at > 0) {
    const [a, b] = [series[at - 1], series[at]];
    return a.tMin + (value - of(a)) / Math.max(1e-9, of(b) - of(a));
  }
  const last = series[series.length - 1];
  const before = series[Math.max(0, series.length - 11)];
  const slope = (of(last) - of(before)) / Math.max(1, last.tMin - before.tMin);
  if (slope <= 1e-6) return null;
  const minute = last.tMin + (value - of(last)) / slope;
  return minute > longestMin ? null : minute;
}

/**
 * The rest of a bake by what was seen at a minute: a paler or darker lid and a damper or drier base are a slower or faster
 * pace of each, a probe in the middle a pace of its heat. A vent that is still though the middle should be hot puts it back to
 * where it would still be; a knife tells when it is soft. Without a probe the middle is never safe sooner than was reckoned:
 * neither colour nor bubbles tell that. Minutes; an estimate.
 */
export function lookedAt(spec: BakeSpec, bake: Bake, plannedMin: number, looked: Looked): LookAnswer {
  const { minute } = looked;
  const parts = partsOf(spec, bake, looked);
  const binds = lookBinds.reduce((a, b) => (parts[b] > parts[a] ? b : a));
  // what was reckoned beyond the parts, such as the range of a kitchen, stays in proportion
  const reckoned = Math.max(...Object.values(partsOf(spec, bake, { minute })));
  const share = reckoned > 0 ? plannedMin / reckoned : 1;
  // a fast kitchen makes no middle hot sooner
  const outMin = Math.max(minute, share * parts[binds], Math.min(plannedMin, parts.middle));
  const [, mostLiked] = likedDoses(spec);
  const past = spec.top ? minuteOf(bake.series, (r) => r.browning * browned[looked.lid ?? 'asDrawn'], mostLiked) : null;
  return {
    wasMin: plannedMin,
    outMin,
    leftMin: Math.max(0, outMin - minute),
    binds,
    foilFromMin: past !== null && past < outMin - 2 ? Math.max(minute, past) : null,
    shelfUp: looked.base === 'brown' && outMin - minute > 4,
  };
}

/** When lid, base and middle are each ready, at the pace that was seen. */
function partsOf(spec: BakeSpec, bake: Bake, looked: Looked): Record<(typeof lookBinds)[number], number> {
  const { series, times, targetC } = bake;
  const ofLid = browned[looked.lid ?? 'asDrawn'];
  const ofBase = looked.base ? dried[looked.base] : looked.tap ? sounds[looked.tap] : 1;
  const ready = spec.readyBrowning ?? browning.mid;
  const golden = spec.top ? (minuteOf(series, (r) => r.browning * ofLid, ready) ?? longestMin) : 0;
  const dry = spec.base ? (minuteOf(series, (r) => r.baseDryness * ofBase, dryAt.filling) ?? 0) : 0;
  return {
    lid: Math.max(golden, times.lid ?? 0),
    base: Math.max(dry, times.baseSet ?? 0),
    middle: middleMin(bake, targetC, looked),
  };
}

/** When the middle is where it has to be: as reckoned, or at the pace a probe shows; as soft as a knife finds it. */
function middleMin({ series, times }: Bake, targetC: number, { minute, coreC, vent, knife }: Looked): number {
  const reckoned = times.core ?? longestMin;
  const softAt =
    times.soft === null || !knife
      ? (times.soft ?? 0)
      : knife === 'slides'
        ? Math.min(minute, times.soft)
        : Math.max(times.soft, minute + hardMin);
  if (coreC === null || coreC === undefined || minute < 1) {
    const hot = knife && times.safe !== null ? Math.max(times.safe, softAt) : reckoned;
    return hot + (vent === 'still' ? Math.max(0, minute - (minuteOf(series, (r) => r.coreC, stillC) ?? minute)) : 0);
  }
  // soft enough is not told by a thermometer
  if (coreC >= targetC) return Math.max(minute, softAt);
  const alike = minuteOf(series, (r) => r.coreC, coreC) ?? minute;
  const pace = Math.max(slowest, Math.min(fastest, Math.max(1, alike) / minute));
  return Math.max(minute + 1, (times.safe ?? reckoned) / pace, softAt);
}
