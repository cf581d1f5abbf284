import { browning, simulateBake, type Bake } from './bake';
import type { BakeSpec, OvenStep, RackPosition } from './bakeInput';
import { crusts, type Support } from './tables';

/** A way to bake: heats in turn, shelf, what it stands on, and foil from a minute on. */
export interface Programme {
  steps: OvenStep[];
  rack: RackPosition;
  support: Support;
  tentFromMin: number | null;
  /** Taken off again; to the end where nothing is said. */
  tentToMin?: number | undefined;
}

/** A programme and how it comes out. */
export interface ProgrammeRun {
  programme: Programme;
  bake: Bake;
  /** Out at, min; null where it is never ready. */
  minutes: number | null;
  /** Lower is better; null where the middle is never safe. */
  misses: number | null;
}

export const programmeParts = ['heat', 'shelf', 'stand', 'foil'] as const;
export type ProgrammePart = (typeof programmeParts)[number];
/** What had to be left short, the gravest first. */
export const givenUpParts = ['base', 'lid'] as const;

export interface ProgrammeSearch {
  mine: ProgrammeRun;
  proposed: ProgrammeRun;
  /** What each part of the proposal is worth: the proposal with that part left as it was. */
  gains: { part: ProgrammePart; programme: Programme; without: Omit<ProgrammeRun, 'programme'> }[];
  /** What the best of them still leaves short. */
  givesUp: (typeof givenUpParts)[number][];
  /** Bakes simulated: the search is bounded, and equal input gives an equal answer. */
  tried: number;
}

/** Browning within which a lid is as it is liked, around what it is ready at (estimates). */
const likedWithin = { below: 0.75, above: 2.4 } as const;
/** A base as dry as this is not improved by more (the upper half of "dry"). */
const dryEnough = 0.55;
/** Where a case cannot be dry, soft is better than soggy. */
const heats = [-30, -20, -10, 0, 10, 20] as const;
/** A hot start by so much until that minute, then gentler by so much than the cook's heat. */
const starts = [
  { plus: 20, untilMin: 15, then: -20 },
  { plus: 20, untilMin: 20, then: 0 },
  { plus: 20, untilMin: 20, then: -30 },
] as const;
const [coolestC, hottestC] = [140, 240] as const;
/** Layers start no cooler than this, °C (estimate). */
const liftsC = 195;
const longestMin = 240;
/** Foil goes on where the lid would be past what is liked. */
const finalists = 6;

/** What a change costs in attention, in the units of a miss: nothing is proposed that gains less (our choice). */
const effort = { heat: 0.05, second: 0.06, shelf: 0.04, stand: 0.05, foil: 0.08 } as const;
/** A minute of oven, in the same units. */
const perMinute = 0.004;

const sameSteps = (a: readonly OvenStep[], b: readonly OvenStep[]): boolean => JSON.stringify(a) === JSON.stringify(b);

/** A bake by a programme, everything else as it is. */
export function programmed(spec: BakeSpec, p: Programme): BakeSpec {
  const { tents: _, supportPreheated: __, ...rest } = spec;
  return {
    ...rest,
    support: p.support,
    ...(p.support === 'stone' || p.support === 'steel' ? { supportPreheated: true } : {}),
    oven: { ...spec.oven, steps: p.steps, rack: p.rack },
    ...(p.tentFromMin === null ? {} : { tents: [[p.tentFromMin, p.tentToMin ?? longestMin]] }),
  };
}

/** The programme a bake has now. */
export const programmeOf = (spec: BakeSpec): Programme => ({
  steps: spec.oven.steps,
  rack: spec.oven.rack ?? 'middle',
  support: spec.support,
  tentFromMin: spec.tents?.[0]?.[0] ?? null,
  ...(spec.tents?.[0] && spec.tents[0][1] < longestMin ? { tentToMin: spec.tents[0][1] } : {}),
});

/** Browning from and to which a lid is as it is liked. */
export function likedDoses(spec: Pick<BakeSpec, 'readyBrowning'>): [number, number] {
  const ready = spec.readyBrowning ?? browning.mid;
  return [likedWithin.below * ready, likedWithin.above * ready];
}

/** How far a lid so brown is from what is liked: nothing within, the logarithm of the ratio outside. */
export function lidMiss(spec: Pick<BakeSpec, 'top' | 'readyBrowning'>, dose: number): number {
  if (!spec.top) return 0;
  const [low, high] = likedDoses(spec);
  return dose < low ? Math.log(low / Math.max(1e-3, dose)) : dose > high ? Math.log(dose / high) : 0;
}

/** How far a bake is from a dry base and the lid that is liked; null where the middle is never safe. */
function missesOf(spec: BakeSpec, bake: Bake): { base: number; lid: number; minutes: number } | null {
  const at = bake.atProposed;
  if (bake.proposed === null || at === null || bake.times.safe === null || bake.proposed < bake.times.safe - 0.01)
    return null;
  const lid = lidMiss(spec, at.browning);
  const base = spec.base ? Math.max(0, dryEnough - at.baseDryness) / dryEnough : 0;
  return { base: 2 * base, lid, minutes: bake.proposed };
}

/** Heats to try around what is set: one, or a hot start and a gentler end. */
function heatsToTry(steps: readonly OvenStep[], layered: boolean): OvenStep[][] {
  const setC =
    steps.length === 1 ? steps[0].setC : Math.round(steps.reduce((s, x) => s + x.setC, 0) / steps.length / 5) * 5;
  const within = (c: number) => c >= coolestC && c <= hottestC;
  const single = heats.map((d) => [{ fromMin: 0, setC: setC + d }]);
  const double = starts.map((s) => [
    { fromMin: 0, setC: setC + s.plus },
    { fromMin: s.untilMin, setC: setC + s.then },
  ]);
  // layers are lifted by steam in the first minutes
  return [[...steps], ...single, ...double].filter(
    (list, i, all) =>
      list.every((s) => within(s.setC)) &&
      (!layered || list[0].setC >= Math.min(liftsC, steps[0].setC)) &&
      all.findIndex((o) => sameSteps(o, list)) === i,
  );
}

/**
 * The programme that brings base and lid nearest to dry and liked with a safe middle, which is never traded: every heat of a
 * stated list (the set one, 30 less to 20 more, three hot starts) on every shelf and support allowed, and foil on the best of
 * them where the lid runs past. Ties go to what the cook has set. °C, min; an estimate of the bake's model.
 */
export function searchProgramme(
  spec: BakeSpec,
  allowed: { racks: readonly RackPosition[]; supports: readonly Support[] },
): ProgrammeSearch {
  const mine = programmeOf(spec);
  let tried = 0;
  const run = (programme: Programme): ProgrammeRun & { total: number } => {
    const changed = programmed(spec, programme);
    const bake = simulateBake(changed);
    tried++;
    const miss = missesOf(changed, bake);
    if (!miss) return { programme, bake, minutes: bake.proposed, misses: null, total: Infinity };
    const misses = miss.base + miss.lid;
    const cost =
      (sameSteps(programme.steps, mine.steps) ? 0 : effort.heat + (programme.steps.length > 1 ? effort.second : 0)) +
      (programme.rack === mine.rack ? 0 : effort.shelf) +
      (programme.support === mine.support ? 0 : effort.stand) +
      (programme.tentFromMin === null || programme.tentFromMin === mine.tentFromMin ? 0 : effort.foil);
    return { programme, bake, minutes: bake.proposed, misses, total: misses + cost + perMinute * miss.minutes };
  };
  const asSet = run(mine);
  const racks = [...new Set([mine.rack, ...allowed.racks])];
  const supports = [...new Set([mine.support, ...allowed.supports])];
  const layered = !!spec.top && crusts[spec.top.type].laminated;
  const bare = supports.flatMap((support) =>
    racks.flatMap((rack) =>
      heatsToTry(mine.steps, layered).map((steps) => run({ steps, rack, support, tentFromMin: null })),
    ),
  );
  const better = (a: { total: number }, b: { total: number }) => a.total - b.total;
  const ready = spec.readyBrowning ?? browning.mid;
  const foiled = [asSet, ...bare]
    .sort(better)
    .slice(0, finalists)
    .concat(
      [...bare]
        .filter((r) => Number.isFinite(r.total))
        .sort((a, b) => baseMiss(a) - baseMiss(b))
        .slice(0, finalists),
    )
    .flatMap((r) => {
      const past = r.bake.series.find((row) => row.browning >= 1.3 * ready)?.tMin;
      const out = r.minutes ?? 0;
      return r.programme.tentFromMin === null && past !== undefined && past < out - 4
        ? [run({ ...r.programme, tentFromMin: Math.round(past) })]
        : [];
    });
  const best = [asSet, ...bare, ...foiled].reduce((a, b) => (b.total < a.total - 1e-9 ? b : a));
  const parts = partsThatDiffer(mine, best.programme);
  const gains = parts.map((part) => {
    const { programme, total: _, ...without } = run(withoutPart(best.programme, mine, part));
    return { part, programme, without };
  });
  const left = missesOf(programmed(spec, best.programme), best.bake);
  const { total: _, ...proposed } = best;
  const { total: __, ...own } = asSet;
  return {
    mine: own,
    proposed,
    gains,
    givesUp: left ? givenUpParts.filter((p) => left[p] > 0.05) : [...givenUpParts],
    tried,
  };
}

const baseMiss = (r: ProgrammeRun): number => -(r.bake.atProposed?.baseDryness ?? 0);

function partsThatDiffer(mine: Programme, proposed: Programme): ProgrammePart[] {
  const differs: Record<ProgrammePart, boolean> = {
    heat: !sameSteps(mine.steps, proposed.steps),
    shelf: mine.rack !== proposed.rack,
    stand: mine.support !== proposed.support,
    foil: mine.tentFromMin !== proposed.tentFromMin,
  };
  return programmeParts.filter((p) => differs[p]);
}

function withoutPart(p: Programme, mine: Programme, part: ProgrammePart): Programme {
  switch (part) {
    case 'heat':
      return { ...p, steps: mine.steps };
    case 'shelf':
      return { ...p, rack: mine.rack };
    case 'stand':
      return { ...p, support: mine.support };
    case 'foil':
      return { ...p, tentFromMin: mine.tentFromMin };
  }
}
