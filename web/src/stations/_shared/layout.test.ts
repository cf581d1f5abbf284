import { planBake } from '@crustallum/core/plan/bake';
import { plainKitchen, starterItem, starterMeal } from '@crustallum/core/plan/starters';
import { packed } from '../clock/packed';
import { layHeaps } from '../dough/Heaps';

const planOf = (count: number) =>
  planBake({
    meal: starterMeal('2026-12-12T18:30', count),
    items: [starterItem('handPies', count, 'You', 'roughPuff'), starterItem('filoCoil', count, 'You')],
    kitchen: plainKitchen,
  });

describe('the heaps of a dough', () => {
  it.each([
    [366, 112],
    [660, 176],
  ])('stand beside each other on %i px without touching, at one scale', (width, ground) => {
    for (const count of [1, 4, 8, 16, 24]) {
      const { masses } = planOf(count).items[0]?.dough ?? { masses: null };
      if (!masses) throw new Error('no dough');
      const h = layHeaps(masses, width, ground);
      const edges = [
        [h.saltX - (h.saltD * h.px) / 2, h.saltX + (h.saltD * h.px) / 2],
        [h.flourX - (h.flourD * h.px) / 2, h.flourX + (h.flourD * h.px) / 2],
        [h.fatX, h.fatX + h.blockW * h.px],
        [h.jugX, h.jugX + h.jugW * h.px],
      ] as [number, number][];
      edges.slice(1).forEach(([left], i) => expect(left).toBeGreaterThanOrEqual((edges[i]?.[1] ?? 0) + 1));
      expect(edges[0]?.[0]).toBeGreaterThanOrEqual(0);
      expect(edges[3]?.[1]).toBeLessThanOrEqual(width);
      expect((h.flourD * h.px) / 3.6).toBeLessThan(ground - 20);
      expect(h.blockW * h.blockW * h.blockH).toBeCloseTo(masses.fatG / 0.93, 6);
    }
  });
});

describe('steps side by side', () => {
  it('share a row only when one is over before the other begins', () => {
    const { steps } = planOf(12).clock;
    const { rows, row } = packed(steps);
    const rowOf = new Map(row);
    expect(Math.max(...rowOf.values())).toBe(rows - 1);
    for (const a of steps)
      for (const b of steps)
        if (a !== b && rowOf.get(`${a.itemIndex}:${a.id}`) === rowOf.get(`${b.itemIndex}:${b.id}`))
          expect(a.startMin + a.minutes <= b.startMin + 0.02 || b.startMin + b.minutes <= a.startMin + 0.02).toBe(true);
  });
  it('take no more rows than there are at once', () => {
    const { steps } = planOf(12).clock;
    const atOnce = Math.max(
      ...steps.map(
        (s) => steps.filter((o) => o.startMin <= s.startMin && s.startMin < o.startMin + o.minutes - 0.01).length,
      ),
    );
    expect(packed(steps).rows).toBe(atOnce);
  });
  it('are none for nothing', () => expect(packed([])).toEqual({ rows: 0, row: [] }));
});
