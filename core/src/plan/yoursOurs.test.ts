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
  it('has its rest where ours has none at all', () => {
    const { item, differs } = made(
      'Pasties\n300 g flour\n150 g lard\n90 ml water\n300 g leeks\nRest in the fridge for 45 minutes.',
      [],
    );
    expect(item.folds).toMatchObject({ rests: 'own', ownRestMin: 45 });
    expect(planItem(item, plainKitchen).steps.some((s) => s.code === 'rest' && s.minutes === 45)).toBe(true);
    expect(differs.every((d) => d.taken === 'yours')).toBe(true);
  });
  it('is put right one at a time: of two bakes only the one that is meant', () => {
    const read = made(pasties).read.facts;
    const [first, second] = read.flatMap((f, i) => (f.kind === 'bakeMin' ? [i] : []));
    const { read: now } = itemFromRecipe({
      text: pasties,
      corrections: [{ fact: 'bakeMin', at: first, value: 25 }],
      mouths: 8,
      cook: 'You',
    });
    expect(now.facts[first ?? -1]?.low).toBe(25);
    expect(now.facts[second ?? -1]?.low).toBe(read[second ?? -1]?.low);
  });
  it('with two sides keeps both when one is put right', () => {
    const text = 'Cut into rectangles 2 × 5 inches.';
    const at = made(text).read.facts.findIndex((f) => f.kind === 'pieceBy');
    const { read } = itemFromRecipe({
      text,
      corrections: [{ fact: 'pieceBy', at, value: 60, other: 127 }],
      mouths: 8,
      cook: 'You',
    });
    expect(read.facts[at]).toMatchObject({ low: 60, high: 127 });
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
