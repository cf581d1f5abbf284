import { formItem } from './forms';
import { forms } from './formNames';
import { planBake } from './bake';
import { planItem } from './item';
import { shortages } from './needs/shortages';
import { ovenLoad } from './questions/ovenLoad';
import { plainKitchen } from './starters';
import { standOf } from './stations/oven/standing';
import { crustOfDough } from '../dough/crust';
import { afterBake } from '../oven/afterBake';
import { freezingMinutes } from '../oven/freezing';
import type { ItemInput } from '../contracts/item';

const kitchen = { ...plainKitchen, cooks: ['You'] };
const meal = { title: 'Supper', serveAt: '2026-12-12T18:00', mouthCount: 8, eaters: [] };
const made = (oven: Partial<ItemInput['oven']>, form: 'handPies' | 'dishPie' | 'pasties' = 'handPies'): ItemInput => {
  const item = formItem(form, 8, 'You');
  return { ...item, oven: { ...item.oven, ...oven } };
};
const codes = (item: ItemInput) => planItem(item, kitchen).problems.map((p) => p.code);

describe('made ahead', () => {
  it('frozen on Thursday they go into the oven on Saturday, two days of cold between, and bake longer', () => {
    const { clock, items } = planBake({ meal, items: [made({ from: 'freezer', aheadDays: 2 })], kitchen });
    const at = (code: string) => clock.steps.find((s) => s.code === code)?.startMin ?? 0;
    expect(at('fillSeal')).toBeLessThan(-2 * 24 * 60);
    expect(at('bake') - at('keepPies')).toBeGreaterThanOrEqual(2 * 24 * 60);
    const fresh = planItem(made({}), kitchen).oven.minutes as number;
    const moreMin = (items[0]?.oven.minutes as number) - fresh;
    expect(moreMin).toBeGreaterThan(4);
    expect(moreMin).toBeLessThan(25);
  });
  it('is said to be kept too long where it is: raw meat in the fridge for two days, in the freezer for months', () => {
    expect(codes(made({ from: 'fridge', aheadDays: 2 }, 'pasties'))).toContain('kept_long');
    expect(codes(made({ from: 'freezer', aheadDays: 80 }, 'pasties'))).toContain('kept_frozen_long');
    expect(codes(made({ from: 'freezer', aheadDays: 10 }, 'pasties'))).not.toContain('kept_frozen_long');
  });
  it('glass or ceramic from the freezer is warned of', () => {
    const item = made({ from: 'freezer', aheadDays: 2 }, 'dishPie');
    expect(codes({ ...item, cut: { ...item.cut, vesselMaterial: 'ceramic' } })).toContain('frozen_dish_cracks');
    expect(codes({ ...item, cut: { ...item.cut, vesselMaterial: 'tin' } })).not.toContain('frozen_dish_cracks');
  });
  it('is hard through the later the thicker it is', () => {
    const spec = planItem(made({}), kitchen).oven.spec;
    const thick = { ...spec, filling: { ...spec.filling, depthMm: 2 * spec.filling.depthMm } };
    expect(freezingMinutes(thick, -18)).toBeGreaterThan(freezingMinutes(spec, -18));
    expect(freezingMinutes(spec, -25)).toBeLessThan(freezingMinutes(spec, -12));
  });
});

describe('a day that begins from pies closed on another', () => {
  const closed = (oven: Partial<ItemInput['oven']> = {}) =>
    made({ from: 'freezer', aheadDays: 20, closedBefore: true, ...oven });
  const planned = planBake({ meal, items: [closed()], kitchen });
  it('only brushes and bakes them, as long as any from the freezer', () => {
    expect(planned.clock.steps.map((s) => s.code)).toEqual(['preheat', 'glaze', 'bake', 'turnRound', 'look', 'stand']);
    expect(planned.items[0]?.oven.minutes).toBe(
      planItem(made({ from: 'freezer', aheadDays: 2 }), kitchen).oven.minutes,
    );
    expect(planned.items[0]?.line.stretches).toEqual([]);
  });
  it('takes the pies from the freezer, and buys nothing but what is brushed on', () => {
    const { needs } = planned;
    expect(needs[0]).toMatchObject({ name: `${closed().title}, raw`, whole: true });
    expect(needs.slice(1).every((n) => /egg|milk|cream/i.test(n.name))).toBe(true);
    const has = (name: string) =>
      shortages(needs, [{ name, grams: 100_000 }]).some((s) => s.name === `${closed().title}, raw`);
    expect(has(`${closed().title}, raw`)).toBe(false);
    expect(has(`${closed().title}, baked`)).toBe(true);
  });
  it('still says what they hold, and when they were kept too long', () => {
    expect(planned.who.holds[0]?.allergens).toContain('wheat');
    // of raw meat closed on another day, and nothing said of when, the fridge is not promised
    expect(codes(made({ from: 'fridge', closedBefore: true }, 'pasties'))).toContain('kept_long');
    expect(codes(closed({ aheadDays: 80 }))).toContain('kept_frozen_long');
    expect(codes(closed({ from: 'fridge', aheadDays: 3 }))).toContain('kept_long');
  });
});

describe('standing', () => {
  it('every form begins with a stand that is usual for it', () => {
    for (const form of forms) {
      const item = formItem(form, 8, 'You');
      const { lowMin, highMin } = standOf(item);
      expect(item.clock.standMinutes).toBeGreaterThanOrEqual(lowMin);
      expect(item.clock.standMinutes).toBeLessThanOrEqual(highMin);
    }
  });
  it('raw mince cut at once is warned of', () => {
    const item = formItem('rolls', 8, 'You');
    expect(codes({ ...item, clock: { ...item.clock, standMinutes: 1 } })).toContain('stand_short');
  });
  it('a deeper pie burns mouths longer, and stays hot longer', () => {
    const { spec, bake } = planItem(formItem('dishPie', 8, 'You'), kitchen).oven;
    const after = (depthMm: number) =>
      afterBake({ ...spec, filling: { ...spec.filling, depthMm } }, 80, bake.boilingC, 20);
    expect(after(60).mouthMin as number).toBeGreaterThan(after(30).mouthMin as number);
    expect(after(40).hotUntilMin as number).toBeLessThan(after(40).mouthMin as number);
  });
});

describe('the crust of a dough', () => {
  it('counts the water of butter and flour, and what milk leaves dry', () => {
    const plain = crustOfDough([
      { id: 'flour', grams: 100 },
      { id: 'butter', grams: 50 },
      { id: 'water', grams: 25 },
    ]);
    expect(plain?.waterToDry).toBeGreaterThan(0.3);
    expect(plain?.waterToDry).toBeLessThan(0.42);
    const milk = crustOfDough([
      { id: 'flour', grams: 100 },
      { id: 'milk', grams: 30 },
      { id: 'sugar', grams: 10 },
    ]);
    expect(milk?.sugarPct).toBeGreaterThan(9);
    expect(milk?.milkSolidsPct).toBeGreaterThan(2);
    expect(crustOfDough([{ id: 'butter', grams: 50 }])).toBeNull();
  });
});

describe('one oven for the day', () => {
  const two = [made({}, 'dishPie'), { ...made({}, 'pasties'), oven: { ...made({}, 'pasties').oven, setC: 190 } }];
  it('what bakes together takes longer than alone, and the plan says both', () => {
    const { items } = planBake({ meal, items: two, kitchen: { ...kitchen, ovenShelves: 3 } });
    const together = items.filter((i) => i.oven.company);
    expect(together.length).toBe(2);
    for (const i of together) expect(i.oven.minutes as number).toBeGreaterThan(i.oven.aloneMin as number);
  });
  it('everything is in one load or another, never two on one shelf at once', () => {
    const day = ovenLoad({ meal, items: two, kitchen: { ...kitchen, ovenShelves: 3 } });
    const things = day.loads.flatMap((l) => l.things);
    expect(new Set(things.map((t) => t.itemIndex))).toEqual(new Set([0, 1]));
    for (const load of day.loads.filter((l) => !l.over))
      for (const a of load.things)
        for (const b of load.things)
          if (a !== b && a.inMin < b.outMin && b.inMin < a.outMin) expect(a.rack).not.toBe(b.rack);
  });
  it('unlike heats go in one after the other, with the minutes the oven needs between', () => {
    const unlike = [two[0], { ...two[1], oven: { ...two[1].oven, setC: 230 } }] as ItemInput[];
    const { loads } = ovenLoad({ meal, items: unlike, kitchen });
    expect(loads.length).toBe(2);
    expect((loads[1]?.inMin ?? 0) - (loads[0]?.outMin ?? 0)).toBeGreaterThanOrEqual((loads[1]?.betweenMin ?? 0) - 0.01);
    expect(loads[1]?.betweenMin).toBeGreaterThan(5);
  });
  it('the door lets the air fall, and it comes back', () => {
    const { trace, loads } = ovenLoad({ meal, items: two.slice(0, 1), kitchen });
    const inMin = loads[0]?.inMin ?? 0;
    const around = trace.filter((t) => t.tMin >= inMin && t.tMin <= inMin + 4).map((t) => t.airC);
    expect(Math.min(...around)).toBeLessThan(175);
    expect(trace.find((t) => t.tMin >= inMin + 20)?.airC).toBeGreaterThan(185);
  });
});

describe('a second oven', () => {
  const withSecond = { ...kitchen, secondOven: { shelves: 2, offsetC: 0, heaterW: 1500 } };
  const dish = { ...made({}, 'dishPie') };
  const hotter = { ...made({}, 'pasties'), oven: { ...made({}, 'pasties').oven, setC: 230 } };
  it('lets unlike heats bake at once, each in its own, and neither is in the other’s company', () => {
    const apart = [dish, { ...hotter, oven: { ...hotter.oven, inSecond: true } }];
    const { clock, items } = planBake({ meal, items: apart, kitchen: withSecond });
    const [a, b] = [0, 1].map((n) => clock.ovenRuns.find((r) => r.itemIndex === n && r.stepId.startsWith('bake')));
    expect(a?.oven).toBe(0);
    expect(b?.oven).toBe(1);
    expect((a?.startMin ?? 0) < (b?.endMin ?? 0) && (b?.startMin ?? 0) < (a?.endMin ?? 0)).toBe(true);
    expect(items.every((i) => i.oven.company === null)).toBe(true);
    expect(clock.problems.map((p) => p.code)).not.toContain('heats_overlap');
  });
  it('that a kitchen has not is the one it has', () => {
    const { clock } = planBake({ meal, items: [{ ...dish, oven: { ...dish.oven, inSecond: true } }], kitchen });
    expect(clock.ovenRuns.every((r) => r.oven === 0)).toBe(true);
  });
  it('that stands off its dial bakes by what it is', () => {
    const minutes = (offsetC: number) =>
      planItem(
        { ...dish, oven: { ...dish.oven, inSecond: true } },
        { ...withSecond, secondOven: { shelves: 1, offsetC, heaterW: 2200 } },
      ).oven.minutes as number;
    expect(minutes(-20)).toBeGreaterThan(minutes(0) + 2);
  });
});
