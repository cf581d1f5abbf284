import fc from 'fast-check';
import { discAndBand, fillCapacity, fillDepth, baseBlank } from './blanks';
import { swapDishes } from './dishes';
import { vesselKinds, type VesselKind } from './kinds';
import { vesselGeometry, vesselVolume, type Vessel } from './vessel';

const kinds = Object.keys(vesselKinds) as VesselKind[];
const dish = (kind: VesselKind) => vesselGeometry(vesselKinds[kind]);

describe('dishes by their kind', () => {
  it.each(kinds.map((k) => [k]))('%s has sizes that can be', (kind) => {
    const ml = vesselVolume(dish(kind));
    expect(ml).toBeGreaterThan(15);
    expect(ml).toBeLessThan(6000);
  });
  it('measured with water hold what was measured, at every height', () => {
    const tin: Vessel = { ...vesselKinds.straightTin, measuredMl: 2000 };
    expect(vesselVolume(vesselGeometry(tin))).toBeCloseTo(2000, 9);
    expect(vesselVolume(vesselGeometry(tin), 35)).toBeCloseTo(1000, 9);
  });
});

describe('the filling line', () => {
  it('is where the filling fills the lined dish to it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...kinds), fc.double({ min: 0.05, max: 0.98, noNaN: true }), (kind, level) => {
        const g = dish(kind);
        const ml = fillCapacity(g, { level, dough: 3 });
        fc.pre(ml > 1);
        expect(fillDepth(g, { ml, dough: 3 })).toEqual({
          zMm: expect.closeTo(g.depth * level, 3) as number,
          overMl: 0,
        });
      }),
    );
  });
  it('stands at the brim when there is more, and the rest is told', () => {
    const g = dish('piePlate');
    const whole = fillCapacity(g, { dough: 4 });
    const { zMm, overMl } = fillDepth(g, { ml: whole + 100, dough: 4 });
    expect(zMm).toBeCloseTo(g.depth, 3);
    expect(overMl).toBeCloseTo(100, 6);
  });
});

describe('a deep tin', () => {
  it('is lined better with a disc and a band, a flat one with one piece', () => {
    expect(baseBlank(vesselGeometry({ ...vesselKinds.straightTin, depth: 100 })).band).not.toBeNull();
    expect(baseBlank(dish('tray')).band).toBeNull();
  });
  it('has a band as long as its edge and a lap, as high as its wall, rim and overhang', () => {
    const g = dish('straightTin');
    const band = discAndBand(g, 5, 10);
    expect(band.length).toBeCloseTo(Math.PI * 200 + 15, 9);
    expect(band.height).toBeCloseTo(70 + 15, 9);
    expect(band.discDims).toEqual([212, 212]);
  });
});

describe('a swap of dishes', () => {
  it('says when the filling stands a fifth deeper or shallower: it bakes for another time', () => {
    const swap = swapDishes(dish('ramekin'), dish('muffinCup'));
    expect(swap.sameFillingDepthMm).toBeNull();
    expect(swapDishes(dish('piePlate'), dish('piePlate'))).toMatchObject({ area: 1, volume: 1, bakesOtherwise: false });
    expect(swapDishes(dish('piePlate'), dish('roastingTin')).bakesOtherwise).toBe(true);
  });
});
