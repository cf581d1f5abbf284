import { compute } from '../models';
import { corpus as first40, type Example } from '../testing/recipeCorpus';
import { pages } from '../testing/recipePages';
import { sourceLines } from './lines';
import { readRecipe } from './readRecipe';

const corpus = [...first40, ...pages];
const first = (text: string) => text.trim().split('\n')[0]?.slice(0, 40) ?? '';
const cases = corpus.map((e) => [first(e.text), e] as const);
const amountsOf = (e: Example, section: string) =>
  readRecipe(e.text).amounts.filter((a) => a.section === section && a.id !== null);

describe('a recipe text', () => {
  it('there are eighty of, each unlike the others', () => {
    expect(new Set(corpus.map((e) => e.text)).size).toBeGreaterThanOrEqual(80);
  });
  it.each(cases)('%s: has its dough and filling by the gram', (_t, e) => {
    for (const [section, wanted] of [
      ['dough', e.dough],
      ['filling', e.filling],
    ] as const)
      for (const [id, grams] of Object.entries(wanted ?? {})) {
        const found = amountsOf(e, section).find((a) => a.id === id);
        expect([section, id, found?.id]).toEqual([section, id, id]);
        if (grams !== null) expect([id, Number(found?.grams?.toFixed(1))]).toEqual([id, Number(grams.toFixed(1))]);
      }
    for (const id of e.wash ?? []) expect(amountsOf(e, 'wash').map((a) => a.id)).toContain(id);
  });
  it.each(cases)('%s: says its heats, times and sizes, and no others', (_t, e) => {
    const { facts, language } = readRecipe(e.text);
    expect(language).toBe(e.language ?? null);
    for (const [kind, low] of Object.entries(e.facts ?? {}))
      expect([kind, Number(facts.find((f) => f.kind === kind)?.low.toFixed(1))]).toEqual([kind, low]);
    for (const kind of e.unsaid ?? []) expect(facts.filter((f) => f.kind === kind)).toEqual([]);
  });
  it.each(cases)('%s: raises the alarms it should, and leaves blank what is blank', (_t, e) => {
    const read = readRecipe(e.text);
    if (e.alarms) expect(read.alarms.map((a) => a.code).sort()).toEqual([...e.alarms].sort());
    for (const b of e.blank ?? []) expect(read.notSaid.map((n) => n.what)).toContain(b);
  });
  it.each(cases)('%s: keeps every word where it stood', (_t, e) => {
    const read = readRecipe(e.text);
    const lines = sourceLines(e.text).lines;
    expect(read.lines.map((l) => l.text)).toEqual(lines.map((l) => l.text));
    for (const { place } of [...read.amounts, ...read.facts]) {
      const text = lines[place.line]?.text ?? '';
      expect(place.from).toBeGreaterThanOrEqual(0);
      expect(place.to).toBeGreaterThan(place.from);
      expect(place.to).toBeLessThanOrEqual(text.length);
    }
  });
  it.each(cases)('%s: has no alarm without a way out, the first of which is not to leave it', (_t, e) => {
    for (const a of readRecipe(e.text).alarms) {
      expect(a.options.length).toBeGreaterThan(1);
      expect(a.options[0]?.code).not.toBe('asWritten');
    }
  });
});

describe('what is read', () => {
  it('keeps unknown words and asks about them', () => {
    const read = readRecipe('200 g flour\n300 g zorbleweed\n');
    expect(read.open).toHaveLength(1);
    expect(read.amounts.find((a) => a.id === null)?.name).toContain('zorbleweed');
  });
  it('takes no heat for cups, no minutes and no sizes for things', () => {
    for (const line of ['Bake at 190 C for 45 minutes, core 75 C.', '3 mm thick', '25 min at 200 C', 'in a 23 cm tin'])
      expect([line, readRecipe(`Pie\n200 g flour\n${line}`).amounts.map((a) => a.id)]).toEqual([line, ['flour']]);
  });
  it('names whose cups they are, and by what it knows', () => {
    expect(readRecipe('2 cups all-purpose flour').system).toEqual({ system: 'us', because: 'all-purpose' });
    expect(readRecipe('2 cups flour').system).toBeNull();
    expect(readRecipe('2 cups flour').amounts[0]?.ambiguities).toEqual(['whoseMeasure']);
    expect(readRecipe('2 cups flour', 'metric').amounts[0]?.ambiguities).toEqual([]);
  });
  it('of a broken file is its text', () => {
    expect(readRecipe('{"@type":"Recipe", oops\n200 g flour').format).toBe('text');
    expect(readRecipe('{"@type":"Recipe", oops\n200 g flour').amounts[0]?.grams).toBe(200);
    expect(readRecipe('dough:\n  - [200 g flour\n').format).toBe('text');
  });
  it('of a saved web page is the recipe in it', () => {
    const page = `<html><script type="application/ld+json">{"@graph":[{"@type":["Recipe"],"name":"Pie","recipeIngredient":["300 g flour"]}]}</script></html>`;
    expect(readRecipe(page)).toMatchObject({ format: 'json-ld', title: 'Pie' });
  });
  it('is the same at every reading', () => {
    for (const { text } of corpus) expect(readRecipe(text)).toEqual(readRecipe(text));
  });
  it.each([['x'.repeat(1_200_000)], ['']])('that is too much or nothing is refused by name', (text) => {
    expect(compute('recipes.read', { text })).toMatchObject({ ok: false, errors: [{ field: 'text' }] });
  });
  it('of strange signs does not fall over', () => {
    for (const text of [
      '½½½ ¾',
      '((((',
      '1/0 cups flour',
      '- - -',
      '9'.repeat(400),
      '{}',
      '[]',
      '---\n',
      'a '.repeat(3000),
    ])
      expect(compute('recipes.read', { text }).ok).toBe(true);
  });
});
