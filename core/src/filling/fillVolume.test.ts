import fc from 'fast-check';
import { compute } from '../models';
import { fillKinds, fillVolume, simulatorShape, type FillShape } from './fillVolume';

/** One ordinary product of each kind. */
const ordinary: Record<FillShape['kind'], FillShape> = {
  halfmoon: { kind: 'halfmoon', D: 14, r: 1.2 },
  round: { kind: 'round', D: 10, r: 1 },
  rectpair: { kind: 'rectpair', w: 8, l: 12, r: 1 },
  rectfold: { kind: 'rectfold', w: 10, l: 16, r: 1 },
  triangle: { kind: 'triangle', s: 12, r: 1 },
  filoflag: { kind: 'filoflag', w: 8 },
  coil: { kind: 'coil', d: 3, L: 180 },
  log: { kind: 'log', w: 30, l: 40, t: 0.8, dia: 8, len: 34 },
  cup: { kind: 'cup', Dtop: 7, Dbot: 5, h: 3, tc: 0.3 },
  dish: { kind: 'dish', Dtop: 24, Dbot: 20, h: 4, tc: 0.4, dome: 2 },
  recdish: { kind: 'recdish', w: 20, l: 30, h: 5, tc: 0.4, taper: 1 },
};

describe('the filling a product holds', () => {
  it.each(fillKinds)('is more when overfull than when comfortable: %s', (kind) => {
    const v = fillVolume(ordinary[kind]);
    expect(v.comfortableMl).toBeGreaterThan(0);
    expect(v.overfillMl).toBeGreaterThan(v.comfortableMl);
    expect(v.overfillMl).toBeLessThan(1.5 * v.comfortableMl);
    expect(v.sealedAreaCm2).toBeGreaterThan(0);
  });
  it.each(fillKinds.filter((k) => k !== 'log' && k !== 'coil'))(
    'grows with the cube of the size where everything grows together: %s',
    (kind) => {
      const one = ordinary[kind];
      const twice = Object.fromEntries(
        Object.entries(one).map(([key, v]) => [key, typeof v === 'number' ? v * 2 : v]),
      ) as unknown as FillShape;
      expect(fillVolume(twice).comfortableMl / fillVolume(one).comfortableMl).toBeCloseTo(8, 6);
    },
  );
  it('weighs by its density, 0.95 where nothing is said', () => {
    const plain = fillVolume(ordinary.halfmoon);
    expect(plain.comfortableG).toBeCloseTo(plain.comfortableMl * 0.95, 9);
    expect(fillVolume({ ...ordinary.halfmoon, density: 0.6 }).comfortableG).toBeCloseTo(plain.comfortableMl * 0.6, 9);
  });
  it('shrinks as the rim widens, and is refused where the rim leaves nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        (r, more) => {
          const hold = (rim: number) => fillVolume({ kind: 'round', D: 14, r: rim }).comfortableMl;
          expect(hold(r + more)).toBeLessThan(hold(r));
        },
      ),
    );
    expect(() => fillVolume({ kind: 'round', D: 10, r: 5 })).toThrow('r');
    expect(() => fillVolume({ kind: 'recdish', w: 8, l: 8, h: 5, tc: 4 })).toThrow('tc');
  });
  it('holds less in a dish the thicker its crust, and more under a dome', () => {
    const dish = ordinary.dish;
    expect(fillVolume({ ...dish, tc: 0.8 }).comfortableMl).toBeLessThan(fillVolume(dish).comfortableMl);
    expect(fillVolume({ ...dish, dome: 0 }).comfortableMl).toBeLessThan(fillVolume(dish).comfortableMl);
  });
  it('is a cylinder’s for a straight-sided cup without crust, to 88 %', () => {
    const v = fillVolume({ kind: 'cup', Dtop: 6, Dbot: 6, h: 4, tc: 0 });
    expect(v.overfillMl).toBeCloseTo(Math.PI * 9 * 4, 9);
    expect(v.comfortableMl).toBeCloseTo(0.88 * Math.PI * 9 * 4, 9);
  });
  it('is the same however a rectangle is turned', () => {
    const a = fillVolume({ kind: 'rectpair', w: 8, l: 12, r: 1 });
    const b = fillVolume({ kind: 'rectpair', w: 12, l: 8, r: 1 });
    expect(a.comfortableMl).toBeCloseTo(b.comfortableMl, 9);
  });
  it('is nearly twice as much in two sheets of a size as in one of them folded', () => {
    const pair = fillVolume({ kind: 'rectpair', w: 10, l: 16, r: 1 });
    const folded = fillVolume({ kind: 'rectfold', w: 10, l: 16, r: 1 });
    expect(pair.overfillMl).toBeGreaterThan(1.3 * folded.overfillMl);
  });
  it('names the missing measure, and unknown kinds', () => {
    expect(() => fillVolume({ kind: 'halfmoon' })).toThrow('D');
    expect(() => fillVolume({ kind: 'wheel' as 'round', D: 3 })).toThrow('kind');
  });
});

describe('the shape handed to the oven', () => {
  it.each(fillKinds)('lies within the product’s own size: %s', (kind) => {
    const { shape, depthMm } = simulatorShape(ordinary[kind]);
    const widest = shape.kind === 'disc' ? shape.dMm : shape.lMm;
    const sizes = Object.entries(ordinary[kind]).filter(([key, v]) => key !== 'L' && typeof v === 'number');
    const longest = Math.max(
      ...sizes.map(([, v]) => Number(v) * 10),
      kind === 'coil' ? 10 * Math.sqrt((4 * 3 * 180) / Math.PI) : 0,
    );
    expect(widest).toBeLessThanOrEqual(Math.ceil(longest));
    expect(depthMm).toBeGreaterThan(3);
    expect(depthMm).toBeLessThan(80);
  });
  it('keeps the area of a coil', () => {
    const { shape } = simulatorShape(ordinary.coil);
    const d = shape.kind === 'disc' ? shape.dMm : 0;
    expect((Math.PI / 4) * (d / 10) ** 2).toBeCloseTo(3 * 180, -1);
  });
  it('gives a rectangle its short side first', () => {
    for (const kind of ['rectpair', 'rectfold', 'halfmoon', 'recdish', 'log'] as const) {
      const { shape } = simulatorShape(ordinary[kind]);
      if (shape.kind !== 'rect') throw new Error(`${kind} is no rectangle`);
      expect(shape.wMm).toBeLessThanOrEqual(shape.lMm);
    }
  });
  it('is deeper under a dome', () => {
    const flat = simulatorShape({ ...ordinary.dish, dome: 0 }).depthMm;
    expect(simulatorShape({ ...ordinary.dish, dome: 3 }).depthMm).toBeCloseTo(flat + 15, 9);
  });
});

describe('the registered models of filling', () => {
  it('answer as the functions do', () => {
    expect(compute('filling.volume', ordinary.cup)).toEqual({ ok: true, value: fillVolume(ordinary.cup) });
    expect(compute('filling.simulatorShape', ordinary.cup)).toEqual({ ok: true, value: simulatorShape(ordinary.cup) });
  });
  it('refuse what is out of range with its field', () => {
    expect(compute('filling.volume', { kind: 'round', D: 400 })).toMatchObject({ ok: false, errors: [{ field: 'D' }] });
    expect(compute('filling.volume', { kind: 'round', D: 10, size: 3 })).toMatchObject({
      ok: false,
      errors: [{ field: 'size' }],
    });
  });
});
