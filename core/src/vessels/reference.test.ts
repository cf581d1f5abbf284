import fc from 'fast-check';
import { baseBlank, domeArc, domeVolume, fillCapacity, latticeStrips, lidBlank } from './blanks';
import { fitDishes, type DishOption, type DishStock } from './dishes';
import {
  axesAt,
  perimeter,
  planArea,
  sideArea,
  vesselAreas,
  vesselGeometry,
  vesselVolume,
  type Vessel,
} from './vessel';

const vessels: [string, Vessel][] = [
  ['a straight round tin', { form: 'round', top: 200, depth: 60 }],
  ['a pie plate', { form: 'round', top: 230, bottom: 190, depth: 38, rim: 12 }],
  ['a bowl that narrows upwards', { form: 'round', top: 160, bottom: 200, depth: 70 }],
  ['an oval', { form: 'oval', top: [320, 220], bottom: [290, 190], depth: 55, rim: 14 }],
  ['a roasting tin', { form: 'rect', top: [350, 250], bottom: [330, 230], depth: 60 }],
  ['a tin with round corners', { form: 'rect', top: [300, 200], bottom: [290, 190], depth: 40, corner: 30 }],
];

describe.each(vessels)('%s', (_name, vessel) => {
  const g = vesselGeometry(vessel);
  it('holds what its plan areas add up to, slice by slice', () => {
    const slices = 2000;
    let ml = 0;
    for (let i = 0; i < slices; i++)
      ml += (planArea(g.form, axesAt(g, (g.depth * (i + 0.5)) / slices), g.corner) * g.depth) / slices / 1000;
    expect(vesselVolume(g)).toBeCloseTo(ml, 1);
  });
  it('has its own bottom below and its own brim above', () => {
    expect(axesAt(g, 0)).toEqual(g.bottom);
    expect(axesAt(g, g.depth)).toEqual(g.top);
  });
  it('is lined by at least its bottom, side and brim', () => {
    const { bottom, side, lining } = vesselAreas(g);
    expect(lining).toBeGreaterThanOrEqual(bottom + side - 1e-9);
    expect(side).toBeCloseTo(sideArea(g), 9);
  });
  it('is covered by its base: never cut smaller than the lining', () =>
    expect(baseBlank(g, g.rim, 0).area).toBeGreaterThan(vesselAreas(g).bottom));
  it('is closed by a lid at least as wide as its brim and rim', () => {
    const lid = lidBlank(g, g.rim, 0);
    expect(lid.dims[0]).toBeCloseTo(g.top.length + 2 * g.rim, 9);
    expect(lid.dims[1]).toBeCloseTo(g.top.width + 2 * g.rim, 9);
  });
  it('takes less filling the more headspace is left', () => {
    let before = Infinity;
    for (let headspace = 0; headspace < g.depth; headspace += 5) {
      const ml = fillCapacity(g, { headspace });
      expect(ml).toBeLessThan(before);
      before = ml;
    }
    expect(fillCapacity(g, { headspace: g.depth })).toBe(0);
  });
  it('has lattice strips that never lie outside it', () => {
    for (const s of latticeStrips(g, { width: 18, spacing: 22, overhang: 0 })) {
      const across = s.direction === 0 ? g.top.width : g.top.length;
      expect(Math.abs(s.y) + 9).toBeLessThanOrEqual(across / 2 + 1e-9);
      expect(s.length).toBeLessThanOrEqual(Math.ceil(s.direction === 0 ? g.top.length : g.top.width));
    }
  });
});

describe('perimeters', () => {
  it('of an oval agree with the walked ellipse', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 400, noNaN: true }),
        fc.double({ min: 60, max: 400, noNaN: true }),
        (length, width) => {
          let walked = 0;
          const n = 4000;
          for (let i = 0; i < n; i++) {
            const [a, b] = [(2 * Math.PI * i) / n, (2 * Math.PI * (i + 1)) / n];
            walked += Math.hypot((length / 2) * (Math.cos(b) - Math.cos(a)), (width / 2) * (Math.sin(b) - Math.sin(a)));
          }
          expect(Math.abs(perimeter('oval', { length, width }, 0) - walked) / walked).toBeLessThan(1e-4);
        },
      ),
      { numRuns: 25 },
    );
  });
  it('of a square whose corners meet is a circle’s', () =>
    expect(perimeter('rect', { length: 100, width: 100 }, 50)).toBeCloseTo(Math.PI * 100, 9));
});

describe('a dome', () => {
  it('of no height is flat, and a flat lid holds nothing more', () => {
    const g = vesselGeometry({ form: 'round', top: 200, depth: 40 });
    expect(domeArc(200, 0)).toBe(200);
    expect(domeVolume(g, 0)).toBe(0);
  });
  it('lengthens the lid more the higher it is, past the half ball too', () => {
    let before = 0;
    for (let h = 0; h <= 90; h += 5) {
      const arc = domeArc(100, h);
      expect(arc).toBeGreaterThan(before);
      before = arc;
    }
  });
  it('of half a ball holds half a ball', () => {
    const g = vesselGeometry({ form: 'round', top: 200, depth: 40 });
    expect(domeVolume(g, 100)).toBeCloseTo(((2 / 3) * Math.PI * 100 ** 3) / 1000, 6);
  });
});

/** Every way to take dishes, without any of the shortcuts. */
function everyChoice(dishes: readonly DishStock[], most: number): Record<string, number>[] {
  return dishes
    .reduce<Record<string, number>[]>(
      (picks, dish) =>
        picks.flatMap((pick) => Array.from({ length: dish.qty + 1 }, (_, n) => (n ? { ...pick, [dish.id]: n } : pick))),
      [{}],
    )
    .filter((pick) => {
      const counts = Object.values(pick);
      const n = counts.reduce((a, b) => a + b, 0);
      return n > 0 && (n <= most || counts.length === 1);
    });
}

describe('choosing dishes against trying everything', () => {
  const stock = fc.array(fc.record({ cap: fc.integer({ min: 80, max: 3000 }), qty: fc.integer({ min: 1, max: 4 }) }), {
    minLength: 1,
    maxLength: 4,
  });
  it('finds every option and no other, the fewest dishes first', () => {
    fc.assert(
      fc.property(stock, fc.integer({ min: 200, max: 6000 }), (list, need) => {
        const dishes = list.map((d, i) => ({ ...d, id: `d${i}` }));
        const { options } = fitDishes({ need, dishes });
        const cap = (pick: Record<string, number>) =>
          Object.entries(pick).reduce((sum, [id, n]) => sum + n * (dishes.find((d) => d.id === id)?.cap ?? 0), 0);
        const wanted = everyChoice(dishes, 4).filter((p) => need / cap(p) >= 0.85 && need / cap(p) <= 1);
        const key = (p: Record<string, number>) => JSON.stringify(Object.entries(p).sort());
        expect(options.map((o: DishOption) => key(o.pick)).sort()).toEqual(wanted.map(key).sort());
        for (let i = 1; i < options.length; i++) expect(options[i]?.n).toBeGreaterThanOrEqual(options[i - 1].n);
      }),
      { numRuns: 60 },
    );
  });
  it('refuses more kinds than anyone owns', () => {
    const dishes = Array.from({ length: 13 }, (_, i) => ({ id: `d${i}`, cap: 100 + i, qty: 1 }));
    expect(() => fitDishes({ need: 500, dishes })).toThrow('dishes');
  });
});
