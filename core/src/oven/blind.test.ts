import { simulateBake } from './bake';
import type { BakeSpec } from './bakeInput';
import { simulateBlind, type BlindSpec } from './blind';
import { preheatMinutes } from './preheat';

const tart: BlindSpec = {
  shape: { kind: 'disc', dMm: 245 },
  base: { type: 'shortcrust', tMm: 3 },
  vessel: { material: 'tin' },
  support: 'trayDark',
  oven: { mode: 'conv', steps: [{ fromMin: 0, setC: 190 }] },
  crustStartC: 6,
  weightsMin: 15,
  bareMin: 8,
};

describe('a case baked blind', () => {
  it('of a tart is set under its weights and dry a few minutes after them', () => {
    const blind = simulateBlind(tart);
    expect(blind.setMin).toBeLessThan(15);
    expect(blind.dryMin).toBeGreaterThan(15);
    expect(blind.dryMin).toBeLessThan(23);
    expect(blind.dryness).toBeGreaterThan(0.65);
  });
  it('keeps its steam under weights: without them it dries sooner, with them alone hardly', () => {
    const bare = simulateBlind({ ...tart, weightsMin: 0, bareMin: 23 });
    const under = simulateBlind({ ...tart, weightsMin: 23, bareMin: 0 });
    const usual = simulateBlind(tart);
    expect(bare.waterLeft).toBeLessThan(usual.waterLeft);
    expect(usual.waterLeft).toBeLessThan(under.waterLeft);
  });
  it.each([
    ['thicker', { base: { type: 'shortcrust' as const, tMm: 6 } }],
    ['in a cooler oven', { oven: { mode: 'conv' as const, steps: [{ fromMin: 0, setC: 160 }] } }],
  ])('is later ready %s', (_what, change) => {
    const [usual, other] = [simulateBlind(tart), simulateBlind({ ...tart, ...change })];
    expect(other.setMin ?? Infinity).toBeGreaterThan(usual.setMin ?? 0);
    expect(other.waterLeft).toBeGreaterThan(usual.waterLeft);
  });
  it('wants to be drier under what is poured in', () => {
    expect(simulateBlind({ ...tart, dryAt: 0.65 }).dryMin ?? Infinity).toBeGreaterThan(simulateBlind(tart).dryMin ?? 0);
  });
});

describe('an open custard', () => {
  const custard = (base: Partial<NonNullable<BakeSpec['base']>> = {}): BakeSpec => ({
    ...tart,
    top: null,
    base: { ...tart.base, ...base },
    filling: { type: 'custard', depthMm: 26, startC: 20 },
    oven: { mode: 'conv', steps: [{ fromMin: 0, setC: 170 }] },
    crustStartC: 20,
  });
  it('is set at 75° in the middle, before it weeps, with nothing to colour', () => {
    const bake = simulateBake(custard({ waterLeft: 0.1, sealed: true }));
    expect(bake.atProposed?.coreC).toBeGreaterThanOrEqual(74.5);
    expect(bake.latest ?? 0).toBeGreaterThanOrEqual(bake.proposed ?? Infinity);
    expect(bake.times.weeps ?? Infinity).toBeGreaterThanOrEqual(bake.proposed ?? 0);
    expect(bake.times.lid).toBe(0);
  });
  it('stays dry below for longer on a base that egg was brushed on', () => {
    const [sealed, open] = [true, false].map((s) => simulateBake(custard({ waterLeft: 0.1, sealed: s })));
    expect(sealed.atProposed?.baseDryness).toBeGreaterThan(open.atProposed?.baseDryness ?? 1);
  });
  it('leaves a raw base soggy that was not baked before', () => {
    expect(simulateBake(custard()).atProposed?.baseDryness).toBeLessThan(
      simulateBake(custard({ waterLeft: 0.1 })).atProposed?.baseDryness ?? 0,
    );
  });
});

describe('an oven switched on', () => {
  const at = (setC: number, support: BakeSpec['support'] = 'tray', more: Partial<BakeSpec['oven']> = {}) =>
    preheatMinutes({ mode: 'conv', steps: [{ fromMin: 0, setC }], ...more }, support);
  it('takes longer to more heat, with less power, with steel in it, and longest with a stone', () => {
    expect(at(220)).toBeGreaterThan(at(160));
    expect(at(200, 'tray', { heaterW: 1200 })).toBeGreaterThan(at(200));
    expect(at(220, 'steel')).toBeGreaterThan(at(220));
    expect(at(220, 'stone')).toBeGreaterThan(at(220));
  });
  it('can take a pie after a quarter to half an hour, on a stone within the hour', () => {
    expect(at(200)).toBeGreaterThanOrEqual(14);
    expect(at(200)).toBeLessThanOrEqual(30);
    expect(at(230, 'stone')).toBeGreaterThanOrEqual(30);
    expect(at(230, 'stone')).toBeLessThanOrEqual(60);
  });
});
