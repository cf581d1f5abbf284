import fc from 'fast-check';
import { doughKeeps, fillingKeeps, hoursKept, isFrozen, usualAgeHours } from './keeps';
import { forms } from './formNames';
import { formItem } from './forms';

const kept = [...forms.map((f) => doughKeeps(formItem(f, 4, 'You'))), fillingKeeps(true), fillingKeeps(false)];

describe('what waits to be baked', () => {
  it('never keeps longer where it is warmer', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...kept),
        fc.double({ min: -25, max: 98, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (k, atC, by) => expect(hoursKept(k, atC + by)).toBeLessThanOrEqual(hoursKept(k, atC)),
      ),
    );
  });
  it('is taken to be no older than it keeps, where nothing was said', () => {
    for (const k of kept)
      for (const atC of [-18, 4, 21])
        expect(usualAgeHours(k, atC)).toBeLessThanOrEqual(Math.min(24, hoursKept(k, atC)));
  });
  it('keeps out of the cold for hours, not for days', () => {
    for (const k of kept) expect(hoursKept(k, 21)).toBeLessThanOrEqual(4);
    expect(hoursKept(fillingKeeps(true), 21)).toBeLessThan(hoursKept(fillingKeeps(false), 21));
  });
  it('raw meat keeps shorter than cooked, in every cold', () => {
    for (const atC of [-18, 4, 21])
      expect(hoursKept(fillingKeeps(true), atC)).toBeLessThan(hoursKept(fillingKeeps(false), atC));
  });
  it('is frozen only below the point where all of it is', () => {
    expect(isFrozen(-18)).toBe(true);
    expect(isFrozen(0)).toBe(false);
  });
});
