import type { RunEventType } from '@crustallum/core/contracts/run';
import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { begun } from '../bench/begun';
import { benchStore, startRun } from '../bench/benchStore';
import type { BenchEvent, BenchRun } from '../bench/run';
import type { Pastry, Product } from '@crustallum/core/contracts/products';

/** A run of these items as the bench would begin it, planned by the core. */
export function runOfItems(documents: readonly ItemInput[], startedAt = Date.now()): BenchRun {
  const supper = starterMeal('2036-12-12T18:30', 8, 'Supper');
  const plan = planBake({ meal: supper, items: [...documents], kitchen: plainKitchen });
  const items = documents.map((document, i) => ({ id: String(i), document }));
  return {
    id: '22222222-2222-4222-8222-222222222222',
    bakeId: '33333333-3333-4333-8333-333333333333',
    startedAt: new Date(startedAt).toISOString(),
    finishedAt: null,
    plan: begun(plan, supper, items, plainKitchen),
  };
}

/** A run of starters; their fillings stand ready. */
export function runOf(kinds: readonly [Product, Pastry?][], startedAt: number, mouths = 8): BenchRun {
  const run = runOfItems(
    kinds.map(([product, pastry]) => starterItem(product, mouths, 'You', pastry)),
    startedAt,
  );
  return { ...run, plan: { ...run.plan, steps: run.plan.steps.filter((s) => s.strand === 'pastry') } };
}

export const stepIndex = (run: BenchRun, code: string): number => run.plan.steps.findIndex((s) => s.code === code);

/** An event of a run so many minutes after its beginning. */
export const eventOf = (
  run: BenchRun,
  type: RunEventType,
  minute: number,
  data: Record<string, unknown> = {},
): BenchEvent => ({
  id: `${type} ${minute} ${JSON.stringify(data).length}`,
  runId: run.id,
  type,
  at: new Date(Date.parse(run.startedAt) + minute * 60_000).toISOString(),
  data,
  sent: 1,
});

/** Puts a run on the device with the presses that brought it to a step, all made in its first moment. */
export async function runAt(run: BenchRun, index: number, ...more: BenchEvent[]): Promise<void> {
  await benchStore.runs.clear();
  await benchStore.events.clear();
  await startRun(run);
  const presses = Array.from({ length: index }, (_, i) => eventOf(run, 'next', i * 1e-4));
  // what still lies in the cold is taken out at once
  await benchStore.events.bulkAdd([...presses, eventOf(run, 'begin', index * 1e-4), ...more]);
}
