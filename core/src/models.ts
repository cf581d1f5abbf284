import 'reflect-metadata';
import { coldModels } from './cold/models';
import { cuttingModels } from './cutting/models';
import { doughModels } from './dough/models';
import { fillingModels } from './filling/models';
import { potModels } from './filling/potModels';
import { sauceModels } from './filling/sauceModels';
import { ingredientModels } from './ingredients/models';
import { laminationModels } from './lamination/models';
import { recipeModels } from './recipes/models';
import { sealingModels } from './sealing/models';
import { templateModels } from './templates/models';
import { vesselModels } from './vessels/models';
import { ovenModels } from './oven/models';
import { clockModels } from './clock/planner/models';
import { planModels } from './plan/models';
import { amountModels } from './quantities/amounts/models';
import { answer, type Answer, type Model } from './quantities/model';

/** The registry: every core capability by name. The worker, the server's API and the command line all go through `compute`. */
export const models: ReadonlyMap<string, Model> = new Map(
  [
    ...amountModels,
    ...ingredientModels,
    ...doughModels,
    ...recipeModels,
    ...coldModels,
    ...laminationModels,
    ...vesselModels,
    ...cuttingModels,
    ...ovenModels,
    ...fillingModels,
    ...sauceModels,
    ...potModels,
    ...sealingModels,
    ...templateModels,
    ...planModels,
    ...clockModels,
  ].map((m) => [m.name, m as unknown as Model]),
);

/** Runs a registered model on plain JSON. Unknown names and bad input are answers, not exceptions. */
export function compute(name: string, plain: unknown): Answer {
  const found = models.get(name);
  if (!found)
    return { ok: false, errors: [{ field: 'model', code: 'unknown', value: name, allowed: [...models.keys()] }] };
  return answer(found, plain);
}
