import { fillKinds, fillVolume, simulatorShape, type FillShape } from '../filling/fillVolume';
import { crimps, glues, sealStrength, ventArea, vents } from './seals';

describe('a seam', () => {
  it.each(Object.keys(glues))('glued with %s is stronger crimped than only pressed', (glue) => {
    expect(sealStrength(glue, 'rope')).toBeGreaterThan(sealStrength(glue, 'pressed'));
  });
  it('only pressed is as strong as its glue, soiled it holds little', () => {
    expect(sealStrength('egg', 'pressed')).toBe(1);
    expect(sealStrength('none', 'fork')).toBeCloseTo(0.6, 9);
    expect(sealStrength('water', 'fork')).toBeCloseTo(0.76, 9);
    expect(sealStrength('egg', 'fork')).toBeCloseTo(0.88, 9);
    expect(sealStrength('egg', 'fork', { soiled: true })).toBeCloseTo(0.528, 9);
  });
  it('refuses a glue nobody knows', () => expect(() => sealStrength('jam', 'rope')).toThrow('glue'));
  it('has pinches of a stated length for every crimp', () => {
    for (const c of Object.values(crimps)) expect(c.pitchMm).toBeGreaterThan(0);
  });
});

describe('vents', () => {
  const base = { areaM2: 0.04, wet: 0.6 };
  it('open by what is cut', () => {
    expect(ventArea({ kind: 'slits', n: 3, lengthMm: 24 })).toBe(72);
    expect(ventArea({ kind: 'holes', n: 1, dMm: 10 })).toBeCloseTo(78.54, 2);
    expect(ventArea({ kind: 'none' })).toBe(0);
  });
  it('must be larger for a larger or wetter pie', () => {
    const need = (areaM2: number, wet: number) => vents({ areaM2, wet, ventMm2: 50 }).needMm2;
    expect(need(0.08, 0.6)).toBeGreaterThan(need(0.04, 0.6));
    expect(need(0.04, 1)).toBeGreaterThan(need(0.04, 0.3));
  });
  it('too few puff the lid and leak more', () => {
    expect(vents({ ...base, ventMm2: 0 }).puffed).toBe(true);
    expect(vents({ ...base, ventMm2: 0 }).leakIndex).toBeGreaterThan(vents({ ...base, ventMm2: 200 }).leakIndex);
  });
  it('an overfull pie leaks more, a strong seam less', () => {
    expect(vents({ ...base, ventMm2: 80, fillRatio: 1.3 }).leakIndex).toBeGreaterThan(
      vents({ ...base, ventMm2: 80, fillRatio: 0.9 }).leakIndex,
    );
    expect(vents({ ...base, ventMm2: 80, sealStrength: 1.5 }).leakIndex).toBeLessThan(
      vents({ ...base, ventMm2: 80, sealStrength: 0.6 }).leakIndex,
    );
  });
});

describe('filling', () => {
  const shapes: Record<(typeof fillKinds)[number], FillShape> = {
    halfmoon: { kind: 'halfmoon', D: 12, r: 1 },
    round: { kind: 'round', D: 10, r: 1 },
    rectpair: { kind: 'rectpair', w: 9, l: 12, r: 1 },
    rectfold: { kind: 'rectfold', w: 12, l: 18, r: 1 },
    triangle: { kind: 'triangle', s: 12, r: 1 },
    filoflag: { kind: 'filoflag', w: 8 },
    coil: { kind: 'coil', d: 4, L: 140 },
    log: { kind: 'log', w: 30, l: 20, t: 0.5, dia: 6, len: 30 },
    cup: { kind: 'cup', Dtop: 7, Dbot: 5, h: 3, tc: 0.3 },
    dish: { kind: 'dish', Dtop: 23, Dbot: 19, h: 4, tc: 0.3, dome: 1 },
    recdish: { kind: 'recdish', w: 22, l: 30, h: 4, tc: 0.3 },
  };
  it.each(fillKinds)('of a %s lies comfortably well before it is overfull', (kind) => {
    const v = fillVolume(shapes[kind]);
    expect(v.comfortableMl).toBeGreaterThan(0);
    expect(v.overfillMl).toBeGreaterThan(v.comfortableMl);
  });
  it.each(fillKinds)('of a %s has an outline and a depth for the oven', (kind) => {
    const { shape, depthMm } = simulatorShape(shapes[kind]);
    expect(depthMm).toBeGreaterThan(3);
    expect(shape.kind === 'disc' ? shape.dMm : shape.lMm).toBeGreaterThan(20);
  });
  it('refuses a rim wider than the piece', () =>
    expect(() => fillVolume({ kind: 'halfmoon', D: 3, r: 2 })).toThrow('r'));
});
