import type { AwayInput, PinInput, WayLaid } from '../contracts/clock';
import type { Duty, KitchenInput } from '../contracts/kitchen';
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
  /** Trays that its steps take while they lie in the cold, by step id. */
  lies?: Readonly<Record<string, number>>;
  /** The item whose dough it is made of. */
  doughOf?: number;
  /** Steps the cook holds at a moment or in somebody's hands. */
  pins?: readonly PinInput[];
}

/** What the Clock needs of a meal: when it is at the table, and who is away for a while before it. */
export interface TableOfDay {
  /** Local date and time. */
  serveAt: string;
  away?: readonly AwayInput[];
  laid?: WayLaid;
  /** Work that is alike for several pies is done in one go. */
  together?: boolean;
}

/** Cooks who do this; where nobody is said to, everybody who does more than what is easy. */
export function whoDoes(duty: Duty, { cooks, does = [] }: Pick<KitchenInput, 'cooks' | 'does'>): readonly string[] {
  const able = cooks.filter((c) => does.find((d) => d.cook === c)?.does.includes(duty) ?? true);
  const grown = grownCooks({ cooks, does });
  return able.length ? able : grown.length ? grown : cooks;
}

/** Who helps with what is easy: those of whom it was said. */
export const easyHelpers = ({ cooks, does = [] }: Pick<KitchenInput, 'cooks' | 'does'>): readonly string[] =>
  cooks.filter((c) => does.find((d) => d.cook === c)?.does.includes('easy'));

/** Cooks who do more than what is easy. */
export const grownCooks = ({ cooks, does = [] }: Pick<KitchenInput, 'cooks' | 'does'>): readonly string[] =>
  cooks.filter((c) => does.find((d) => d.cook === c)?.does.some((d) => d !== 'easy') ?? true);

/** Whose an item is: who was said, or the first cook of this kitchen. */
const cookOf = (item: Scheduled, cooks: readonly string[]): string =>
  cooks.includes(item.cook) ? item.cook : cooks[0];

export interface Hands {
  /** Who makes its pastry: whose it is, as far as they do that. */
  pastry: string;
  /** Who cooks its filling: another's hands where there are any that do. */
  filling: string;
  /** Who looks after it at the oven. */
  oven: string;
  /** Who may weigh for it, and who may brush it before it goes in; whose it is first, then who helps with what is easy. */
  weigh: readonly string[];
  brush: readonly string[];
}

/** Whose hands do what of an item. */
export function handsOf(item: Scheduled, kitchen: Pick<KitchenInput, 'cooks' | 'does'>): Hands {
  const own = cookOf(item, kitchen.cooks);
  const ownFirst = (able: readonly string[]) => (able.includes(own) ? own : able[0]);
  const pastry = ownFirst(whoDoes('pastry', kitchen));
  const fillings = whoDoes('filling', kitchen);
  const bakers = whoDoes('oven', kitchen);
  const easy = easyHelpers(kitchen);
  const oven = ownFirst(bakers);
  return {
    pastry,
    filling: fillings.find((c) => c !== pastry) ?? fillings[0],
    oven,
    weigh: [...new Set([pastry, ...easy])],
    brush: [...new Set([oven, ...bakers, ...easy])],
  };
}

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
