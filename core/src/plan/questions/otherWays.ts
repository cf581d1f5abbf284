import { dayOf, type DayWays } from '../../clock/compile';
import { earliestPlan } from '../../clock/planner/choices';
import type { ItemInput } from '../../contracts/item';
import { planBake, scheduled } from '../bake';
import type { BakeInput } from '../inputs';
import { writePaths } from '../path';
import { thinnerChill } from './changes';
import { asMade } from '../sharedDough';
import { heatsOf } from '../stations/oven/programme';
import { dayOfWay, type DayOfWay } from './ovenOfDay';

export const otherWayKinds = ['oneHeat', 'thinnerPackets', 'restsInFreezer', 'cooledOnTrays', 'cooledInIce'] as const;
export type OtherWayKind = (typeof otherWayKinds)[number];

/** Pies made another way: what changes of which, and when the day is at the table then, solved and checked. */
export interface OtherWay extends DayOfWay {
  kinds: OtherWayKind[];
  pies: { itemIndex: number; changes: Changes }[];
  lateMin: number;
}
type Changes = Record<string, string | number | boolean>;

/** What has to change of an item for a way; null where it is that way already. */
const changesFor: Record<OtherWayKind, (item: ItemInput, all: readonly ItemInput[]) => Changes | null> = {
  oneHeat: ({ oven }, all) => {
    const setC = commonHeat(all);
    return setC === null || setC === oven.setC ? null : { 'oven.setC': setC };
  },
  thinnerPackets: thinnerChill,
  restsInFreezer: ({ folds }) => (folds.coldIn === 'freezer' ? null : { 'folds.coldIn': 'freezer' }),
  cooledOnTrays: ({ filling }) => (filling.coolIn === 'trays' ? null : { 'filling.coolIn': 'trays' }),
  cooledInIce: ({ filling }) =>
    filling.coolAt === 'iceBath' ? null : { 'filling.coolAt': 'iceBath', 'filling.coolIn': 'pot' },
};

/**
 * One heat for pies that want several, to whole five degrees between theirs; null where one of them is baked in a programme, or
 * by minutes its cook wrote down for its own heat. Each bakes as long as it then takes, worked out anew.
 */
function commonHeat(all: readonly ItemInput[]): number | null {
  if (all.length < 2 || all.some((i) => heatsOf(i.oven).length > 1 || i.oven.ownMin)) return null;
  return Math.round(all.reduce((sum, i) => sum + i.oven.setC, 0) / all.length / 5) * 5;
}

/** Fewer minutes gained than this are not worth another way. */
const worthwhileMin = 5;
const mostOffered = 3;
const together: readonly OtherWayKind[][] = [...otherWayKinds.map((kind) => [kind]), ['restsInFreezer', 'cooledInIce']];

/**
 * What could be done another way for a day that cannot be, so that it can, or sooner than `lateMin` late: one heat for those it is
 * about, packets in two halves or half as thick, rests in the freezer, fillings cooled on trays or in ice water, of one pie it is about or of all. Each is planned whole (its Cold Line with it),
 * searched and checked before it is offered; none that brings a problem the day did not have. The least late first, and of
 * equals the one that changes least.
 */
export function otherWays(input: BakeInput, about: readonly number[], lateMin: number, ways: DayWays): OtherWay[] {
  const problems = (plan: ReturnType<typeof planBake>) =>
    plan.items.flatMap((p, i) => p.problems.map(({ code }) => `${i} ${code}`));
  const before = new Set(problems(planBake(input)));
  const all = input.items.map((_, i) => i);
  const asked = about.map((i) => input.items[i]);
  const whose = about.length === all.length ? [all] : [...about.map((i) => [i]), all];
  const tried = together.flatMap((kinds) =>
    (kinds.includes('oneHeat') ? [about] : whose).flatMap((indices): OtherWay[] => {
      const pies = indices.flatMap((itemIndex) => {
        const changes: Changes = {};
        for (const kind of kinds) Object.assign(changes, changesFor[kind](input.items[itemIndex], asked));
        return Object.keys(changes).length ? [{ itemIndex, changes }] : [];
      });
      if (!pies.length) return [];
      const other: BakeInput = {
        ...input,
        items: input.items.map((x, i) => writePaths(x, pies.find((p) => p.itemIndex === i)?.changes ?? {})),
      };
      const plan = planBake(other);
      if (problems(plan).some((p) => !before.has(p))) return [];
      const { items } = asMade(other.items, other.kitchen);
      const day = dayOf(scheduled(items, plan.items, plan.doughs, other.kitchen), other.kitchen, other.meal, ways);
      const found = day && earliestPlan(day);
      return found ? [{ kinds, pies, lateMin: found.plan.serve - day.serve.at, ...dayOfWay(day, found.plan) }] : [];
    }),
  );
  const changed = (w: OtherWay) => w.pies.reduce((sum, p) => sum + Object.keys(p.changes).length, 0);
  const best = tried
    .filter((w) => w.lateMin <= lateMin - worthwhileMin)
    .sort((a, b) => a.lateMin - b.lateMin || changed(a) - changed(b));
  return best.filter((w, i) => best.findIndex((o) => o.lateMin === w.lateMin) === i).slice(0, mostOffered);
}
