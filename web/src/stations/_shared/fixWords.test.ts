import { setUnits, units } from '../../wording/units';
import { fixWords } from './fixWords';

const fix = (path: string, to: number | string) => fixWords({ path, from: '', to }, 'shortcrust');

describe('a change in words', () => {
  const before = units();
  afterEach(() => setUnits(before));
  it.each([
    ['seal.glue', 'egg', 'Glued with egg'],
    ['seal.crimp', 'rope', 'Closed by rope'],
    ['seal.rimMm', 8, 'Rim left bare to 8 mm'],
    ['seal.slits', 5, 'Vents in a lid to 5'],
    ['filling.fullnessPct', 90, 'Filled to 90 % full'],
  ] as const)('%s to %s: %s', (path, to, words) => expect(fix(path, to)).toBe(words));
  it('is in the cook’s own units', () => {
    setUnits({ ...before, length: 'in', heat: 'F' });
    expect(fix('seal.rimMm', 12)).toMatch(/^Rim left bare to 1\/2 in$/);
    expect(fix('oven.setC', 200)).toMatch(/^Oven to (390|392|395) °F$/);
  });
});
