import fc from 'fast-check';
import type { BakeSpec, OvenMode, RackPosition } from './bakeInput';
import { atmosphere, bakeSetup, boilingPoint, saturationPressure } from './bakeSetup';
import { convectiveH, Oven } from './ovenState';

const spec = (oven: Partial<BakeSpec['oven']> = {}): BakeSpec => ({
  shape: { kind: 'disc', dMm: 200 },
  top: { type: 'shortcrust', tMm: 3 },
  base: { type: 'shortcrust', tMm: 3 },
  filling: { type: 'mince_cooked', depthMm: 30, startC: 10 },
  vessel: null,
  support: 'tray',
  oven: { mode: 'conv', steps: [{ fromMin: 0, setC: 200 }], ...oven },
});
const oven = (change: Partial<BakeSpec['oven']> = {}) => new Oven(bakeSetup(spec(change)));
/** Runs it in steps of two seconds with a load of so many watts. */
function run(o: Oven, minutes: number, watts = 0, fromMin = 0): Oven {
  for (let s = 0; s < minutes * 60; s += 2) {
    o.takes(watts);
    o.advance(fromMin * 60 + s, 2);
  }
  return o;
}

describe('the oven', () => {
  it('comes to its setting and stays there', () => {
    for (const setC of [150, 180, 220]) {
      const o = run(oven({ steps: [{ fromMin: 0, setC }] }), 40);
      expect(Math.abs(o.air - setC)).toBeLessThan(2);
      expect(Math.abs(o.wall - setC)).toBeLessThan(8);
    }
  });
  it('loses air heat at the door sooner than wall heat, and gets it back', () => {
    const o = oven({ preheated: true, loadDoorS: 30 });
    expect(o.air).toBeLessThan(140);
    expect(o.wall).toBeGreaterThan(180);
    expect(run(o, 15).air).toBeGreaterThan(195);
  });
  it('stays cooler the longer the door stands open, and never falls below the room', () => {
    const air = (loadDoorS: number) => oven({ loadDoorS }).air;
    expect(air(60)).toBeLessThan(air(20));
    expect(air(180)).toBeGreaterThan(22);
  });
  it('from cold takes more than five minutes and less than half an hour to heat', () => {
    const o = oven({ preheated: false });
    expect(run(o, 3).air).toBeLessThan(180);
    expect(run(o, 27, 0, 3).air).toBeGreaterThan(190);
  });
  it('from cold heats sooner with more watts', () => {
    const air = (heaterW: number) => run(oven({ preheated: false, heaterW }), 4).air;
    expect(air(3500)).toBeGreaterThan(air(1200));
  });
  it('follows a program of heats, up at once and down slowly', () => {
    const o = oven({
      steps: [
        { fromMin: 0, setC: 220 },
        { fromMin: 20, setC: 170 },
      ],
    });
    run(o, 20);
    expect(o.air).toBeGreaterThan(215);
    run(o, 4, 0, 20);
    expect(o.air).toBeGreaterThan(185);
    run(o, 40, 0, 24);
    expect(o.air).toBeLessThan(176);
  });
  it('cools down sooner with the fan', () => {
    const after = (mode: OvenMode) => {
      const o = oven({
        mode,
        steps: [
          { fromMin: 0, setC: 220 },
          { fromMin: 20, setC: 120 },
        ],
      });
      run(o, 20);
      return run(o, 8, 0, 20).air;
    };
    expect(after('fan')).toBeLessThan(after('conv'));
  });
  it('stands beside its dial by its offset', () => {
    expect(run(oven({ offsetC: -15 }), 40).air).toBeCloseTo(185, 0);
    expect(run(oven({ offsetC: 10 }), 40).air).toBeCloseTo(210, 0);
  });
  it('has cooler walls under a heavy load', () => {
    expect(run(oven(), 15, 1500).wall).toBeLessThan(run(oven(), 15, 0).wall - 10);
  });
  it('loses heat at every opening of the door on the way', () => {
    const shut = run(oven(), 12).air;
    const o = run(oven({ doorOpenMin: [11.9], doorOpenS: 30 }), 12);
    expect(o.air).toBeLessThan(shut - 30);
  });
  it('shines from below on the low rack and from above on the high one', () => {
    const shine = (rack: RackPosition, side: 'top' | 'bottom') => oven({ rack }).radiant(side);
    expect(shine('low', 'bottom')).toBeGreaterThan(shine('low', 'top'));
    expect(shine('high', 'top')).toBeGreaterThan(shine('high', 'bottom'));
    for (const side of ['top', 'bottom'] as const)
      expect(Math.abs(shine('middle', side) - oven().wall)).toBeLessThan(8);
  });
  it('blows harder with the fan, on top more than below', () => {
    expect(convectiveH('fan', 'top')).toBeGreaterThan(1.5 * convectiveH('conv', 'top'));
    for (const mode of ['conv', 'fan'] as const)
      expect(convectiveH(mode, 'top')).toBeGreaterThan(convectiveH(mode, 'bottom'));
  });
});

describe('water in the oven', () => {
  it('boils at 100° at sea level and about 3.3° lower for every thousand metres', () => {
    expect(boilingPoint(atmosphere(0))).toBeCloseTo(100, 0);
    expect(boilingPoint(atmosphere(0)) - boilingPoint(atmosphere(1000))).toBeCloseTo(3.3, 0);
  });
  it('has the vapour pressure of its boiling point, forth and back', () => {
    fc.assert(
      fc.property(fc.double({ min: 40, max: 110, noNaN: true }), (t) => {
        expect(boilingPoint(saturationPressure(t))).toBeCloseTo(t, 6);
      }),
    );
  });
  it('has a pressure that only rises with heat', () => {
    for (let t = 0; t < 120; t += 5) expect(saturationPressure(t + 5)).toBeGreaterThan(saturationPressure(t));
  });
  it('weighs less air on it the higher the kitchen', () => {
    for (let m = -400; m < 5000; m += 200) expect(atmosphere(m + 200)).toBeLessThan(atmosphere(m));
  });
});

describe('what goes into the oven', () => {
  it('shares a tray: small pies many, a large one alone', () => {
    expect(bakeSetup(spec()).pieces).toBe(1);
    const small = bakeSetup({ ...spec(), shape: { kind: 'disc', dMm: 80 } });
    expect(small.pieces).toBeGreaterThan(4);
  });
  it.each([
    ['oven.steps.0.fromMin', spec({ steps: [{ fromMin: 3, setC: 200 }] })],
    [
      'oven.steps.1.fromMin',
      spec({
        steps: [
          { fromMin: 0, setC: 200 },
          { fromMin: 0, setC: 180 },
        ],
      }),
    ],
    ['tents.0', { ...spec(), tents: [[20, 20]] as [number, number][] }],
    ['base', { ...spec(), base: null }],
  ])('is refused at %s where it contradicts itself', (field, wrong) => {
    expect(() => bakeSetup(wrong)).toThrow(field);
  });
});
