import fc from 'fast-check';
import { fillVolume } from '../filling/fillVolume';
import { cutterFor, cutterPolicies } from './cutter';
import { ballDiameter, ballMass, otherCutter, piece } from './piece';
import { minimumDough, planReRolls } from './reRolls';
import { rowPattern } from './rowPatterns';
import { checkedDiscs, discBound, olerBound, sheetArea } from './sheet';

const rect = (w: number, h: number, d: number, trim = 0, gap = 0) =>
  checkedDiscs({ sheet: { shape: 'rect', w, h }, d, trim, gap });

/** Area inside an outline, counted on a fine grid. */
function counted(size: number, inside: (x: number, y: number) => boolean, step = 0.25): number {
  let n = 0;
  for (let x = -size + step / 2; x < size; x += step)
    for (let y = -size + step / 2; y < size; y += step) if (inside(x, y)) n++;
  return n * step * step;
}

describe('row patterns known by heart', () => {
  it.each([
    ['one in a square of its own size', rect(100, 100, 100), 1],
    ['two by three on a grid', rect(300, 200, 100), 6],
    ['five in a square of 1 + √2 diameters, two, one and two', rect(241.5, 241.5, 100), 5],
    ['a little less takes four', rect(241.3, 241.3, 100), 4],
    ['five by seven on a grid', rect(500, 700, 100), 35],
    ['a long strip takes one row', rect(1000, 100, 100), 10],
    ['a strip of 1.9 diameters takes them in zigzag, half a diameter on each time', rect(1000, 190, 100), 19],
  ])('%s', (_what, discs, n) => expect(rowPattern(discs).n).toBe(n));
  it('shifted rows beat the grid on a tall sheet', () => {
    // ten rows of the grid need 1000 mm; shifted rows stand 86.6 mm apart
    const layout = rowPattern(rect(550, 1000, 100));
    expect(layout.n).toBeGreaterThan(50);
    expect(['shifted', 'hexagonal']).toContain(layout.pattern);
  });
  it('a round sheet of three diameters holds seven', () =>
    expect(rowPattern(checkedDiscs({ sheet: { shape: 'round', d: 300 }, d: 100, trim: 0, gap: 0 })).n).toBe(7));
  it('turning the sheet changes nothing', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 120, max: 700 }),
        fc.integer({ min: 120, max: 700 }),
        fc.integer({ min: 40, max: 120 }),
        (w, h, d) => {
          expect(rowPattern(rect(w, h, d, 5, 2)).n).toBe(rowPattern(rect(h, w, d, 5, 2)).n);
        },
      ),
      { numRuns: 80 },
    );
  });
  it('scrap and pieces make the whole sheet', () => {
    const discs = rect(430, 315, 92, 5, 2);
    const { n, scrap } = rowPattern(discs);
    expect(scrap * sheetArea(discs.sheet) + (n * Math.PI * 92 ** 2) / 4).toBeCloseTo(430 * 315, 6);
  });
});

describe('the bound', () => {
  it('never grows when the gap or the trim does', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 150, max: 700 }),
        fc.integer({ min: 150, max: 700 }),
        fc.integer({ min: 40, max: 140 }),
        (w, h, d) => {
          expect(discBound(rect(w, h, d, 5, 6))).toBeLessThanOrEqual(discBound(rect(w, h, d, 5, 0)));
          expect(discBound(rect(w, h, d, 12, 2))).toBeLessThanOrEqual(discBound(rect(w, h, d, 2, 2)));
        },
      ),
    );
  });
  it('is Oler’s where that is sharper than the area', () => {
    const thin = rect(1000, 100, 100);
    expect(discBound(thin)).toBe(olerBound(thin));
    expect(discBound(thin)).toBe(10);
  });
  it('is nought for a disc that does not fit at all', () => expect(discBound(rect(300, 80, 100))).toBe(0));
});

describe('pieces measured by counting', () => {
  it('a half-moon’s inside is the half disc less its rim', () => {
    const p = piece({ kind: 'halfmoon', d: 120, rim: 10 });
    const inside = counted(60, (x, y) => y > 0 && Math.hypot(x, y) < 50);
    expect(Math.abs((p.innerArea as number) - inside) / inside).toBeLessThan(0.01);
  });
  it('a round pair weighs base and lid, and the split says how much the base is', () => {
    const p = piece({ kind: 'round2', d: 100, rim: 10, t: 3, rho: 1.2 });
    const base = ballMass(100, 3, 1.2);
    const lid = ballMass(p.lid as number, 3, 1.2);
    expect(p.mass).toBeCloseTo(base + lid, 9);
    expect(p.split).toBeCloseTo(base / (base + lid), 9);
    expect(p.lid).toBeGreaterThan(100);
  });
  it('a dome’s filling is the spherical cap over the inside', () => {
    const h = 15;
    const p = piece({ kind: 'round2', d: 100, rim: 10, dome: h });
    const c = 80;
    const radius = ((c * c) / 4 + h * h) / (2 * h);
    let ml = 0;
    for (let z = 0; z < h; z += 0.01) ml += Math.PI * (radius ** 2 - (radius - h + z + 0.005) ** 2) * 0.01;
    expect(p.fillMl as number).toBeCloseTo(ml / 1000, 1);
  });
  it('a coil winds its rope without gap over the tin', () => {
    const p = piece({ kind: 'coil', d: 280, rope: 40, sheetLen: 480, sheetWid: 300, join: 40 });
    expect((p.ropeLen as number) * 40).toBeCloseTo((Math.PI * 280 ** 2) / 4, 6);
    const reach = (n: number) => 480 + (n - 1) * (480 - 40);
    expect(reach(p.sheets as number)).toBeGreaterThanOrEqual(p.ropeLen as number);
    expect(reach((p.sheets as number) - 1)).toBeLessThan(p.ropeLen as number);
  });
  it('a log rolled from a sheet keeps the volume of dough and filling', () => {
    const p = piece({ kind: 'log', len: 300, width: 200, t: 3, fillT: 4, slice: 30 });
    expect(((Math.PI * (p.D as number) ** 2) / 4) * 200).toBeCloseTo(300 * 200 * 7, 3);
    expect(p.slices).toBe(6);
  });
  it('the strands of a plait weigh the dough', () => {
    const p = piece({ kind: 'plait', len: 300, mass: 600, strands: 4, rho: 1.2 });
    expect((p.strandMass as number) * 4).toBeCloseTo(600, 9);
    const volume = (Math.PI * (p.strandD as number) ** 2 * (p.strandLen as number)) / 4;
    expect((volume * 1.2) / 1000).toBeCloseTo(150, 6);
  });
  it('an envelope is half as wide over the diagonal as its square', () =>
    expect(piece({ kind: 'envelope', a: 120 }).side).toBeCloseTo(120 / Math.SQRT2, 9));
  it.each([
    ['an unknown kind', { kind: 'star' as never }, 'kind'],
    ['a half-moon without a size', { kind: 'halfmoon' as const }, 'd'],
    ['dough a tenth of a millimetre thin', { kind: 'halfmoon' as const, d: 100, t: 0.1 }, 't'],
    [
      'a join longer than half the leaf',
      { kind: 'coil' as const, d: 280, rope: 40, sheetLen: 100, sheetWid: 100, join: 80 },
      'join',
    ],
  ])('refuse %s', (_what, spec, field) => expect(() => piece(spec)).toThrow(field));
});

describe('shrinking pieces', () => {
  it.each(cutterPolicies)('by the policy %s keep the dough they were cut with', (policy) => {
    const c = cutterFor({ policy, D: 92, t: 3, shrinkPct: 6, cutterOnHand: 80 });
    if (policy === 'stretch') return expect(c.cutter ** 2 * c.roll).toBeCloseTo(92 ** 2 * 3, 6);
    expect(c.cutter ** 2 * c.roll).toBeCloseTo(c.finD ** 2 * c.finT, 6);
  });
  it('need nothing done where nothing shrinks', () => {
    for (const policy of ['compensate', 'larger', 'keep'] as const)
      expect(cutterFor({ policy, D: 92, t: 3, shrinkPct: 0 })).toMatchObject({
        cutter: 92,
        roll: 3,
        finD: 92,
        finT: 3,
      });
  });
  it('come out the size asked for when it is made up for', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 30, noNaN: true }), (shrinkPct) => {
        const c = cutterFor({ policy: 'compensate', D: 92, t: 3, shrinkPct });
        expect(c.cutter * (1 - shrinkPct / 100)).toBeCloseTo(92, 9);
      }),
    );
  });
  it('refuse a policy no one has', () =>
    expect(() => cutterFor({ policy: 'hope' as never, D: 92, t: 3, shrinkPct: 5 })).toThrow('policy'));
});

describe('dough for a number of pieces', () => {
  const base = { D: 92, t: 3, rho: 1.2 };
  it('grows with the number', () => {
    let before = 0;
    for (let N = 1; N <= 40; N += 3) {
      const { mass } = minimumDough({ ...base, N });
      expect(mass).toBeGreaterThan(before);
      before = mass;
    }
  });
  it('is less when scraps may be rolled again', () => {
    const mass = (maxRerolls: number) => minimumDough({ ...base, N: 20, maxRerolls }).mass;
    expect(mass(2)).toBeLessThan(mass(0));
  });
  it('is more with a wider trim, a thicker sheet and a heavier loss', () => {
    const mass = (change: object) => minimumDough({ ...base, N: 20, ...change }).mass;
    expect(mass({ trim: 12 })).toBeGreaterThan(mass({ trim: 2 }));
    expect(mass({ t: 4 })).toBeGreaterThan(mass({ t: 3 }));
    expect(mass({ lossPct: 12 })).toBeGreaterThanOrEqual(mass({ lossPct: 0 }));
  });
  it('says of every roll how much it is expected to shrink', () => {
    const { gens } = planReRolls({ ...base, mass: 900, shrink0: 2, shrinkStep: 3 });
    expect(gens.map((g) => g.shrinkPct)).toEqual(gens.map((_, i) => 2 + 3 * i));
  });
});

describe('another cutter', () => {
  it('of the same size changes nothing', () => {
    const o = otherCutter({ D: 92, t: 3, Dc: 92, N: 18, rim: 10 });
    expect(o.sameThickness).toMatchObject({
      pieceMass: 1,
      filling: 1,
      piecesForSameDough: 18,
      piecesForSameFilling: 18,
    });
    expect(o.samePieceMass).toMatchObject({ roll: 3, stretchPct: 0, warn: false });
  });
  it('twelve in a hundred away is said', () =>
    expect(otherCutter({ D: 92, t: 3, Dc: 80, N: 18, rim: 10 }).samePieceMass.warn).toBe(true));
  it('must be wider than two rims', () =>
    expect(() => otherCutter({ D: 92, t: 3, Dc: 30, N: 18, rim: 16 })).toThrow('Dc'));
});

describe('equal balls', () => {
  it('roll to the diameter of their mass, at any thickness', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 250, noNaN: true }),
        fc.double({ min: 1, max: 10, noNaN: true }),
        (D, t) => {
          expect(ballDiameter(ballMass(D, t, 1.15), t, 1.15)).toBeCloseTo(D, 6);
          expect(ballDiameter(ballMass(D, t, 1.15), t / 4, 1.15)).toBeCloseTo(2 * D, 6);
        },
      ),
    );
  });
});

describe('what lies comfortably inside', () => {
  it('goes with the cube of the size', () => {
    const at = (scale: number) => fillVolume({ kind: 'halfmoon', D: 12 * scale, r: 1 * scale }).comfortableMl;
    expect(at(1.5) / at(1)).toBeCloseTo(1.5 ** 3, 9);
  });
  it('of a dish is the frustum of its inside', () => {
    const v = fillVolume({ kind: 'dish', Dtop: 23, Dbot: 19, h: 4, tc: 0.3, density: 1 });
    let ml = 0;
    const [top, bottom, depth] = [23 / 2 - 0.3, 19 / 2 - 0.3, 3.7];
    for (let i = 0; i < 1000; i++) {
      const r = bottom + ((top - bottom) * (i + 0.5)) / 1000;
      ml += (Math.PI * r * r * depth) / 1000;
    }
    expect(v.comfortableMl).toBeCloseTo(0.92 * ml, 0);
    expect(v.overfillMl).toBeCloseTo(1.02 * ml, 0);
  });
  it('weighs by its density', () => {
    const at = (density: number) => fillVolume({ kind: 'round', D: 10, r: 1, density }).comfortableG;
    expect(at(1.1) / at(0.55)).toBeCloseTo(2, 9);
  });
  it.each([
    ['a dish thinner than its crust', { kind: 'dish' as const, Dtop: 10, Dbot: 8, h: 0.3, tc: 0.5 }, 'tc'],
    ['a made-up shape', { kind: 'star' as never }, 'kind'],
    ['a coil without a length', { kind: 'coil' as const, d: 4 }, 'L'],
  ])('is refused for %s', (_what, shape, field) => expect(() => fillVolume(shape)).toThrow(field));
});
