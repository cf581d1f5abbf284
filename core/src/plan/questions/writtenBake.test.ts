import type { ItemInput } from '../../contracts/item';
import type { WrittenPageInput } from '../../contracts/writtenPage';
import { planItem } from '../item';
import { plainKitchen, starterItem } from '../starters';
import { otherBake } from './otherBake';
import { writtenBake } from './writtenBake';

const dish: ItemInput = (() => {
  const item = starterItem('dishPie', 6, 'You');
  return { ...item, oven: { ...item.oven, then: undefined, setC: 190, mode: 'conv' as const } };
})();
const oven = planItem(dish, plainKitchen).oven;
const { shape, filling } = oven.spec;
const across = shape.kind === 'disc' ? shape.dMm : Math.max(shape.wMm, shape.lMm);
/** The very pie that is here, at its own minutes. */
const same: WrittenPageInput = {
  ovenC: 190,
  mode: 'conv',
  minutes: Math.round(oven.bake.proposed ?? 0),
  acrossMm: across,
  depthMm: filling.depthMm,
  trays: 1,
};
const of = (page: Partial<WrittenPageInput>, item = dish) =>
  writtenBake({ item, kitchen: plainKitchen, page: { ...same, ...page } });

describe('what a page says of heat and minutes', () => {
  it('of the very pie that is here comes to its own minutes', () => {
    const told = of({});
    expect(told.judged).toBe('fits');
    expect(told.factor).toBeCloseTo(1, 1);
    expect(Math.abs((told.hereMin ?? 0) - same.minutes)).toBeLessThanOrEqual(2);
  });
  it('of a shallower pie comes to more minutes here, of a deeper one to fewer', () => {
    const shallow = of({ depthMm: Math.round(filling.depthMm * 0.6) });
    const deep = of({ depthMm: Math.round(filling.depthMm * 1.5) });
    expect(shallow.hereMin ?? 0).toBeGreaterThan(same.minutes);
    expect(shallow.carried.steps.map((s) => s.step)).toContain('size');
    expect(deep.hereMin ?? Infinity).toBeLessThan(same.minutes);
  });
  it('at a gentler heat comes to fewer minutes here', () => {
    const gentle = of({ ovenC: 160, minutes: Math.round(same.minutes * 1.3) });
    expect(gentle.hereMin ?? 0).toBeLessThan(same.minutes * 1.3);
    expect(gentle.carried.steps.map((s) => s.step)).toEqual(['heat']);
  });
  it('that cannot be meant is judged so', () => {
    expect(of({ minutes: 300 }).judged).toBe('long');
    expect(of({ minutes: 10 }).judged).toBe('short');
  });
  it('never brings a pie out before its middle is safe', () => {
    const told = of({ minutes: 5 });
    expect(told.hereMin).toBe(Math.ceil(told.safeMin ?? NaN));
    expect(told.safeMin).toBeGreaterThan(10);
  });
  it('stands beside minutes of the cook’s own, and is not moved by them', () => {
    const own = { ...dish, oven: { ...dish.oven, ownMin: 77 } };
    expect(of({}, own)).toEqual(of({}));
  });
});

describe('the same pie in another dish', () => {
  const other = { ...dish, cut: { ...dish.cut, vesselMaterial: 'foil' as const } };
  const told = otherBake({ item: dish, kitchen: plainKitchen, other });
  it('has the minutes the station gives it once it is taken', () => {
    expect(told.minutes).toBe(planItem(other, plainKitchen).oven.minutes);
    expect(told.carried.fromMin).not.toBeNull();
  });
  it('differs by what is different, and by nothing else', () =>
    expect(told.carried.steps.map((s) => s.step)).toEqual(['dish']));
  it('ends where the other bake’s own simulation does', () => {
    const larger = otherBake({
      item: dish,
      kitchen: plainKitchen,
      other: { ...other, oven: { ...other.oven, setC: 210, rack: 'low' } },
    });
    expect(larger.carried.toMin).toBeCloseTo(
      otherBake({
        item: { ...other, oven: { ...other.oven, setC: 210, rack: 'low' } },
        kitchen: plainKitchen,
        other: dish,
      }).carried.fromMin ?? NaN,
      6,
    );
  });
});
