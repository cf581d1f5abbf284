import { corpus } from '../testing/recipeCorpus';
import type { Difference } from './differences';
import { itemFromRecipe } from './fromRecipe';
import { planItem } from './item';
import { plainKitchen } from './starters';

const pasties = corpus.find((e) => e.text.startsWith('# Leek pasties'))?.text ?? '';
const made = (text: string, ours: Difference[] = []) =>
  itemFromRecipe({ text, corrections: [], mouths: 8, cook: 'You', ours });

describe('what a page says where we reckon otherwise', () => {
  it('stands: its rest, its two heats and minutes, its dough and its filling by the gram', () => {
    const { item, differs } = made(pasties);
    expect(item.folds).toMatchObject({ rests: 'own', ownRestMin: 120 });
    expect(item.oven).toMatchObject({ ownMin: 53, then: [{ fromMin: 20, setC: 160 }] });
    const plan = planItem(item, plainKitchen);
    expect(plan.steps.find((s) => s.code === 'rest')?.minutes).toBe(120);
    expect(plan.steps.find((s) => s.code === 'bake')?.minutes).toBe(53);
    const written = differs.find((d) => d.what === 'filling')?.yours ?? 0;
    expect(plan.filling.parts.reduce((sum, p) => sum + p.grams, 0)).toBeCloseTo(written, -1);
    expect(plan.dough.masses.totalG).toBeCloseTo(
      differs.find((d) => d.what === 'dough')?.yours ?? plan.dough.masses.totalG,
      0,
    );
    expect(differs.every((d) => d.taken === 'yours')).toBe(true);
  });
  it('gives way to ours where the cook takes it, and to nothing else', () => {
    const { item, differs } = made(pasties, ['rest']);
    expect(item.folds.rests).not.toBe('own');
    expect(item.oven.ownMin).toBe(53);
    expect(differs.filter((d) => d.taken === 'ours').map((d) => d.what)).toEqual(['rest']);
  });
  it('is not asked about where it says nothing, or the same', () => {
    const { item, differs } = made('300 g flour\n150 g butter\n80 ml water\n300 g leeks');
    expect(differs.map((d) => d.what)).not.toContain('bake');
    expect(item.oven.ownMin).toBeUndefined();
    for (const d of differs) expect(Math.abs(d.yours - d.ours)).toBeGreaterThan(0.05 * Math.max(d.yours, d.ours));
  });
  it('is never called hot enough before it is: a bake too short is stopped, with when it would be', () => {
    const { item } = made(
      'Chicken pie\n300 g flour\n150 g butter\n80 ml water\n600 g chicken thighs\nBake at 200 °C for 6 minutes.',
    );
    const problem = planItem(item, plainKitchen).problems.find((p) => p.code === 'own_bake_short');
    expect(problem?.weight).toBe('stop');
    expect(problem?.values['coreC']).toBeLessThan(Number(problem?.values['target']));
  });
});
