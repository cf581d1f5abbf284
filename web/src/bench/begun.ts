import type { ItemInput } from '@crustallum/core/contracts/item';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { MealInput } from '@crustallum/core/contracts/meal';
import type { BakePlanResult } from '@crustallum/core/plan/bake';
import { closedName, closedPieG, isClosedBefore } from '@crustallum/core/plan/closedBefore';
import { eatersOf } from '../wording/eaters';
import type { FillingResult } from '@crustallum/core/plan/stations/filling/result';
import type { PartAtBench, RunPlan } from './run';

/** Thickness a lid of rolled-out dough comes to in the oven, a multiple (estimate). */
const rise = 1.15;

/** Whose dough an item is made of, where it is not its own. */
function doughOf({ doughs }: BakePlanResult, n: number): { doughOf?: number } {
  const [leader, ...others] = doughs.find((d) => d.members.some((m) => m.index === n))?.members ?? [];
  return leader && others.some((m) => m.index === n) ? { doughOf: leader.index } : {};
}

/** What goes in, from below where it is laid in layers, with what of the salt belongs to each and when it goes into the pot. */
const partsAtBench = ({ parts, pot }: FillingResult, layered: boolean): PartAtBench[] =>
  parts
    .map(({ name, grams, eachG, layer, saltPct }, at) => ({
      layer,
      part: {
        name,
        grams,
        eachG,
        ...(layered ? { saltEachG: (eachG * saltPct) / 100 } : {}),
        ...(pot ? { entersMin: pot.entersMin[at] } : {}),
      },
    }))
    .sort((a, b) => a.layer - b.layer)
    .map(({ part }) => part);

/** What a run is begun from: the plan and its inputs, copied as they stand now. */
export function begun(
  plan: BakePlanResult,
  meal: MealInput,
  items: readonly { id: string; document: ItemInput }[],
  kitchen: KitchenInput,
): RunPlan {
  return {
    title: meal.title,
    serveAt: meal.serveAt,
    kitchen,
    ...(meal.away?.length ? { away: meal.away } : {}),
    ...(meal.together ? { together: true } : {}),
    steps: plan.clock.steps,
    people: meal.eaters.map((e) => e.name.trim()).filter(Boolean),
    items: items.map((i, n) => {
      const p = plan.items[n] as BakePlanResult['items'][number];
      return {
        id: i.id,
        document: i.document,
        line: p.line,
        expectedMm: p.lamination.kind === 'folds' ? p.lamination.figures.stands.value : p.cut.rolled.thicknessMm * rise,
        bakeMin: p.oven.minutes,
        pieces: p.cut.pieces,
        depthMm: p.oven.spec.filling.depthMm,
        eaters: eatersOf(plan.who, n),
        fillingParts: partsAtBench(p.filling, i.document.filling.layered === true),
        ...(p.filling.raw || i.document.filling.layered
          ? {}
          : { mixedEachG: p.filling.eachG, mixedEachMl: p.filling.eachMl }),
        ...(p.filling.pot
          ? {
              pot: {
                minutes: i.document.filling.cookMinutes,
                stages: p.filling.pot.stages.map(({ fromMin, heat, lid }) => ({ fromMin, heat, lid })),
              },
            }
          : {}),
        ticks: p.seal.ticks,
        ...(p.oven.company ? { company: p.oven.company } : {}),
        ...doughOf(plan, n),
        standMin: p.steps.find((s) => s.code === 'stand')?.minutes ?? 0,
        ...(i.document.oven.inSecond && kitchen.secondOven ? { inSecond: true } : {}),
        ...(p.filling.cover ? { coverG: p.filling.cover.grams } : {}),
        ...(isClosedBefore(i.document)
          ? { closed: { name: closedName(i.document.title), grams: closedPieG(p) * p.cut.pieces } }
          : {}),
        ...(p.dough.facts ? { parts: p.dough.facts.parts, firstLotPct: p.dough.facts.firstLotPct } : {}),
        ...(i.document.dough.waterFactor ? { waterFactor: i.document.dough.waterFactor } : {}),
      };
    }),
  };
}
