import { getMetadataStorage } from 'class-validator';
import { compute, models } from './models';
import { mostCellSteps } from './cold/simulate';
import { brokenUp, longestLine } from './recipes/lines';
import { nestedClass } from './quantities/rules';
import { plainKitchen, starterItem } from './plan/starters';
import { chillOf } from './testing/heavyChill';

type InputClass = new () => object;

/** Every input class that a model reaches, through its nested ones. */
function classesFrom(first: InputClass, seen = new Set<InputClass>()): Set<InputClass> {
  if (seen.has(first)) return seen;
  seen.add(first);
  for (const { propertyName } of rulesOf(first)) {
    const inner = nestedClass(first, propertyName);
    if (inner) classesFrom(inner, seen);
  }
  return seen;
}
const rulesOf = (inputClass: InputClass) =>
  getMetadataStorage().getTargetValidationMetadatas(inputClass, '', false, false);
const all = new Set([...models.values()].flatMap((m) => [...classesFrom(m.input)]));

describe('what a model takes', () => {
  it('has a most for every list and a longest for every text', () => {
    const open: string[] = [];
    for (const inputClass of all) {
      const named = new Map<string, Set<string>>();
      for (const rule of rulesOf(inputClass))
        named.set(rule.propertyName, (named.get(rule.propertyName) ?? new Set()).add(rule.name ?? rule.type));
      for (const [field, rules] of named) {
        if (rules.has('isArray') && !rules.has('arrayMaxSize')) open.push(`${inputClass.name}.${field}: list`);
        if (rules.has('isString') && !rules.has('maxLength') && !rules.has('matches'))
          open.push(`${inputClass.name}.${field}: text`);
      }
    }
    expect(all.size).toBeGreaterThan(100);
    expect(open).toEqual([]);
  });
  it('is an object where one is asked for: a list of them does not pass', () => {
    const item = starterItem('handPies', 6, 'You');
    expect(compute('plan.item', { item: { ...item, folds: [item.folds] }, kitchen: plainKitchen })).toMatchObject({
      ok: false,
      errors: [{ field: 'item.folds' }],
    });
  });
});

describe('no call asks for more work than can be done', () => {
  const chill = (...asked: Parameters<typeof chillOf>) => compute('cold.chill', chillOf(...asked));
  it('cells and minutes within their own rules, but together over the budget, are refused before they run', () => {
    expect(chill({ nx: 64, ny: 64, nz: 128 }, 20, 20_160)).toMatchObject({
      ok: false,
      errors: [{ field: 'cells', code: 'too_much_work', value: 64 * 64 * 128, allowed: { mostCellSteps } }],
    });
    expect(chill({ nx: 6, ny: 6, nz: 12 }, 2, 60)).toMatchObject({ ok: true });
  });
  it('twenty thousand readings of a probe are refused', () => {
    const readings = Array.from({ length: 20_000 }, (_, i) => ({ minute: i / 20, valueC: 10 }));
    const item = starterItem('handPies', 6, 'You');
    expect(compute('plan.recalibrate', { item, kitchen: plainKitchen, stepId: 'rollOut4', readings })).toMatchObject({
      ok: false,
      errors: [{ field: 'readings', code: 'too_many', value: 20_000, allowed: { max: 500 } }],
    });
  });
});

describe('a line of a recipe longer than lines are', () => {
  it('is read as several, nothing of it lost', () => {
    const line = Array.from({ length: 900 }, (_, i) => `${i} g flour.`).join(' ');
    const pieces = brokenUp(line);
    expect(pieces.join('')).toBe(line);
    expect(Math.max(...pieces.map((p) => p.length))).toBeLessThanOrEqual(longestLine);
    expect(brokenUp('x'.repeat(5 * longestLine))).toHaveLength(5);
    expect(brokenUp('plain flour')).toEqual(['plain flour']);
  });
  it('costs in proportion to its length: pieces read, not pairs of them', () => {
    const made = compute('recipes.read', { text: '1 '.repeat(6000) });
    const { lines } = (made as { value: { lines: { text: string }[] } }).value;
    expect(lines.length).toBe(Math.ceil(12_000 / longestLine) + 1);
    expect(lines.every((l) => l.text.length <= longestLine)).toBe(true);
  });
});
