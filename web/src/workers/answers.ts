import 'reflect-metadata';
import { compute, models } from '@crustallum/core/models';
import { ItemClockInput } from '@crustallum/core/contracts/clock';
import { stationInputs, type ItemInput } from '@crustallum/core/contracts/item';
import { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { Pastry, Product } from '@crustallum/core/contracts/products';
import type { BakeInput } from '@crustallum/core/plan/inputs';
import { MealInput } from '@crustallum/core/contracts/meal';
import { planItem, touchedStations, type ItemPlan } from '@crustallum/core/plan/item';
import type { BakePlanResult } from '@crustallum/core/plan/bake';
import { asForm, formOf } from '@crustallum/core/plan/asForm';
import type { Form } from '@crustallum/core/plan/formNames';
import { formItem } from '@crustallum/core/plan/forms';
import { plainKitchen, starterItem } from '@crustallum/core/plan/starters';
import type { Certainty, Answer } from '@crustallum/core/quantities/model';
import { numberRulesByPath, type NumberRule } from '@crustallum/core/quantities/rules';
import type { Station } from '@crustallum/core/contracts/stations';
import { untilOver } from '@crustallum/core/cutting/watch';

/** A plan in which null stands for an item's plan that did not change. */
export type PlanChange = Omit<BakePlanResult, 'items'> & { items: (ItemPlan | null)[] };

const groups = {
  ...stationInputs,
  clock: ItemClockInput,
  meal: MealInput,
  kitchen: KitchenInput,
} as const;

/** The item plans last sent to the desk, as text: what stayed as it was need not cross again. */
let sent: string[] = [];

/** A search gives what it has after so long: a question is given up a little later. */
const searchForMs = 1000;

/** What the worker answers: heavy computation off the main thread; every model goes through the registry here too. */
export const planner = {
  /** Number rules by dotted path: the one statement of every range, as the sliders and typed fields need it. */
  rules(): Record<string, NumberRule> {
    return Object.assign(
      {},
      ...Object.entries(groups).map(([group, inputClass]) => numberRulesByPath(inputClass, `${group}.`)),
    ) as Record<string, NumberRule>;
  },
  sources(): Record<string, { summary: string; source: string; units: string; certainty: Certainty }> {
    return Object.fromEntries(
      [...models.values()].map((m) => [
        m.name,
        { summary: m.summary, source: m.source, units: m.units, certainty: m.certainty },
      ]),
    );
  },
  plan(input: BakeInput): Answer<BakePlanResult> {
    return compute('plan.bake', input) as Answer<BakePlanResult>;
  },
  /** The plan for the desk, with null for every item whose plan is as it was in the answer before. */
  planAgain(input: BakeInput): Answer<PlanChange> {
    const answer = planner.plan(input);
    if (!answer.ok) return answer;
    const before = sent;
    sent = answer.value.items.map((item) => JSON.stringify(item));
    const items = answer.value.items.map((item, i) => (sent[i] === before[i] ? null : item));
    return { ok: true, value: { ...answer.value, items } };
  },
  compute(name: string, input: unknown): Answer {
    const end = performance.now() + searchForMs;
    return untilOver(
      () => performance.now() > end,
      () => compute(name, input),
    );
  },
  /** Stations of an item whose shown numbers change between two versions of it. */
  touched(before: ItemInput, after: ItemInput, kitchen: KitchenInput): Station[] {
    return touchedStations(planItem(before, kitchen), planItem(after, kitchen));
  },
  starter: (product: Product, mouths: number, cook: string, pastry?: Pastry): ItemInput =>
    starterItem(product, mouths, cook, pastry),
  form: (form: Form, people: number, cook: string): ItemInput => formItem(form, people, cook),
  asForm: (item: ItemInput, form: Form, people: number): ItemInput => asForm(item, form, people),
  formOf: (item: ItemInput): Form => formOf(item),
  plainKitchen: (): KitchenInput => plainKitchen,
};

export type Planner = typeof planner;
