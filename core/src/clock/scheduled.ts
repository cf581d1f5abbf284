import type { OvenStep } from '../oven/bakeInput';
import type { Step } from '../plan/steps/codes';

/** What the Clock needs of an item: its steps, its heat, whose it is, and the shelves it takes. */
export interface Scheduled {
  title: string;
  cook: string;
  heats: readonly OvenStep[];
  mode: string;
  steps: readonly Step[];
  /** Which oven of the kitchen it is baked in. */
  oven: 0 | 1;
  trays: number;
  preheatMin: number;
  blindPreheatMin: number;
  /** The item whose dough it is made of. */
  doughOf?: number;
}

/** Who makes an item: who was said, or the first cook of this kitchen. */
export const cookOf = (item: Scheduled, cooks: readonly string[]): string =>
  cooks.includes(item.cook) ? item.cook : cooks[0];

/** An item's pastry steps in turn, the wait among them that may last longer, and the minutes of work after it. */
export function pastryOf(item: Scheduled): { steps: Step[]; wait: Step | null; tailMin: number } {
  const steps = item.steps.filter(
    (s) => s.strand === 'pastry' && s.code !== 'bake' && s.code !== 'stand' && s.during === undefined,
  );
  // a baked case waits as it is; what is closed waits in the cold
  const asked = steps.find((s) => s.code === 'caseCool') ?? [...steps].reverse().find((s) => s.kind === 'cold') ?? null;
  const wait = steps.filter((s) => s.kind !== 'bench').at(-1) === asked ? asked : null;
  const tail = wait ? steps.slice(steps.indexOf(wait) + 1).filter((s) => s.code !== 'glaze') : [];
  return { steps, wait, tailMin: tail.reduce((sum, s) => sum + s.minutes, 0) };
}
