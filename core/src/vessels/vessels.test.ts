import fc from 'fast-check';
import { baseBlank, domeArc, domeVolume, fillCapacity, fitVerdict, latticeStrips, lidBlank } from './blanks';
import { fitDishes, swapDishes } from './dishes';
import { depthForVolume, perimeter, vesselAreas, vesselGeometry, vesselVolume, type Vessel } from './vessel';

const vessel = fc.record({
  form: fc.constantFrom('round' as const, 'oval' as const, 'rect' as const),
  top: fc.tuple(fc.double({ min: 60, max: 400, noNaN: true }), fc.double({ min: 60, max: 400, noNaN: true })),
  bottom: fc.tuple(fc.double({ min: 60, max: 400, noNaN: true }), fc.double({ min: 60, max: 400, noNaN: true })),
  depth: fc.double({ min: 10, max: 120, noNaN: true }),
});
const asVessel = (v: {
  form: Vessel['form'];
  top: [number, number];
  bottom: [number, number];
  depth: number;
}): Vessel => (v.form === 'round' ? { ...v, top: v.top[0], bottom: v.bottom[0] } : v);
const pie: Vessel = { form: 'round', top: 230, bottom: 190, depth: 38, rim: 12 };

describe('a dish', () => {
  it('fills steadily: every millimetre higher holds more', () => {
    fc.assert(
      fc.property(vessel, (v) => {
        const g = vesselGeometry(asVessel(v));
        for (let z = 1; z <= 10; z++)
          expect(vesselVolume(g, (g.depth * z) / 10)).toBeGreaterThan(vesselVolume(g, (g.depth * (z - 1)) / 10));
      }),
    );
  });
  it('stands a volume at the depth that holds it', () => {
    fc.assert(
      fc.property(vessel, fc.double({ min: 0.05, max: 0.95, noNaN: true }), (v, share) => {
        const g = vesselGeometry(asVessel(v));
        const z = depthForVolume(g, vesselVolume(g) * share) as number;
        expect(vesselVolume(g, z)).toBeCloseTo(vesselVolume(g) * share, 4);
      }),
    );
  });
  it('says null to more than it holds', () => expect(depthForVolume(vesselGeometry(pie), 5000)).toBeNull());
  it('believes the cook’s own water measure over the geometry', () => {
    const g = vesselGeometry({ ...pie, measuredMl: 1200 });
    expect(vesselVolume(g)).toBeCloseTo(1200, 9);
    expect(vesselVolume(g, 19)).toBeLessThan(600);
  });
  it('has a circle’s perimeter when an oval is round', () => {
    expect(perimeter('oval', { length: 200, width: 200 }, 0)).toBeCloseTo(Math.PI * 200, 6);
  });
  it('is lined by bottom, side and rim', () => {
    const a = vesselAreas(vesselGeometry(pie));
    expect(a.lining).toBeGreaterThan(a.bottom + a.side);
  });
  it('may narrow upwards, but not have a corner wider than half its side', () => {
    expect(() => vesselGeometry({ form: 'round', top: 100, bottom: 150, depth: 50 })).not.toThrow();
    expect(() => vesselGeometry({ form: 'rect', top: [100, 60], depth: 40, corner: 40 })).toThrow('corner_too_big');
  });
});

describe('blanks', () => {
  const g = vesselGeometry(pie);
  it('grow with overhang, rim and dome', () => {
    expect(baseBlank(g, 12, 20).dims[0]).toBeGreaterThan(baseBlank(g, 12, 10).dims[0]);
    expect(lidBlank(g, 12, 15, 20).dims[0]).toBeGreaterThan(lidBlank(g, 12, 15, 0).dims[0]);
  });
  it('advise a disc and a band where a deep straight tin would have to be pleated', () => {
    expect(baseBlank(vesselGeometry({ form: 'round', top: 180, depth: 110 })).band).not.toBeNull();
    expect(baseBlank(g).band).toBeNull();
  });
  it('have an arc of half a circle over a dome as high as half its chord', () =>
    expect(domeArc(100, 50)).toBeCloseTo((Math.PI * 100) / 2, 9));
  it('hold less filling lined than bare, and more with a dome', () => {
    const bare = fillCapacity(g);
    expect(fillCapacity(g, { dough: 4 })).toBeLessThan(bare);
    expect(fillCapacity(g, { dome: 20 })).toBeCloseTo(bare + domeVolume(g, 20), 6);
    expect(fillCapacity(g, { level: 0.8, dome: 20 })).toBeLessThan(bare);
  });
  it('lay lattice strips that stay over the dish and are shorter at its edge', () => {
    const strips = latticeStrips(g, { width: 15, spacing: 20 }).filter((s) => s.direction === 0);
    expect(strips.length).toBeGreaterThan(3);
    expect(strips[0]?.length).toBeLessThan(strips[Math.floor(strips.length / 2)]?.length ?? 0);
  });
  it.each([
    [0.5, 'tooBig'],
    [0.7, 'shallow'],
    [0.9, 'good'],
    [1.05, 'full'],
    [1.3, 'tooSmall'],
  ])('call a dish filled to %d %s', (fill, verdict) => expect(fitVerdict(fill * 1000, 1000).verdict).toBe(verdict));
});

describe('choosing dishes', () => {
  const dishes = [
    { id: 'pie', cap: 1300, qty: 2 },
    { id: 'oval', cap: 2700, qty: 1 },
    { id: 'cup', cap: 110, qty: 24 },
  ];
  it('offers only what is filled well, fewest dishes first', () => {
    const { options } = fitDishes({ need: 2400, dishes });
    for (const o of options) expect(o.fill).toBeLessThanOrEqual(1);
    expect(options.map((o) => o.n)).toEqual([...options.map((o) => o.n)].sort((a, b) => a - b));
  });
  it('names the nearest below and above when nothing fits', () => {
    const { options, nearestAbove, nearestBelow } = fitDishes({ need: 200, dishes: dishes.slice(0, 1) });
    expect(options).toEqual([]);
    expect(nearestAbove?.cap).toBe(1300);
    expect(nearestBelow).toBeNull();
  });
  it('swaps back to where it began', () => {
    const [a, b] = [vesselGeometry(pie), vesselGeometry({ form: 'oval', top: [320, 220], depth: 50 })];
    expect(swapDishes(a, b).volume * swapDishes(b, a).volume).toBeCloseTo(1, 9);
  });
});
