import { readRecipe } from './readRecipe';

const dough = (more: string) => `Pastry\n400 g flour\n200 g butter\n${more}`;
const codes = (text: string) => readRecipe(text).alarms.map((a) => a.code);
const alarm = (text: string, code: string) => readRecipe(text).alarms.find((a) => a.code === code);

describe('salt', () => {
  it.each([
    ['6 g salt', []],
    ['12 g salt', []],
    ['20 g salt', ['saltHigh']],
  ])('%s to 400 of flour: %j', (salt, wanted) => expect(codes(dough(`120 g water\n${salt}`))).toEqual(wanted));
  it('by the tablespoon is taken for teaspoons first', () => {
    const found = alarm(dough('120 g water\n1 tbsp salt'), 'saltHigh');
    expect(found?.options[0]?.code).toBe('teaspoons');
    expect((found?.options[0]?.value ?? 0) * 3).toBeCloseTo(Number(found?.values['grams']), 6);
  });
  it('of salted butter counts too', () => {
    expect(codes('Pastry\n100 g flour\n100 g salted butter\n30 g water\n2 g salt')).toContain('saltHigh');
  });
});

describe('an oven', () => {
  it.each([
    ['Bake at 180 °F', ['ovenCold']],
    ['Bake at 350 °F', []],
    ['Bake at 400 °C', ['ovenHot']],
    ['Bake at 240 °C', []],
    ['Bake at 220 °C, then lower to 180 °C', []],
    ['Bake at 200 °C (fan 180 °C)', []],
    ['Bake at 220 °C. Bake at 170 °C.', ['twoHeats']],
  ])('%s: %j', (heat, wanted) => expect(codes(dough(`120 g water\n${heat}`))).toEqual(wanted));
});

describe('water', () => {
  it.each([
    ['140 g water', []],
    ['20 g water', ['waterLow']],
    ['360 g water', ['waterHigh']],
  ])('%s to 400 of flour: %j', (water, wanted) => expect(codes(dough(water))).toEqual(wanted));
  it('is brought to what pastry has', () => {
    const found = alarm(dough('360 g water'), 'waterHigh');
    expect(found?.options[0]?.value).toBeGreaterThan(100);
    expect(found?.options[0]?.value).toBeLessThan(200);
  });
});

describe('two amounts of one thing', () => {
  const steps = (text: string) => `Ingredients\n400 g flour\n200 g butter\n120 g water\nMethod\n${text}`;
  it.each([
    ['Rub 250 g butter into the flour.', ['twoAmounts']],
    ['Rub 200 g butter into the flour.', []],
    ['Rub half, 100 g butter, into the flour.', []],
    ['Add the remaining 150 g butter.', []],
  ])('%s: %j', (text, wanted) => expect(codes(steps(text))).toEqual(wanted));
});

describe('what the dough gives', () => {
  it.each([
    ['Divide into 6 portions of 120 g each.', []],
    ['Divide into 6 portions of 200 g each.', ['portionsDoNotFit']],
    ['Divide into 6 portions of 60 g each.', ['portionsDoNotFit']],
    ['Cut 8 rounds of 12 cm, 3 mm thick.', []],
    ['Makes 40 pasties. Cut 12 cm rounds, 3 mm thick.', ['tooManyPieces']],
    ['A lid of 28 cm for a 24 cm pie dish.', []],
    ['A lid of 20 cm for a 24 cm pie dish.', ['lidSmall']],
  ])('%s: %j', (text, wanted) => expect(codes(dough(`120 g water\n${text}`))).toEqual(wanted));
});

describe('raw meat and fish', () => {
  const filled = (text: string) => `${dough('120 g water')}\nFilling\n${text}`;
  it.each([
    ['500 g chicken thighs', ['coreMissing']],
    ['500 g chicken thighs\nCook until the core is 75 °C.', []],
    ['500 g cooked chicken', []],
    ['500 g smoked haddock', []],
    ['500 g mushrooms', []],
    ['500 g mushrooms\n1 litre chicken stock', []],
  ])('%j: %j', (text, wanted) => expect(codes(filled(text))).toEqual(wanted));
});

describe('the order of things', () => {
  it.each([
    ['Brush with egg, then chill for 20 minutes.', ['washBeforeChill']],
    ['Chill for 20 minutes, then brush with egg.', []],
    ['Fill while still hot and close.', ['filledHot']],
    ['Let the filling cool, then fill.', []],
  ])('%s: %j', (text, wanted) => expect(codes(dough(`120 g water\nMethod\n${text}`))).toEqual(wanted));
});
