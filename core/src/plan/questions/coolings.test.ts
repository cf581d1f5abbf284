import { formItem } from '../forms';
import { planItem } from '../item';
import { plainKitchen } from '../starters';
import { coolings } from './coolings';

const stew = formItem('lidOnly', 8, 'You');
const ways = coolings({ item: stew, kitchen: plainKitchen });

describe('ways to cool a filling', () => {
  it('are what the station reckons for each', () => {
    expect(ways).toHaveLength(7);
    for (const { coolIn, coolAt, minutes } of ways)
      expect(
        planItem({ ...stew, filling: { ...stew.filling, coolIn, coolAt } }, plainKitchen).filling.coolMinutes,
      ).toBe(minutes);
  });
  it('stand with those within the guidance first, and the quickest of them at the head', () => {
    const within = ways.map((w) => w.caution === 'within');
    expect(within).toEqual([...within].sort((a, b) => Number(b) - Number(a)));
    const quick = ways.filter((w) => w.caution === 'within').map((w) => w.minutes ?? Infinity);
    expect(quick).toEqual([...quick].sort((a, b) => a - b));
  });
  it('spread wide is quicker than in the pot, in the same place', () => {
    for (const place of ['room', 'fridge', 'porch'] as const) {
      const of = (coolIn: string) => ways.find((w) => w.coolAt === place && w.coolIn === coolIn)?.minutes ?? Infinity;
      expect(of('trays')).toBeLessThan(of('pot'));
    }
  });
  it('a bath of ice and water, stirred, is the quickest of all, in half an hour or so, and never colder than the ice', () => {
    expect(ways[0]).toMatchObject({ coolAt: 'iceBath', coolIn: 'pot', caution: 'within' });
    expect(ways[0]?.minutes).toBeGreaterThan(10);
    expect(ways[0]?.minutes).toBeLessThan(45);
    const bathed = { ...stew, filling: { ...stew.filling, coolAt: 'iceBath' as const, coolIn: 'trays' as const } };
    const { vessel, curve, airC } = planItem(bathed, plainKitchen).filling;
    expect(vessel.kind).toBe('pot');
    for (const c of curve.temperatureC) expect(c).toBeGreaterThanOrEqual(airC);
  });
  it('are none for what is raw', () =>
    expect(coolings({ item: formItem('pasties', 8, 'You'), kitchen: plainKitchen })).toEqual([]));
});
