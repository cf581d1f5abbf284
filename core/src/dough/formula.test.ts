import fc from 'fast-check';
import { compute } from '../models';
import { ingredientIds, ingredientOf } from '../ingredients/table';
import { askedMass, fromLarder, piecesFor } from './ask';
import { ratioNames, scaled, trueRatios, type FormulaPart } from './formula';
import { leavings, styleNames, styles, type Style } from './styles';
import { swapFat, swapFlour, swapLiquid } from './swaps';
import { byFeel, overPour, underWeigh } from './weighing';

const part = (id: string, grams: number): FormulaPart => ({ id, grams });
const shortcrust = [part('flour', 250), part('butter', 150), part('salt', 4), part('water', 60)];
const fats = ['butter', 'saltedButter', 'lard', 'shortening', 'puffMargarine', 'suet', 'oil', 'clarifiedButter'];
const anyFormula = fc
  .record({
    flour: fc.double({ min: 50, max: 2000, noNaN: true }),
    fat: fc.constantFrom(...fats),
    fatG: fc.double({ min: 10, max: 1500, noNaN: true }),
    water: fc.double({ min: 200, max: 900, noNaN: true }),
    salt: fc.double({ min: 30, max: 60, noNaN: true }),
    other: fc.constantFrom(...ingredientIds),
    otherG: fc.double({ min: 0, max: 200, noNaN: true }),
  })
  .filter((f) => !['water', 'salt', ...fats].includes(f.other))
  .map((f) => [
    part('flour', f.flour),
    part(f.fat, f.fatG),
    part('salt', f.salt),
    part(f.other, f.otherG),
    part('water', f.water),
  ]);

describe('what a dough truly is', () => {
  it('counts the water of the butter as water, and its milk solids as neither', () => {
    const { toFlour, flourG } = trueRatios(shortcrust);
    expect(flourG).toBe(250);
    expect(toFlour.fat).toBeCloseTo((150 * 0.82 * 100) / 250, 9);
    expect(toFlour.water).toBeCloseTo(((60 + 150 * 0.16) * 100) / 250, 9);
    expect(toFlour.salt).toBeCloseTo(1.6, 9);
  });
  it('finds the salt of salted butter and of self-raising flour', () => {
    expect(trueRatios([part('flour', 100), part('saltedButter', 100)]).toFlour.salt).toBeCloseTo(1.5, 9);
    expect(trueRatios([part('selfRaising', 100)]).toFlour.salt).toBeCloseTo(0.8, 9);
  });
  it('does not change when everything is made twice as much', () => {
    fc.assert(
      fc.property(anyFormula, fc.double({ min: 0.1, max: 20, noNaN: true }), (parts, factor) => {
        const [a, b] = [trueRatios(parts), trueRatios(scaled(parts, factor))];
        for (const r of ratioNames) expect(b.toFlour[r]).toBeCloseTo(a.toFlour[r], 6);
        expect(b.totalG).toBeCloseTo(a.totalG * factor, 4);
      }),
    );
  });
  it('never finds more fat and water than the dough weighs', () => {
    fc.assert(
      fc.property(anyFormula, (parts) => {
        const { ofDough } = trueRatios(parts);
        expect(ofDough.fat + ofDough.water + ofDough.salt + ofDough.flour).toBeLessThanOrEqual(100 + 1e-6);
      }),
    );
  });
  it('takes more water the more protein and bran the flour has', () => {
    const takes = (id: string) => trueRatios([part(id, 100)]).absorptionPct;
    expect(takes('softFlour')).toBeLessThan(takes('flour'));
    expect(takes('flour')).toBeLessThan(takes('strongFlour'));
    expect(takes('strongFlour')).toBeLessThan(takes('wholemeal'));
    expect(takes('cornflour')).toBeLessThan(takes('flour'));
  });
  it.each([
    [[]],
    [[part('butter', 100)]],
    [[part('flour', 0)]],
    [[part('flour', -1)]],
    [[part('flour', NaN)]],
    [[part('nothing', 5)]],
  ])('refuses %j by name', (parts) => {
    const answer = compute('dough.balance', { parts });
    expect(answer.ok).toBe(false);
    if (!answer.ok) expect(answer.errors[0]?.field).toContain('parts');
  });
});

describe('a style', () => {
  const startParts = (s: Style): FormulaPart[] =>
    [
      part(s.start.flour ?? 'flour', 100 - (s.start.secondFlourPct ?? 0)),
      part(s.start.secondFlour ?? 'wholemeal', s.start.secondFlourPct ?? 0),
      part(s.start.fat, s.start.fatPct),
      part('water', s.start.waterPct),
      part('salt', s.start.saltPct),
      ...(s.start.others ?? []).map(([id, pct]) => part(id, pct)),
    ].filter((p) => p.grams > 0);
  it.each(styleNames)('starts inside its own band: %s', (name) => {
    expect(leavings(name, trueRatios(startParts(styles[name])).toFlour)).toEqual([]);
  });
  it.each(styleNames)('names a ratio that leaves the band, and by which side: %s', (name) => {
    const start = trueRatios(startParts(styles[name])).toFlour;
    expect(leavings(name, { ...start, fat: 400 })).toContainEqual(
      expect.objectContaining({ ratio: 'fat', side: 'over' }),
    );
    expect(leavings(name, { ...start, water: 0 })).toContainEqual(
      expect.objectContaining({ ratio: 'water', side: 'under' }),
    );
  });
  it('uses ingredients that are in the table', () => {
    for (const name of styleNames) for (const p of startParts(styles[name])) expect(ingredientOf(p.id)?.id).toBe(p.id);
  });
});

describe('a swap', () => {
  it('of fats keeps total fat, water and salt, as long as enough is poured', () => {
    fc.assert(
      fc.property(anyFormula, fc.constantFrom(...fats), (parts, to) => {
        const from = parts[1].id;
        const { before, after, waterG, saltG } = swapFat(parts, from, to);
        expect(after.grams.fat).toBeCloseTo(before.grams.fat, 6);
        if (waterG.to > 0) expect(after.grams.water).toBeCloseTo(before.grams.water, 6);
        if (saltG.to > 0) expect(after.grams.salt).toBeCloseTo(before.grams.salt, 6);
      }),
    );
  });
  it('there and back is where it began', () => {
    const { parts } = swapFat(shortcrust, 'butter', 'lard');
    const back = swapFat(parts, 'lard', 'butter').parts;
    for (const p of shortcrust) expect(back.find((b) => b.id === p.id)?.grams).toBeCloseTo(p.grams, 9);
  });
  it('of butter for lard pours more and weighs less', () => {
    const { fatG, waterG } = swapFat(shortcrust, 'butter', 'lard');
    expect(fatG.to).toBeCloseTo(123.1, 1);
    expect(waterG.to - waterG.from).toBeCloseTo(24 - 0.12, 1);
  });
  it('of water for milk brings the same water and more fat', () => {
    const made = trueRatios(swapLiquid(shortcrust, 'milk'));
    const before = trueRatios(shortcrust);
    expect(made.grams.water).toBeCloseTo(before.grams.water, 9);
    expect(made.grams.fat).toBeGreaterThan(before.grams.fat);
  });
  it('of white flour for wholemeal pours more', () => {
    const water = (parts: FormulaPart[]) => parts.find((p) => p.id === 'water')?.grams ?? 0;
    expect(water(swapFlour(shortcrust, 'flour', 'wholemeal'))).toBeGreaterThan(60);
    expect(water(swapFlour(shortcrust, 'flour', 'softFlour'))).toBeLessThan(60);
  });
});

describe('the size of a dough', () => {
  it('is asked by its flour, by its mass, or by a multiple of what the pieces need', () => {
    expect(askedMass('flour', 400, 190, 500)).toBeCloseTo(760, 9);
    expect(askedMass('dough', 760, 190, 500)).toBe(760);
    expect(askedMass('factor', 1.5, 190, 500)).toBe(750);
    expect(askedMass('pieces', 9, 190, 500)).toBe(500);
  });
  it('from what is there is limited by one ingredient, which is used up', () => {
    const have = new Map([
      ['flour', 1000],
      ['butter', 200],
      ['salt', 500],
    ]);
    const made = fromLarder(shortcrust, have);
    expect(made.limiting).toEqual({ id: 'butter', haveG: 200 });
    expect(made.parts.find((p) => p.id === 'butter')?.grams).toBeCloseTo(200, 9);
    for (const p of made.parts) if (p.id !== 'water') expect(p.grams).toBeLessThanOrEqual((have.get(p.id) ?? 0) + 1e-9);
  });
  it('from an empty larder is refused by name', () => {
    expect(compute('dough.fromLarder', { parts: shortcrust, have: [] })).toMatchObject({
      ok: false,
      errors: [{ code: 'nothing_there' }],
    });
  });
  it('for hungry mouths has more pieces than for light ones', () => {
    expect(piecesFor(10, 'hungry')).toBe(14);
    expect(piecesFor(10, 'light')).toBe(8);
  });
});

describe('an over-pour', () => {
  const over = overPour(shortcrust, 'flour', 300);
  it('can be put back, to the gram', () => {
    expect(over.putBack.grams).toBe(50);
  });
  it('can be scaled up to, and then every ratio is as it was', () => {
    const grown = shortcrust.map((p) =>
      p.id === 'flour'
        ? part('flour', 300)
        : part(p.id, p.grams + (over.scaleUp.addG.find((a) => a.id === p.id)?.grams ?? 0)),
    );
    const [a, b] = [trueRatios(shortcrust), trueRatios(grown)];
    for (const r of ratioNames) expect(b.toFlour[r]).toBeCloseTo(a.toFlour[r], 9);
    expect(b.totalG).toBeCloseTo(over.scaleUp.totalG, 9);
  });
  it('accepted, shows what the dough becomes', () => {
    expect(over.accept.after.toFlour.fat).toBeLessThan(over.accept.before.toFlour.fat);
  });
  it('that is none is refused', () => {
    expect(compute('dough.overPour', { parts: shortcrust, id: 'flour', weighedG: 200 }).ok).toBe(false);
  });
});

describe('too little of one', () => {
  const { id: fatId, grams: fatG } = shortcrust[1] ?? { id: '', grams: 0 };
  const under = underWeigh(shortcrust, fatId, 0.8 * fatG);
  it('makes it all smaller, every ratio as it was, and says what comes out of what is in', () => {
    expect(under.scaleDown.factor).toBeCloseTo(0.8, 9);
    const smaller = shortcrust.map((p) => part(p.id, p.grams * under.scaleDown.factor));
    for (const r of ratioNames)
      expect(trueRatios(smaller).toFlour[r]).toBeCloseTo(trueRatios(shortcrust).toFlour[r], 9);
    const [out] = under.scaleDown.takeOutG;
    expect(out?.id).toBe('flour');
    expect(out?.grams).toBeCloseTo(0.2 * (shortcrust[0]?.grams ?? 0), 6);
  });
  it('gone on with, shows what the dough becomes', () =>
    expect(under.accept.after.toFlour.fat).toBeLessThan(under.accept.before.toFlour.fat));
  it('that is too much is refused', () =>
    expect(compute('dough.underWeigh', { parts: shortcrust, id: fatId, weighedG: 2 * fatG }).ok).toBe(false));
});

describe('liquid by feel', () => {
  const poured = (topUpsG: number[], feel: 'crumbly' | 'holds' | 'sticks') =>
    byFeel({ plannedG: 100, flourG: 250, firstLotPct: 70, topUpsG, feel });
  it('starts with part of it and says to go on while it crumbles', () => {
    expect(poured([], 'crumbly')).toMatchObject({ firstLotG: 70, leftG: 30, next: 'pourMore', absorptionFactor: null });
  });
  it('that holds early teaches that this flour takes less', () => {
    expect(poured([15], 'holds').absorptionFactor).toBeCloseTo(0.85, 9);
  });
  it('that was dusted with flour teaches about all of its flour', () => {
    const dusted = byFeel({ plannedG: 100, flourG: 250, firstLotPct: 70, topUpsG: [30], dustedG: 25, feel: 'holds' });
    expect(dusted.absorptionFactor).toBeCloseTo(1 / 1.1, 9);
    expect(dusted.toFlourPct).toBeCloseTo(100 / 2.75, 9);
  });
  it('that took more than planned says so and stops', () => {
    expect(poured([30, 15], 'holds')).toMatchObject({ leftG: -15, next: 'stop' });
    expect(poured([40], 'sticks').next).toBe('dust');
  });
});
