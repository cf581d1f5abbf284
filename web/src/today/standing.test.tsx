import { render } from '@testing-library/react';
import { type ItemInput } from '@crustallum/core/contracts/item';
import { planItem } from '@crustallum/core/plan/item';
import { plainKitchen, starterItem } from '@crustallum/core/plan/starters';
import { Standing } from './Standing';
import { pastriesOf, products } from '@crustallum/core/contracts/products';

const made = products.flatMap((p) => pastriesOf[p].map((pastry) => starterItem(p, 8, 'You', pastry)));
function standing(item: ItemInput, pxMm: number): SVGSVGElement {
  const svg = render(<Standing plan={planItem(item, plainKitchen)} item={item} pxMm={pxMm} />).container.querySelector(
    'svg',
  );
  if (!svg) throw new Error('nothing stands');
  return svg;
}
const width = (svg: SVGSVGElement) => Number(svg.getAttribute('width'));

describe('a pie in elevation', () => {
  it.each(made.map((i) => [i.title, i.dough.pastry, i] as const))(
    '%s in %s is drawn whole and says what it is',
    (_t, _p, item) => {
      const svg = standing(item, 0.8);
      expect(svg.getAttribute('aria-label')).toMatch(/\d/);
      expect(svg.outerHTML).not.toMatch(/NaN|undefined|Infinity/);
    },
  );
  it.each(made.filter((i) => i.product !== 'handPies').map((i) => [i.title, i] as const))(
    '%s is twice as wide at twice the scale, but for its line',
    (_t, item) => {
      const [small, large] = [width(standing(item, 0.5)), width(standing(item, 1))];
      expect(large / small).toBeGreaterThan(1.6);
      expect(large / small).toBeLessThanOrEqual(2);
    },
  );
  it('of a wider dish is wider, by as much at the scale of the day', () => {
    const dish = starterItem('dishPie', 8, 'You');
    const wider = {
      ...dish,
      cut: { ...dish.cut, vessel: { form: 'round' as const, top: 300, bottom: 260, depth: 45 } },
    };
    expect(width(standing(wider, 0.8)) - width(standing(dish, 0.8))).toBeCloseTo(60 * 0.8, 6);
  });
  it('of hand pies is a heap of no more than there are, six at most', () => {
    const heap = (count: number) => {
      const item = { ...starterItem('handPies', count, 'You'), brief: { count } };
      return standing(item, 0.8).querySelectorAll('g').length;
    };
    expect([1, 2, 3, 4, 5, 6, 20].map(heap)).toEqual([1, 2, 3, 4, 5, 6, 6]);
  });
  it('of pots shows three at most and counts them all in words', () => {
    const svg = standing(starterItem('potPies', 9, 'You'), 0.8);
    expect(svg.querySelectorAll('g')).toHaveLength(3);
    expect(svg.getAttribute('aria-label')).toMatch(/^9 pots/);
  });
  it('of a coil has as many turns across as the rope fits the tin', () => {
    const coil = starterItem('filoCoil', 8, 'You');
    const rope = planItem(coil, plainKitchen).cut.leaves?.ropeMm ?? 0;
    expect(standing(coil, 0.8).querySelectorAll('g')).toHaveLength(Math.floor(240 / rope));
  });
});
