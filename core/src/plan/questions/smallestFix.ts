import { fatNames } from '../../cold/fats';
import { crimps, glues, sealStrength, ventKinds, type Crimp, type Glue } from '../../sealing/seals';
import { RefusedInput } from '../../quantities/refusal';
import { Nested, numberRule, type NumberRule } from '../../quantities/rules';
import { IsString, MaxLength } from 'class-validator';
import { coolingPlaces, coolingVessels } from '../../contracts/filling';
import { ItemInput, stationInputs } from '../../contracts/item';
import { KitchenInput } from '../../contracts/kitchen';
import { pastriesOf } from '../../contracts/products';
import { problemsInTurn } from '../item';
import type { Problem } from '../problem';
import { readPath, writePath } from '../path';

/** What the model `plan.smallestFix` takes: an item that cannot be made, and the code of what stands in the way. */
export class SmallestFixInput {
  @Nested(() => ItemInput) item!: ItemInput;
  @Nested(() => KitchenInput) kitchen!: KitchenInput;
  @IsString() @MaxLength(60) code!: string;
}

/** One input and the value it would have to have. */
export interface SmallestFix {
  path: string;
  from: number | string;
  to: number | string;
}

const groups = stationInputs;
type Group = keyof typeof groups;

/** Words to try for inputs that are no numbers. */
const words = (item: ItemInput, path: string): readonly string[] =>
  ({
    'dough.pastry': pastriesOf[item.product],
    'dough.fat': fatNames,
    'filling.coolAt': coolingPlaces,
    'filling.coolIn': coolingVessels,
    'seal.glue': gluesByStrength,
    'seal.vent': ventKinds,
    'seal.crimp': crimpsByStrength,
  })[path] ?? [];
/** The weakest first: no more is asked of the cook than is needed. */
const gluesByStrength = (Object.keys(glues) as Glue[]).sort((a, b) => glues[a].strength - glues[b].strength);
const crimpsByStrength = (Object.keys(crimps) as Crimp[]).sort(
  (a, b) => sealStrength('water', a) - sealStrength('water', b),
);

/** Steps worth saying aloud: whole pieces and millimetres, five degrees, whole per cents. */
const stepOf = (rule: NumberRule): number => (rule.unit === '°C' ? 5 : 1);

/**
 * The smallest change of one input, among those that disagree, after which that problem is gone and nothing new stands in the
 * way up to the same station (a warning's remedy brings no other warning either); null when none does. Numbers are searched outwards from where they are, both ways, and
 * compared by their share of their range; words are tried only where no number helps.
 */
export function smallestFix({ item, kitchen, code }: SmallestFixInput): SmallestFix | null {
  const known: string[] = [];
  let problem: Problem | undefined;
  let depth = 0;
  for (const found of problemsInTurn(item, kitchen)) {
    depth++;
    known.push(...found.map((p) => p.code));
    problem = found.find((p) => p.code === code);
    if (problem) break;
  }
  if (!problem) return null;
  const { weight } = problem;
  const counts = (p: Problem) => p.code === code || p.weight === 'stop' || weight === 'warn';
  const mends = (changed: ItemInput): boolean => {
    let looked = 0;
    try {
      for (const found of problemsInTurn(changed, kitchen)) {
        if (found.some((p) => counts(p) && (p.code === code || !known.includes(p.code)))) return false;
        if (++looked === depth) return true;
      }
    } catch (error) {
      if (!(error instanceof RefusedInput)) throw error;
    }
    return false;
  };
  let best: { fix: SmallestFix; share: number } | null = null;
  for (const path of problem.fields) {
    const [group, field] = path.split('.') as [Group, string];
    const value = readPath(item, path);
    if (!(group in groups) || typeof value !== 'number') continue;
    const rule = numberRule(groups[group], field);
    const to = nearest(value, rule, (v) => mends(writePath(item, path, v)));
    const share = to === null ? Infinity : Math.abs(to - value) / (rule.max - rule.min);
    if (to !== null && share < (best?.share ?? Infinity)) best = { fix: { path, from: value, to }, share };
  }
  if (best) return best.fix;
  for (const path of problem.fields) {
    const value = readPath(item, path);
    const to = words(item, path).find((word) => word !== value && mends(writePath(item, path, word)));
    if (to !== undefined) return { path, from: String(value), to };
  }
  return null;
}

/** The value nearest to where it stands that works: steps doubling outwards both ways, then halved back. */
function nearest(value: number, rule: NumberRule, works: (v: number) => boolean): number | null {
  const step = stepOf(rule);
  const at = (steps: number): number | null => {
    const v = steps > 0 ? Math.floor(value / step + steps) * step : Math.ceil(value / step + steps) * step;
    return v >= rule.min && v <= rule.max ? v : null;
  };
  const worksAt = (steps: number): boolean => {
    const v = at(steps);
    return v !== null && works(v);
  };
  for (let n = 1; at(n) !== null || at(-n) !== null; n *= 2) {
    const way = [n, -n].find(worksAt);
    if (way === undefined) continue;
    let [no, yes] = [way / 2, way];
    while (Math.abs(yes - no) > 1) {
      const middle = Math.trunc((no + yes) / 2);
      if (worksAt(middle)) yes = middle;
      else no = middle;
    }
    return at(yes);
  }
  // the doubling may step over the last values of the range
  return (
    [rule.min, rule.max]
      .sort((a, b) => Math.abs(a - value) - Math.abs(b - value))
      .find((v) => v !== value && works(v)) ?? null
  );
}
