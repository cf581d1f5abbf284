import fc from 'fast-check';
import { fitsOven, withPreheat, type OvenRun } from './ovenRuns';

const run = (more: Partial<OvenRun> = {}): OvenRun => ({
  itemIndex: 0,
  stepId: 'bake:all',
  startMin: -60,
  endMin: -30,
  heats: [{ fromMin: 0, setC: 200 }],
  mode: 'conv',
  rack: 'middle',
  trays: 1,
  preheatMin: 20,
  oven: 0,
  ...more,
});
const anyRun = fc
  .record({
    endMin: fc.integer({ min: -300, max: 0 }),
    minutes: fc.integer({ min: 10, max: 90 }),
    first: fc.constantFrom(160, 180, 200, 220),
    then: fc.option(fc.record({ fromMin: fc.integer({ min: 1, max: 60 }), setC: fc.constantFrom(160, 190, 210) })),
    trays: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ endMin, minutes, first, then, trays }) =>
    run({
      startMin: endMin - minutes,
      endMin,
      trays,
      heats: [{ fromMin: 0, setC: first }, ...(then ? [then] : [])],
    }),
  );
const moved = (r: OvenRun, endMin: number): OvenRun => ({ ...r, startMin: endMin - (r.endMin - r.startMin), endMin });
/** The heat that is set at a minute of a bake. */
const heatAt = (r: OvenRun, minute: number): number =>
  [...r.heats].reverse().find((h) => r.startMin + h.fromMin <= minute)?.setC ?? NaN;

describe('bakes in one oven', () => {
  it('go in earlier and earlier until they fit, and then never want two heats at one minute', () => {
    fc.assert(
      fc.property(fc.array(anyRun, { minLength: 2, maxLength: 5 }), (runs) => {
        const placed: OvenRun[] = [];
        for (let now of runs) {
          for (let next = fitsOven(now, placed, 2); next !== null; next = fitsOven(now, placed, 2)) {
            expect(next).toBeLessThan(now.endMin);
            now = moved(now, next);
          }
          placed.push(now);
        }
        for (const a of placed)
          for (const b of placed)
            for (let m = Math.max(a.startMin, b.startMin); m < Math.min(a.endMin, b.endMin); m++)
              expect(Math.abs(heatAt(a, m + 0.5) - heatAt(b, m + 0.5))).toBeLessThanOrEqual(10);
      }),
    );
  });
  it('share it while they want one heat, and not where the second heat of one differs', () => {
    const falling = [
      { fromMin: 0, setC: 220 },
      { fromMin: 20, setC: 180 },
    ];
    const first = run({ heats: falling });
    expect(fitsOven(run({ heats: falling }), [first], 2)).toBeNull();
    expect(fitsOven(run({ heats: [{ fromMin: 0, setC: 220 }] }), [first], 2)).not.toBeNull();
    // what comes in at the lower heat may join it there
    expect(fitsOven(run({ startMin: -40, endMin: -30, heats: [{ fromMin: 0, setC: 180 }] }), [first], 2)).toBeNull();
  });
  it('share it no further than its shelves', () => {
    expect(fitsOven(run(), [run()], 1)).toBe(-60);
    expect(fitsOven(run({ trays: 2 }), [run()], 2)).not.toBeNull();
  });
  it('are given time between their heats, more to climb than to fall', () => {
    const after = (setC: number) =>
      fitsOven(run({ heats: [{ fromMin: 0, setC }], startMin: -90, endMin: -61 }), [run()], 1);
    expect(after(200)).toBeNull();
    expect(after(160)).toBeCloseTo(-60 - 40 / 1.9, 6);
    expect(after(240)).toBeCloseTo(-60 - 40 / 4, 6);
  });
});

describe('an oven switched on', () => {
  it('heats from cold for the first bake, and from the last heat of the one before for the next', () => {
    const heats = [
      { fromMin: 0, setC: 220 },
      { fromMin: 10, setC: 180 },
    ];
    const [first, second] = withPreheat([run({ startMin: -20, endMin: -5 }), run({ heats })]);
    expect(first).toMatchObject({ fromC: 0, preheatFromMin: -80 });
    expect(second.fromC).toBe(180);
    expect(second.startMin - second.preheatFromMin).toBeCloseTo(20 / 1.9, 6);
  });
  it('has gone cold where the next is far off', () =>
    expect(withPreheat([run({ startMin: -200, endMin: -170 }), run()])[1]).toMatchObject({
      fromC: 0,
      preheatFromMin: -80,
    }));
});
