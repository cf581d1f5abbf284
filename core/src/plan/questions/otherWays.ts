import { dayOf, type DayWays } from '../../clock/compile';
import { earliestPlan } from '../../clock/planner/choices';
import type { ItemInput } from '../../contracts/item';
import { planBake, scheduled } from '../bake';
import type { BakeInput } from '../inputs';
import { writePaths } from '../path';
import { asMade } from '../sharedDough';

export const otherWayKinds = ['restsInFreezer', 'cooledOnTrays', 'cooledInIce'] as const;
export type OtherWayKind = (typeof otherWayKinds)[number];

/** Pies made another way: what changes of which, and when the day is at the table then, solved and checked. */
export interface OtherWay {
  kinds: OtherWayKind[];
  pies: { itemIndex: number; changes: Record<string, string> }[];
  lateMin: number;
}

/** What has to change of an item for a way; null where it is that way already. */
const changesFor: Record<OtherWayKind, (item: ItemInput) => Record<string, string> | null> = {
  restsInFreezer: ({ folds }) => (folds.coldIn === 'freezer' ? null : { 'folds.coldIn': 'freezer' }),
  cooledOnTrays: ({ filling }) => (filling.coolIn === 'trays' ? null : { 'filling.coolIn': 'trays' }),
  cooledInIce: ({ filling }) =>
    filling.coolAt === 'iceBath' ? null : { 'filling.coolAt': 'iceBath', 'filling.coolIn': 'pot' },
};

/** Fewer minutes gained than this are not worth another way. */
const worthwhileMin = 5;
const mostOffered = 3;
const together: readonly OtherWayKind[][] = [...otherWayKinds.map((kind) => [kind]), ['restsInFreezer', 'cooledInIce']];

/**
 * What could be done another way for a day that cannot be, so that it can, or sooner than `lateMin` late: rests in the freezer,
 * fillings cooled on trays or in ice water, of one pie it is about or of all. Each is planned whole (its Cold Line with it),
 * searched and checked before it is offered; none that brings a problem the day did not have. The least late first, and of
 * equals the one that changes least.
 */
export function otherWays(input: BakeInput, about: readonly number[], lateMin: number, ways: DayWays): OtherWay[] {
  const problems = (plan: ReturnType<typeof planBake>) =>
    plan.items.flatMap((p, i) => p.problems.map(({ code }) => `${i} ${code}`));
  const before = new Set(problems(planBake(input)));
  const all = input.items.map((_, i) => i);
  const whose = about.length === all.length ? [all] : [...about.map((i) => [i]), all];
  const tried = together.flatMap((kinds) =>
    whose.flatMap((indices): OtherWay[] => {
      const pies = indices.flatMap((itemIndex) => {
        const changes: Record<string, string> = {};
        for (const kind of kinds) Object.assign(changes, changesFor[kind](input.items[itemIndex]));
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
      return found ? [{ kinds, pies, lateMin: found.plan.serve - day.serve.at }] : [];
    }),
  );
  const changed = (w: OtherWay) => w.pies.reduce((sum, p) => sum + Object.keys(p.changes).length, 0);
  const best = tried
    .filter((w) => w.lateMin <= lateMin - worthwhileMin)
    .sort((a, b) => a.lateMin - b.lateMin || changed(a) - changed(b));
  return best.filter((w, i) => best.findIndex((o) => o.lateMin === w.lateMin) === i).slice(0, mostOffered);
}
