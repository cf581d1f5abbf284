import { simulateBake } from './bake';
import type { BakeSpec } from './bakeInput';
import { preheatMinutes } from './preheat';

const pie = (oven: Partial<BakeSpec['oven']> = {}): BakeSpec => ({
  shape: { kind: 'disc', dMm: 230 },
  top: { type: 'shortcrust', tMm: 3 },
  base: { type: 'shortcrust', tMm: 3 },
  filling: { type: 'stew_thick', depthMm: 35, startC: 8 },
  vessel: { material: 'tin' },
  support: 'tray',
  oven: { mode: 'conv', steps: [{ fromMin: 0, setC: 190 }], ...oven },
});
const golden = (oven: Partial<BakeSpec['oven']>) => simulateBake(pie(oven)).times.golden ?? Infinity;
const cold = { mode: 'conv' as const, steps: [{ fromMin: 0, setC: 200 }] };

describe('how an oven is built', () => {
  it('of 65 litres, electric, with air as ovens have it, is the oven that was meant all along', () =>
    expect(simulateBake(pie({ build: { litres: 65, burns: 'electric', airflow: 1 } })).times).toEqual(
      simulateBake(pie()).times,
    ));
  it('small is hot sooner, with the same heater', () => {
    const minutes = [20, 65, 110].map((litres) => preheatMinutes({ ...cold, build: { litres } }, 'tray'));
    expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
    expect(minutes[0]).toBeLessThan(minutes[2] ?? 0);
  });
  it('with its air blown hard browns and heats sooner', () => {
    const blown = { build: { airflow: 1.6 } };
    expect(golden(blown)).toBeLessThan(golden({}));
    expect(simulateBake(pie(blown)).times.safe ?? Infinity).toBeLessThan(simulateBake(pie()).times.safe ?? 0);
  });
  it('burning gas is moister: lid and base are drier later', () => {
    const gas = simulateBake(pie({ build: { burns: 'gas' } }));
    const none = simulateBake(pie());
    for (const minute of [10, 20, 30])
      expect(gas.series[minute]?.lidDryness ?? 1).toBeLessThan(none.series[minute]?.lidDryness ?? 0);
    expect(gas.times.baseDry ?? 0).toBeGreaterThan(none.times.baseDry ?? Infinity);
  });
});

describe('steam that is let in', () => {
  it('keeps the lid moist while it lasts and after, so that it colours a little later', () => {
    for (const steamMin of [10, 20]) {
      expect(golden({ steamMin })).toBeGreaterThan(golden({}));
      const [steamed, bare] = [pie({ steamMin }), pie()].map((p) => simulateBake(p).series[steamMin]?.lidDryness ?? 0);
      expect(steamed).toBeLessThan((bare ?? 0) - 0.1);
    }
  });
  it('condenses on what is cold, and warms its face sooner', () => {
    const at = (steamMin: number) => simulateBake(pie({ steamMin })).series[3]?.surfaceC ?? 0;
    expect(at(10)).toBeGreaterThan(at(0));
  });
});
