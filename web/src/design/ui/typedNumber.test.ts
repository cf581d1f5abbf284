import { typedNumber } from './typedNumber';

describe('a number typed into a field', () => {
  it.each([
    ['12', 'cm', 12],
    ['9,2', 'cm', 9.2],
    ['-3', '°C', -3],
    ['\u22123', '°C', -3],
    ['1 1/2', 'mm', 1.5],
    ['2½', '', 2.5],
    ['9 in', 'cm', 22.86],
    ['9"', 'cm', 22.86],
    ['3 mm', 'cm', 0.3],
    ['1/8 inch', 'mm', 3.175],
    ['392 °F', '°C', 200],
    ['1 lb', 'g', 453.59237],
    ['1 lb 4 oz', 'g', 566.9904625],
    ['1.2 kg', 'g', 1200],
  ])('%j in a field of %s is %d', (text, unit, value) => expect(typedNumber(text, unit)).toBeCloseTo(value, 6));
  it.each([
    ['', 'cm'],
    ['many', 'cm'],
    ['a', 'cm'],
    ['9 in', 'g'],
    ['2 cups', 'g'],
    ['180°', '°C'],
    ['2-3', 'cm'],
    ['12 cm round', 'cm'],
    ['1/0', 'cm'],
  ])('%j in a field of %s is none', (text, unit) => expect(typedNumber(text, unit)).toBeNull());
});
