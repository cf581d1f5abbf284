import { itemFromRecipe, type FromRecipe } from '@crustallum/core/plan/fromRecipe';
import { readRecipe } from '@crustallum/core/recipes/readRecipe';
import { corpus } from '@crustallum/core/testing/recipeCorpus';
import { alarmWords, factWritten, optionWritten } from '../wording/recipe';
import { rowsOf } from './rows';
import { suggested, type Correction } from './useReading';

const made = (text: string, corrections: readonly Correction[] = []): FromRecipe =>
  itemFromRecipe({ text, corrections: [...corrections], mouths: 6, cook: 'You' });
const rows = (text: string) => rowsOf(readRecipe(text), made(text));
/** The corpus as it is understood, each text once. */
const understood = corpus.map(({ text }) => {
  const read = readRecipe(text);
  return { read, rows: rowsOf(read, made(text)) };
});
const fishPie = corpus[0]?.text ?? '';

describe('the rows of what was understood', () => {
  it('stand in the order of the text, what is not said behind', () => {
    for (const { rows: all } of understood) {
      const said = all.filter((r) => r.line !== null).map((r) => r.line as number);
      expect(said).toEqual([...said].sort((a, b) => a - b));
      const first = all.findIndex((r) => r.state === 'notSaid');
      if (first >= 0) expect(all.slice(first).every((r) => r.state === 'notSaid')).toBe(true);
    }
  });
  it('hold every amount once, and every doubt', () => {
    for (const { read, rows: all } of understood) {
      const doubted = read.alarms.filter((a) => a.about.amount !== undefined).length;
      expect(all.filter((r) => r.amount !== undefined)).toHaveLength(
        read.amounts.length - new Set(read.alarms.flatMap((a) => a.about.amount ?? [])).size,
      );
      expect(all.filter((r) => r.alarm)).toHaveLength(read.alarms.length);
      expect(doubted).toBeLessThanOrEqual(read.alarms.length);
      expect(new Set(all.map((r) => r.key)).size).toBe(all.length);
    }
  });
  it('never say undefined, NaN or a code', () => {
    for (const { rows: all } of understood)
      for (const row of all) {
        expect(`${row.name} ${row.text}`).not.toMatch(/undefined|NaN|\[object|Mm\b|Min\b/);
        if (!row.alarm) expect(row.name).not.toBe('');
      }
  });
  it('have words for every doubt and every way out', () => {
    for (const { read } of understood)
      for (const alarm of read.alarms) {
        const words = alarmWords[alarm.code]?.(alarm.values);
        expect([alarm.code, words?.fact]).not.toEqual([alarm.code, undefined]);
        expect(`${words?.fact} ${words?.because}`).not.toMatch(/undefined|NaN/);
        for (const o of alarm.options) expect(optionWritten(o.code, o.value)).not.toBe(o.code);
      }
  });
  it('say what is taken for what is not said, by its unit', () => {
    const blank = rows('200 g flour\n100 g butter').filter((r) => r.state === 'notSaid');
    const of = (name: string) => blank.find((r) => r.name === name)?.text;
    expect(of('Oven')).toMatch(/^\d+ °C taken$/);
    expect(of('Rolled to')).toMatch(/ mm taken$/);
    expect(of('Water')).toMatch(/ g taken$/);
  });
});

describe('the doubts that come corrected', () => {
  it('take the first way out of each, as long as the cook chose no other', () => {
    const read = readRecipe(fishPie);
    const first = suggested(read, []);
    expect(first).toHaveLength(2);
    expect(made(fishPie, first).item.oven.setC).toBe(220);
    const chosen: Correction[] = [{ fact: 'oven', value: 177 }];
    expect(suggested(read, chosen)).toHaveLength(1);
    expect(made(fishPie, [...suggested(read, chosen), ...chosen]).item.oven.setC).toBe(177);
  });
});

describe('a fact as it is read', () => {
  it.each([
    [{ kind: 'tinMm', low: 228.6, high: 228.6 }, '22.9 cm'],
    [{ kind: 'bakeMin', low: 30, high: 35 }, '30 min–35 min'],
    [{ kind: 'restMin', low: 120, high: 120 }, '2 h 00'],
    [{ kind: 'oven', low: 190.6, high: 190.6 }, '191 °C'],
    [{ kind: 'thicknessMm', low: 3, high: 4 }, '3–4 mm'],
    [{ kind: 'serves', low: 4, high: 6 }, '4–6'],
    [{ kind: 'portionG', low: 120, high: 120 }, '120 g'],
  ] as const)('%j is %s', (fact, written) => expect(factWritten(fact)).toBe(written));
});
