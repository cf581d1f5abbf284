import type { LarderThing } from '@crustallum/core/contracts/larder';
import { labelsOf } from './houseLabels';

const thing = (name: string, more: Partial<LarderThing> = {}): LarderThing => ({
  id: name,
  version: 1,
  name,
  grams: 100,
  shelf: 'H',
  note: '',
  ...more,
});

describe('the labels of the house', () => {
  it('are those that were read, and every other packet of the same thing', () => {
    const larder = [
      thing('Margarine', { ingredient: 'bakingMargarine', label: { contains: [] } }),
      thing('Other margarine', { ingredient: 'bakingMargarine' }),
      thing('Flour', { ingredient: 'flour' }),
      thing('Butter', { ingredient: 'butter', label: { fatPct: 80 } }),
    ];
    expect(labelsOf(larder).map((l) => l.name)).toEqual(['Other margarine', 'Margarine']);
  });
  it('fit into a plan however full the larder is', () => {
    const many = Array.from({ length: 900 }, (_, i) => thing(`Jar ${i}`, { label: { contains: ['nuts'] } }));
    expect(labelsOf(many)).toHaveLength(400);
  });
});
