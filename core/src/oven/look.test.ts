import { formItem } from '../plan/forms';
import { planItem } from '../plan/item';
import { look } from '../plan/questions/look';
import { plainKitchen } from '../plan/starters';
import { baseLooks, lidLooks, type knifeLooks, type tapLooks, type ventLooks } from './look';

const kitchen = plainKitchen;
const pasties = formItem('pasties', 6, 'You');
const dish = formItem('dishPie', 6, 'You');
const minutes = (item: typeof dish) => planItem(item, kitchen).oven.minutes as number;

describe('a look into the oven', () => {
  it('that finds everything as drawn leaves the bake as reckoned', () => {
    for (const item of [pasties, dish]) {
      const seen = look({ item, kitchen, minute: 25, lid: 'asDrawn', base: 'firm' });
      expect(seen.outMin).toBeCloseTo(minutes(item), 6);
      expect(seen.prices.lid.asDrawn).toBe(0);
      expect(seen.leftMin).toBeCloseTo(minutes(item) - 25, 6);
    }
  });
  it('that finds a paler lid or a damper base never takes it out sooner', () => {
    for (const item of [pasties, dish, formItem('handPies', 6, 'You')])
      for (const lid of lidLooks)
        for (const base of baseLooks) {
          const at = (l: typeof lid, b: typeof base) => look({ item, kitchen, minute: 15, lid: l, base: b }).outMin;
          expect(at('paler', base)).toBeGreaterThanOrEqual(at(lid, base) - 1e-6);
          expect(at(lid, 'damp')).toBeGreaterThanOrEqual(at(lid, base) - 1e-6);
        }
  });
  it('never makes raw meat safe by its colour: without a probe its middle keeps its minute', () => {
    const safe = planItem(pasties, kitchen).oven.bake.times.safe as number;
    const seen = look({ item: pasties, kitchen, minute: 30, lid: 'darker', base: 'brown' });
    expect(seen.outMin).toBeGreaterThanOrEqual(safe);
  });
  it('calls for foil where the lid would run past what is liked, and for none where it is pale', () => {
    const hot = { ...dish, oven: { ...dish.oven, setC: 205 } };
    expect(look({ item: hot, kitchen, minute: 35, lid: 'darker' }).foilFromMin).not.toBeNull();
    expect(look({ item: hot, kitchen, minute: 35, lid: 'paler' }).foilFromMin).toBeNull();
  });
  it('follows a probe: a cooler middle stays in longer, a hotter one less long', () => {
    const { bake } = planItem(dish, kitchen).oven;
    const reckoned = bake.series[35]?.coreC ?? 0;
    const at = (coreC: number) => look({ item: dish, kitchen, minute: 35, coreC }).outMin;
    expect(at(reckoned - 8)).toBeGreaterThan(at(reckoned) + 2);
    expect(at(reckoned + 8)).toBeLessThan(at(reckoned) - 2);
    expect(at(bake.targetC + 2)).toBeLessThan(at(reckoned));
  });
  it('follows a thermometer in the oven: a cooler one takes longer, a hotter one makes no middle safe sooner', () => {
    const { bake } = planItem(pasties, kitchen).oven;
    const airC = bake.series[20]?.airC ?? 0;
    const at = (ovenC: number | null) => look({ item: pasties, kitchen, minute: 20, ovenC });
    expect(at(airC - 25).outMin).toBeGreaterThan(at(null).outMin + 3);
    expect(at(airC - 25).ovenOffK).toBeCloseTo(-25, 6);
    expect(at(airC + 25).outMin).toBeGreaterThanOrEqual(Math.min(at(null).outMin, bake.times.core ?? 0) - 1e-6);
    // as far as it swings it says nothing
    expect(at(airC + 4).outMin).toBeCloseTo(at(null).outMin, 9);
    // and a lid that is darker in an oven that is hotter is as drawn
    expect(at(airC + 25).should.browning).toBeGreaterThan(at(null).should.browning);
  });
  it('that finds a vent still where it should bubble stays longer; bubbles alone take nothing out sooner', () => {
    const fruit = formItem('lattice', 6, 'You');
    const { bake } = planItem(fruit, kitchen).oven;
    const hotAt = bake.series.find((r) => r.coreC > 84)?.tMin ?? 0;
    const at = (vent: (typeof ventLooks)[number], minute: number) =>
      look({ item: fruit, kitchen, minute, vent }).outMin;
    expect(at('still', hotAt + 4)).toBeGreaterThan(minutes(fruit) + 2);
    expect(at('still', 5)).toBeCloseTo(minutes(fruit), 6);
    expect(at('bubbles', hotAt + 4)).toBeCloseTo(minutes(fruit), 6);
  });
  it('a knife that meets something hard keeps it in, one that slides in never makes raw meat safe sooner', () => {
    expect(look({ item: pasties, kitchen, minute: 20 }).softens).toBe(true);
    const { safe } = planItem(pasties, kitchen).oven.bake.times;
    for (const minute of [20, 35, minutes(pasties) - 1]) {
      const at = (knife: (typeof knifeLooks)[number]) => look({ item: pasties, kitchen, minute, knife }).outMin;
      expect(at('meets')).toBeGreaterThanOrEqual(Math.min(minute + 8, at('slides') + 8));
      expect(at('slides')).toBeGreaterThanOrEqual(safe as number);
    }
  });
  it('a dull crust is damper than a hollow one, and what is seen under it counts before what is heard', () => {
    const at = (tap: (typeof tapLooks)[number], base?: 'firm') =>
      look({ item: dish, kitchen, minute: 30, tap, base }).outMin;
    expect(at('dull')).toBeGreaterThanOrEqual(at('hollow'));
    expect(at('dull', 'firm')).toBe(at('hollow', 'firm'));
  });
  it('has no lid to see on an open tart and no base under a lid alone', () => {
    expect(look({ item: formItem('openTart', 6, 'You'), kitchen, minute: 20 }).hasLid).toBe(false);
    expect(look({ item: formItem('lidOnly', 6, 'You'), kitchen, minute: 20 }).hasBase).toBe(false);
  });
});
