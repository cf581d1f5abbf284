import { material } from './material';
import { minutesOverHot } from './overHot';

const pastry = material({
  items: [
    { name: 'flour', mass: 100 },
    { name: 'butter', mass: 75 },
    { name: 'water', mass: 42 },
  ],
});
const over = (more: Partial<Parameters<typeof minutesOverHot>[0]> = {}) =>
  minutesOverHot({ pastry, thicknessM: 0.004, startC: 6, limitC: 18, fillingC: 80, gapMm: 6, roomC: 21, ...more }) ??
  Infinity;

describe('a cold sheet over a hot filling', () => {
  it('is soft within a few minutes', () => {
    expect(over()).toBeGreaterThan(0.5);
    expect(over()).toBeLessThan(6);
  });
  it.each([
    ['thicker', { thicknessM: 0.006 }],
    ['colder', { startC: 2 }],
    ['over a cooler filling', { fillingC: 60 }],
    ['further above it', { gapMm: 12 }],
  ])('lasts longer %s', (_what, change) => expect(over(change)).toBeGreaterThan(over()));
  it('goes at once where it lies on it', () => expect(over({ gapMm: null })).toBeLessThan(over() / 3));
  it('never softens over what is as cold as it is', () => expect(over({ fillingC: 10, roomC: 12 })).toBe(Infinity));
  it('has no minutes left when it is soft already', () => expect(over({ startC: 20 })).toBe(0));
});
