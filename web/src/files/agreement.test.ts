import { planItem } from '@crustallum/core/plan/item';
import { plainKitchen } from '@crustallum/core/plan/starters';
import { usualItem } from '@crustallum/core/testing/anyItem';
import fc from 'fast-check';
import type { LarderThing } from '@crustallum/core/contracts/larder';
import { takesOf } from '../bench/useDraws';
import { plain } from '../wording/numbers';
import { cutRows, cutText } from './cutList';

const sum = (list: readonly number[]): number => list.reduce((total, v) => total + v, 0);
const thing = (id: string): LarderThing => ({
  id,
  version: 1,
  name: id,
  grams: 1e6,
  shelf: 'A',
  note: '',
  ingredient: id,
});

describe('the cut list and the larder of any item', () => {
  it('have the numbers of the Cut and of the Dough, and none of their own', () => {
    fc.assert(
      fc.property(usualItem, (item) => {
        const { cut, dough } = planItem(item, plainKitchen);
        if (item.dough.pastry === 'filo') return;
        const rows = cutRows(cut);
        expect(sum(rows.map((r) => r.count))).toBe(cut.cuts);
        const grams = cut.generations.length
          ? sum(cut.generations.map((g) => g.n * g.pieceMass))
          : sum(cut.blanks.map((b) => b.count * b.massG));
        expect(Math.abs(sum(rows.map((r) => r.count * r.grams)) - grams)).toBeLessThanOrEqual(0.05 * cut.cuts + 1e-6);
        expect(cutText(item.title, cut)).toContain(`Dough to make: ${plain(cut.figures.doughNeeded.value ?? 0, 0)} g.`);
        const parts = dough.facts?.parts ?? [];
        const takes = takesOf(
          parts,
          parts.map((p) => thing(p.id)),
        );
        for (const part of parts.filter((p) => p.id !== 'water' && p.grams > 0))
          expect(takes.find((t) => t.larderId === part.id)?.grams).toBeCloseTo(part.grams, 0);
      }),
      { numRuns: 12 },
    );
  }, 60_000);
});
