import fc from 'fast-check';
import type { BakeSpec } from './bakeInput';
import { kitchenFactor, planBakeTime, type BakeAdvice } from './bakePlan';
import { colourLevels, fillingKinds, type FillType } from './tables';

const pie = (change: Partial<BakeSpec> = {}): BakeSpec => ({
  shape: { kind: 'disc', dMm: 220 },
  top: { type: 'shortcrust', tMm: 3 },
  base: { type: 'shortcrust', tMm: 3 },
  filling: { type: 'mince_cooked', depthMm: 38, startC: 12 },
  vessel: { material: 'tin' },
  support: 'rack',
  oven: { mode: 'conv', steps: [{ fromMin: 0, setC: 200 }] },
  wash: 'egg',
  ...change,
});
const at = (setC: number): BakeSpec['oven'] => ({ mode: 'conv', steps: [{ fromMin: 0, setC }] });
const advice = <C extends BakeAdvice['code']>(spec: BakeSpec, code: C) =>
  planBakeTime(spec).advice.find((a): a is Extract<BakeAdvice, { code: C }> => a.code === code);

describe('the advice of a planned bake', () => {
  it('where colour runs ahead is to cover from when it shows, and cooler where that helps', () => {
    const hot = advice(
      pie({ oven: at(230), filling: { type: 'mince_cooked', depthMm: 60, startC: 5 } }),
      'BROWN_AHEAD',
    );
    expect(hot).toBeTruthy();
    expect(hot?.tentFromMin).toBeGreaterThan(5);
    if (hot?.lower) expect(hot.lower.byC).toBeGreaterThanOrEqual(10);
  });
  it('where a small pie is ready pale is more heat', () => {
    const pale = advice(
      pie({
        shape: { kind: 'disc', dMm: 90 },
        filling: { type: 'mince_cooked', depthMm: 10, startC: 40 },
        oven: at(160),
        wash: 'none',
        vessel: null,
        support: 'steel',
        supportPreheated: true,
      }),
      'PALE_AT_DONE',
    );
    expect(pale?.raiseC).toBe(10);
  });
  it('is to turn it round at three fifths, but not for what bakes in a few minutes', () => {
    const plan = planBakeTime(pie());
    expect(plan.advice.find((a) => a.code === 'ROTATE')).toEqual({
      code: 'ROTATE',
      atMin: Math.round(0.6 * (plan.times.core && plan.proposed ? plan.proposed : 0)),
    });
  });
  it('names the heat to probe for every raw filling, and for no cooked one', () => {
    for (const [type, kind] of Object.entries(fillingKinds)) {
      const found = advice(pie({ filling: { type: type as FillType, depthMm: 30, startC: 6 } }), 'PROBE');
      expect(found?.targetC ?? null).toBe(kind.raw ? kind.coreC : null);
    }
  });
  it('of glass or ceramic on something hot is to fear a crack, of tin it is not', () => {
    const cold = {
      filling: { type: 'mince_cooked' as const, depthMm: 38, startC: 4 },
      support: 'steel' as const,
      supportPreheated: true,
    };
    expect(advice(pie({ ...cold, vessel: { material: 'glass' } }), 'THERMAL_SHOCK')).toBeTruthy();
    expect(advice(pie({ ...cold, vessel: { material: 'ceramic' } }), 'THERMAL_SHOCK')).toBeTruthy();
    expect(advice(pie({ ...cold, vessel: { material: 'tin' } }), 'THERMAL_SHOCK')).toBeUndefined();
  });
  it('speaks of a heavy load only where many frozen pies cool the oven', () => {
    const frozen = { type: 'mince_cooked' as const, depthMm: 30, startC: -18 };
    const heavy = pie({
      shape: { kind: 'disc', dMm: 120 },
      filling: frozen,
      crustStartC: -18,
      load: { pieces: 24, trays: 3 },
      oven: { ...at(220), heaterW: 1500 },
    });
    expect(advice(heavy, 'LOAD_HEAVY')?.wallDropC).toBeGreaterThan(25);
    expect(advice(pie(), 'LOAD_HEAVY')).toBeUndefined();
  });
});

describe('the minutes of a planned bake', () => {
  it('lie within their range, the look before them', () => {
    for (const setC of [170, 190, 210, 230]) {
      const p = planBakeTime(pie({ oven: at(setC) }));
      const [low, high] = p.rangeMin ?? [0, 0];
      expect(low).toBeLessThanOrEqual(p.proposedMin ?? 0);
      expect(high).toBeGreaterThanOrEqual(p.proposedMin ?? 0);
      expect(p.lookAt).toBeLessThanOrEqual(p.proposed ?? 0);
      expect(p.latest).toBeGreaterThanOrEqual(p.proposed ?? 0);
    }
  });
  it('follow a kitchen that takes longer, in proportion', () => {
    const [plain, slow] = [planBakeTime(pie()), planBakeTime(pie(), [1.25, 1.25, 1.25, 1.25])];
    expect((slow.proposed ?? 0) / (plain.proposed ?? 1)).toBeCloseTo(slow.kitchenFactor, 6);
    expect(slow.kitchenFactor).toBeGreaterThan(1.1);
  });
  it('on something unknown lie between a bright tray and a dark one, and are less sure', () => {
    const on = (support: BakeSpec['support']) => planBakeTime(pie({ vessel: null, support }));
    const [unknown, bright, dark] = [on('unknown'), on('tray'), on('trayDark')];
    expect(unknown.proposed).toBeLessThanOrEqual(bright.proposed ?? 0);
    expect(unknown.proposed).toBeGreaterThanOrEqual(dark.proposed ?? 0);
    expect(unknown.uncertaintyPct).toBeGreaterThanOrEqual(bright.uncertaintyPct);
  });
  it('of a lid alone wait for no base', () => {
    const p = planBakeTime(pie({ base: null, vessel: { material: 'ceramic' } }));
    expect(p.times).toMatchObject({ baseSet: 0, baseDry: 0 });
    expect(p.proposedMin).toBeGreaterThan(10);
  });
  it('end at a colour that has a name', () => {
    const levels = colourLevels.map((l) => l.level);
    for (const wash of ['none', 'milk', 'egg'] as const)
      expect(levels).toContain(planBakeTime(pie({ wash })).levelProposed);
  });
});

describe('what a kitchen has learnt', () => {
  it('never goes further than its own bakes did', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.5, max: 2, noNaN: true }), { minLength: 1, maxLength: 20 }), (ratios) => {
        const { factor, sigma, n } = kitchenFactor(ratios);
        expect(factor).toBeGreaterThanOrEqual(Math.min(1, ...ratios) - 1e-9);
        expect(factor).toBeLessThanOrEqual(Math.max(1, ...ratios) + 1e-9);
        expect(n).toBe(ratios.length);
        expect(sigma).toBeGreaterThan(0.13);
      }),
    );
  });
  it('makes it surer with every bake, down to what one bake differs from the next', () => {
    const spread = (n: number) => kitchenFactor(Array.from({ length: n }, () => 1)).sigma;
    for (let n = 0; n < 12; n++) expect(spread(n + 1)).toBeLessThan(spread(n));
    expect(spread(400)).toBeCloseTo(0.13, 2);
  });
});
