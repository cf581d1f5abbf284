import type { RunEventType } from '@crustallum/core/contracts/run';
import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import type { WayLaid } from '@crustallum/core/contracts/clock';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { begun } from '../bench/begun';
import { benchStore, startRun } from '../bench/benchStore';
import { keyOf } from '@crustallum/core/plan/steps/key';
import type { TimedStep } from '@crustallum/core/plan/steps/codes';
import { isWait, nowOf, stateOf, type BenchEvent, type BenchRun, type BenchState } from '../bench/run';
import { device } from '../bench/screen';
import type { Pastry, Product } from '@crustallum/core/contracts/products';

/** A run of these items as the bench would begin it, planned by the core, its day laid as is said. */
export function runOfItems(
  documents: readonly ItemInput[],
  startedAt = Date.now(),
  kitchen: KitchenInput = plainKitchen,
  laid?: WayLaid,
): BenchRun {
  const supper = { ...starterMeal('2036-12-12T18:30', 8, 'Supper'), laid };
  const plan = planBake({ meal: supper, items: [...documents], kitchen });
  const items = documents.map((document, i) => ({ id: String(i), document }));
  return {
    id: '22222222-2222-4222-8222-222222222222',
    bakeId: '33333333-3333-4333-8333-333333333333',
    startedAt: new Date(startedAt).toISOString(),
    finishedAt: null,
    plan: begun(plan, supper, items, kitchen),
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

const keyAt = (run: BenchRun, index: number): string => keyOf(run.plan.steps[index] as TimedStep);

/** What brings a run to a step, all in its first moment: what is before it done or put where it waits, work of its own begun. */
export function upTo(run: BenchRun, index: number): BenchEvent[] {
  const made = run.plan.steps.slice(0, index).flatMap((s, i) => {
    const step = { step: keyAt(run, i) };
    return [eventOf(run, 'begin', i * 1e-4, step), ...(isWait(s) ? [] : [eventOf(run, 'done', i * 1e-4, step)])];
  });
  const own = run.plan.steps[index];
  if (own && !isWait(own) && own.kind !== 'tend')
    made.push(eventOf(run, 'begin', index * 1e-4, { step: keyAt(run, index) }));
  return made.map((e, i) => ({ ...e, id: `set ${i}`, device: device(), sequence: i, lamport: i + 1 }));
}

/** Puts a run on the device as it stands at a step, with what happened since. */
export async function runAt(run: BenchRun, index: number, ...more: BenchEvent[]): Promise<void> {
  await benchStore.runs.clear();
  await benchStore.events.clear();
  await startRun(run);
  const set = upTo(run, index);
  const since = more.map((e, i) => ({ ...e, device: device(), sequence: set.length + i, lamport: set.length + 1 + i }));
  await benchStore.events.bulkAdd([...set, ...since]);
}

/** A run as the screen of all shows it, so many minutes after its beginning. */
export function stateAt(run: BenchRun, events: readonly BenchEvent[], minute: number): BenchState {
  const at = Date.parse(run.startedAt) + minute * 60_000;
  return stateOf(run, nowOf(run, events), { cook: null, device: device() }, at);
}
