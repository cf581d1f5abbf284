import fc from 'fast-check';
import { celsiusToGas, gasToCelsius } from '../quantities/temperature';
import { simulateBake } from './bake';
import type { BakeSpec } from './bakeInput';
import { kitchenFactor, planBakeTime } from './bakePlan';
import { heatConversions, plausible } from './plausible';
import { crusts, fillingKinds, type CrustType, type FillType } from './tables';
import { ovenOffset } from './thermometer';

const handPie = (change: Partial<BakeSpec> = {}): BakeSpec => ({
  shape: { kind: 'rect', wMm: 52, lMm: 100 },
  top: { type: 'shortcrust', tMm: 3 },
  base: { type: 'shortcrust', tMm: 3 },
  filling: { type: 'mince_cooked', depthMm: 18, startC: 8 },
  vessel: null,
  support: 'trayDark',
  oven: { mode: 'conv', steps: [{ fromMin: 0, setC: 200 }] },
  wash: 'egg',
  ...change,
});
const applePie = (change: Partial<BakeSpec> = {}): BakeSpec =>
  handPie({
    shape: { kind: 'disc', dMm: 215 },
    filling: { type: 'apple_raw', depthMm: 42, startC: 12 },
    vessel: { material: 'tin' },
    support: 'rack',
    ...change,
  });
const heat = (setC: number, mode: 'conv' | 'fan' = 'conv', rack: 'low' | 'middle' | 'high' = 'middle') => ({
  mode,
  rack,
  steps: [{ fromMin: 0, setC }],
});
const proposed = (s: BakeSpec) => simulateBake(s).proposed as number;

describe('the bake simulator', () => {
  it('never heats the middle past its boiling point, nor lets colour fade', () => {
    const { series, boilingC } = simulateBake(applePie());
    for (const row of series) expect(row.coreC).toBeLessThanOrEqual(boilingC + 1e-6);
    for (let i = 1; i < series.length; i++)
      expect(series[i]?.browning).toBeGreaterThanOrEqual(series[i - 1]?.browning ?? 0);
  });
  it('runs without a broken number over crusts, fillings and heats', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(crusts) as CrustType[])),
        fc.constantFrom(...(Object.keys(fillingKinds) as FillType[])),
        fc.integer({ min: 150, max: 240 }),
        fc.integer({ min: 8, max: 60 }),
        (crust, filling, setC, depthMm) => {
          const b = simulateBake(
            handPie({
              top: { type: crust, tMm: 3 },
              base: { type: crust, tMm: 3 },
              filling: { type: filling, depthMm, startC: 8 },
              oven: heat(setC),
            }),
          );
          for (const row of b.series) for (const value of Object.values(row)) expect(Number.isFinite(value)).toBe(true);
          if (b.earliest !== null && b.proposed !== null && b.latest !== null) {
            expect(b.earliest).toBeLessThanOrEqual(b.proposed + 1e-6);
            expect(b.proposed).toBeLessThanOrEqual(b.latest + 1e-6);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
  it.each([
    ['hotter', { oven: heat(220) }],
    ['with the fan at the same setting', { oven: heat(200, 'fan') }],
  ] as const)('is done sooner %s', (_how, change) =>
    expect(proposed(handPie(change))).toBeLessThan(proposed(handPie())),
  );
  it.each([
    ['deeper', { filling: { type: 'mince_cooked', depthMm: 30, startC: 8 } }],
    ['from a cold oven', { oven: { ...heat(200), preheated: false } }],
    ['frozen', { filling: { type: 'mince_cooked', depthMm: 18, startC: -18 }, crustStartC: -18 }],
    ['without wash', { wash: 'none' }],
    ['in an oven that stands low', { oven: { ...heat(200), offsetC: -15 } }],
    ['with two full trays', { load: { pieces: 24, trays: 2 } }],
    ['under foil', { tents: [[0, 240]] as [number, number][] }],
  ] as const)('takes longer %s', (_how, change) =>
    expect(proposed(handPie(change as Partial<BakeSpec>))).toBeGreaterThan(proposed(handPie())),
  );
  it('dries a base sooner on the low rack and colours its lid later', () => {
    const [low, middle] = [simulateBake(applePie({ oven: heat(200, 'conv', 'low') })), simulateBake(applePie())];
    expect(low.times.baseDry).toBeLessThan(middle.times.baseDry as number);
    expect(low.times.golden).toBeGreaterThan(middle.times.golden as number);
  });
  it('dries a base soonest on hot steel, then on hot stone, last on a cold tray', () => {
    const dry = (support: BakeSpec['support'], supportPreheated: boolean) =>
      simulateBake(handPie({ support, supportPreheated })).times.baseDry as number;
    expect(dry('steel', true)).toBeLessThan(dry('stone', true));
    expect(dry('stone', true)).toBeLessThan(dry('tray', false));
  });
  it('sets a base later in ceramic and glass than in dark steel, and in bright tin last of all', () => {
    const set = (material: 'tin' | 'glass' | 'ceramic' | 'darksteel') =>
      simulateBake(applePie({ vessel: { material } })).times.baseSet as number;
    expect(set('ceramic')).toBeGreaterThan(set('darksteel'));
    expect(set('glass')).toBeGreaterThan(set('darksteel'));
    expect(set('tin')).toBeGreaterThan(set('ceramic'));
  });
  it('boils about 3.3 degrees lower for each thousand metres', () => {
    const at = (altitudeM: number) => simulateBake(applePie({ oven: { ...heat(200), altitudeM } })).boilingC;
    expect(at(0) - at(1000)).toBeCloseTo(3.3, 0);
  });
  it('says what never comes in an oven that is too cool', () => {
    const b = simulateBake(handPie({ oven: heat(60) }));
    expect(b.proposed).toBeNull();
    expect(b.binds).toMatch(/^never:/);
  });
  it('refuses a lid without a dish and steps that do not begin at nought', () => {
    expect(() => simulateBake(handPie({ base: null }))).toThrow('base');
    expect(() => simulateBake(handPie({ oven: { mode: 'conv', steps: [{ fromMin: 5, setC: 200 }] } }))).toThrow(
      'oven.steps.0.fromMin',
    );
    expect(() => simulateBake(handPie({ tents: [[10, 5]] }))).toThrow('tents.0');
  });
});

describe('the planned bake', () => {
  it('is 24 % sure without bakes of one’s own and narrower with them', () => {
    expect(planBakeTime(handPie()).uncertaintyPct).toBe(24);
    expect(planBakeTime(handPie(), [1.1, 1.05, 1.15]).uncertaintyPct).toBeLessThan(20);
  });
  it('never lets a fast kitchen shorten the safe time of a raw filling', () => {
    const raw = handPie({ filling: { type: 'pork_raw', depthMm: 30, startC: 6 } });
    const plan = planBakeTime(raw, [0.6, 0.6, 0.6, 0.6, 0.6]);
    expect(plan.proposed).toBeGreaterThanOrEqual(plan.times.safe as number);
    expect(plan.rangeMin?.[0]).toBeGreaterThanOrEqual(Math.round(plan.times.safe as number));
  });
  it('asks for a probe with raw meat, and not without', () => {
    const codes = (type: FillType) =>
      planBakeTime(handPie({ filling: { type, depthMm: 25, startC: 6 } })).advice.map((a) => a.code);
    expect(codes('poultry_raw')).toContain('PROBE');
    expect(codes('mince_cooked')).not.toContain('PROBE');
  });
  it('warns of glass from the freezer', () => {
    const plan = planBakeTime(
      applePie({
        vessel: { material: 'glass' },
        filling: { type: 'apple_raw', depthMm: 40, startC: -18 },
        crustStartC: -18,
      }),
    );
    expect(plan.advice.map((a) => a.code)).toContain('THERMAL_SHOCK');
  });
  it('has nothing to say but "never" when nothing is ever ready', () => {
    expect(planBakeTime(handPie({ oven: heat(60) })).advice).toEqual([
      expect.objectContaining({ code: 'NEVER_READY' }),
    ]);
  });
  it('draws a kitchen’s factor towards its own bakes, the more the more there are', () => {
    expect(kitchenFactor([]).factor).toBe(1);
    expect(kitchenFactor([1.2]).factor).toBeLessThan(kitchenFactor([1.2, 1.2, 1.2]).factor);
    expect(kitchenFactor(Array.from({ length: 50 }, () => 1.2)).factor).toBeCloseTo(1.2, 1);
  });
});

describe('written heats', () => {
  it('convert gas forth and back', () => {
    for (const mark of [1, 2, 3, 4, 5, 6, 7, 8, 9]) expect(celsiusToGas(gasToCelsius(mark))).toBe(mark);
    expect(celsiusToGas(60)).toBeNull();
    expect(heatConversions(200)).toMatchObject({ fanC: 180, fahrenheit: 392, gas: 6 });
  });
  it('raise no alarm for an ordinary bake', () => {
    for (const value of [180, 190, 200, 210]) expect(plausible({ value, unit: 'C', timeMin: 40 })).toEqual([]);
  });
  it.each([
    [{ value: 180, unit: 'F' as const, timeMin: 40 }, 'UNIT_LIKELY_WRONG'],
    [{ value: 6, unit: 'C' as const }, 'UNIT_LIKELY_WRONG'],
    [{ value: 40, unit: 'C' as const }, 'TEMP_IMPOSSIBLE'],
    [{ value: 140, unit: 'C' as const }, 'TEMP_LOW'],
    [{ value: 250, unit: 'C' as const, timeMin: 15 }, 'TEMP_HIGH'],
    [{ value: 200, unit: 'C' as const, timeMin: 1 }, 'TIME_IS_HOURS'],
    [{ value: 190, unit: 'C' as const, timeMin: 9 }, 'TOO_LITTLE_HEAT'],
    [{ value: 375 }, 'UNIT_GUESSED'],
  ])('notice %j as %s', (input, code) => expect(plausible(input)[0]?.code).toBe(code));
  it('offer gentler heat for a bake that is far too long', () => {
    const finding = plausible({ value: 250, unit: 'C', timeMin: 60 }).find((f) => f.code === 'TOO_MUCH_HEAT');
    expect(finding?.suggest).toMatchObject({ sameTimeC: 195, sameTempMin: 24 });
  });
});

describe('an oven against its dial', () => {
  const reading = (setC: number, measuredC: number, sinceOnMin = 60) => ({ setC, measuredC, sinceOnMin });
  it('is read from the median, so one slip does not count', () => {
    expect(ovenOffset([reading(200, 188), reading(180, 168), reading(220, 208), reading(200, 100)]).offsetC).toBe(-12);
  });
  it('is not judged on readings while it still heats', () => {
    expect(ovenOffset([reading(200, 150, 5), reading(200, 160, 10), reading(200, 170, 15)])).toMatchObject({
      n: 0,
      confidence: 'none',
      offsetC: 0,
    });
  });
  it('is called suspicious when it is further off than ovens are', () => {
    expect(ovenOffset([reading(200, 150), reading(200, 152), reading(200, 148)]).suspicious).toBe(true);
  });
});

describe('an open pie', () => {
  const spec = (more: Partial<BakeSpec> = {}): BakeSpec => ({
    shape: { kind: 'disc', dMm: 220 },
    top: null,
    base: { type: 'shortcrust', tMm: 4 },
    filling: { type: 'cheese_egg', depthMm: 35, startC: 8 },
    vessel: { material: 'tin' },
    support: 'trayDark',
    oven: { mode: 'conv', steps: [{ fromMin: 0, setC: 190 }], rack: 'low' },
    ...more,
  });
  it('is ready by its base and its middle: it has no lid to set, and nothing on it colours', () => {
    const open = simulateBake(spec());
    expect(open.times).toMatchObject({ lid: 0, golden: null });
    expect(['core', 'baseSet', 'baseDry']).toContain(open.binds);
    expect(open.atProposed?.browning).toBe(0);
    expect(open.atProposed?.coreC).toBeGreaterThan(open.targetC - 1);
  });
  it('keeps its face cool by drying: far under what a dry one would come to', () => {
    const open = simulateBake(spec());
    expect(open.atProposed?.surfaceC).toBeLessThan(100);
    expect(open.lostFraction).toBeGreaterThan(simulateBake(spec({ top: { type: 'shortcrust', tMm: 4 } })).lostFraction);
  });
  it('without a base either is no pie, and is refused by name', () => {
    expect(() => simulateBake(spec({ base: null }))).toThrow('top: inconsistent');
  });
});
