import * as fc from 'fast-check';
import { asGood, devices, fromOther, inOtherUnit, shownBy, type Device } from './failings';

const even = () => 0.5;
const expectedOf: Record<Device, fc.Arbitrary<number>> = {
  scale: fc.double({ min: 20, max: 5000, noNaN: true }),
  probe: fc.double({ min: 0, max: 30, noNaN: true }),
  ovenThermometer: fc.double({ min: 130, max: 250, noNaN: true }),
};

describe.each(devices)('a stand-in for a %s', (device) => {
  it('that is good shows what is there', () => {
    fc.assert(
      fc.property(expectedOf[device], (v) => {
        expect(shownBy(device, v, asGood, even).value).toBeCloseTo(v, 9);
      }),
    );
  });
  it('set to its other unit is known by it, and never doubted where it is right', () => {
    fc.assert(
      fc.property(expectedOf[device], (v) => {
        const { value } = shownBy(device, v, { ...asGood, shows: 'other' }, even);
        expect(fromOther(device, value ?? NaN)).toBeCloseTo(v, 6);
        expect(inOtherUnit(device, v, v)).toBeNull();
        // some degrees are near in both: then nothing is wrong enough to be said
        const doubt = inOtherUnit(device, value ?? NaN, v);
        if (doubt !== null) expect(doubt).toBeCloseTo(v, 6);
        else expect(Math.abs((value ?? NaN) - v)).toBeLessThanOrEqual(device === 'probe' ? 12 : 60);
      }),
    );
  });
  it('is silent without a battery and when it is lost, and every reading takes a little', () => {
    expect(shownBy(device, 20, { ...asGood, batteryPct: 0 }, even).value).toBeNull();
    expect(shownBy(device, 20, { ...asGood, dropOuts: 1 }, even).value).toBeNull();
    expect(shownBy(device, null, asGood, even).value).toBeNull();
    const { batteryPct } = shownBy(device, 20, asGood, even);
    expect(batteryPct).toBeLessThan(100);
    expect(batteryPct).toBeGreaterThan(99);
  });
  it('that is noisy is right in the mean', () => {
    let n = 0;
    const throws = () => (n = (n * 16807 + 12345) % 2147483647) / 2147483647;
    const all = Array.from({ length: 400 }, () => shownBy(device, 100, { ...asGood, noise: 5 }, throws).value ?? NaN);
    const mean = all.reduce((a, b) => a + b, 0) / all.length;
    expect(Math.abs(mean - 100)).toBeLessThan(1.5);
    expect(Math.max(...all) - Math.min(...all)).toBeGreaterThan(0.5);
  });
});
