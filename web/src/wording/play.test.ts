import type { Binds } from '@crustallum/core/clock/play';
import { bindsWords } from './play';

const words = { called: (step: string) => `“${step}”`, title: () => 'Quay pie' };
const all: Binds[] = [
  { by: 'follows', step: 'roll' },
  { by: 'waits', step: 'rest' },
  { by: 'oven', step: 'bake' },
  { by: 'hands', cook: 'Ines', step: 'cut' },
  { by: 'place', place: 'hob', step: 'cook' },
  { by: 'place', place: 'pot Ines', step: 'cook' },
  { by: 'stands', item: '1' },
  { by: 'hours', cook: 'Tobiah' },
  { by: 'held', step: 'roll' },
  { by: 'table' },
  { by: 'begin' },
];

describe('what keeps a step', () => {
  it.each(all)('$by is a clause both ways, with what it is about in it', (why) => {
    for (const later of [true, false]) {
      const said = bindsWords(why, later, words);
      expect(said).toMatch(/^\S.* .*[^.]$/);
      if ('step' in why) expect(said).toContain(`“${why.step}”`);
      if ('cook' in why) expect(said).toContain(why.cook);
    }
  });
  it('of hands, oven and hours is told of what comes after, or of what was before', () => {
    for (const by of ['hands', 'oven', 'hours', 'follows'] as const) {
      const why = all.find((b) => b.by === by) ?? null;
      expect(bindsWords(why, true, words)).not.toBe(bindsWords(why, false, words));
    }
    expect(bindsWords(null, true, words)).toBe('');
  });
});
