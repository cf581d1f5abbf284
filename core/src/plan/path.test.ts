import { isKnownPath, knownFields } from '../quantities/rules';
import { ItemInput } from '../contracts/item';
import { compute } from '../models';
import { readPath, writePath } from './path';
import { plainKitchen, starterItem } from './starters';

const item = starterItem('handPies', 6, 'You');
const drawn = {
  ...item,
  cut: {
    ...item.cut,
    outline: [
      { x: 0, y: 0 },
      { x: 50, y: 0 },
      { x: 0, y: 50 },
    ],
  },
};

describe('a path into a document', () => {
  it('reads and writes what is there, copying only the way to it', () => {
    const changed = writePath(item, 'cut.thicknessMm', 4);
    expect(readPath(changed, 'cut.thicknessMm')).toBe(4);
    expect(item.cut.thicknessMm).toBe(3);
    expect(changed.seal).toBe(item.seal);
  });
  it('reads and writes a place in a list', () => {
    expect(readPath(writePath(drawn, 'cut.outline.1.x', 60), 'cut.outline.1.x')).toBe(60);
  });
  it.each(['cut.outline.3', 'cut.outline.length', 'cut.outline.-1', 'cut.outline.one', 'cut.outline.'])(
    'writes no place a list does not have: %s',
    (path) => {
      expect(() => writePath(drawn, path, 1)).toThrow('unknown');
      expect(drawn.cut.outline).toHaveLength(3);
    },
  );
  it.each([
    '__proto__.x',
    'cut.__proto__.x',
    'constructor.prototype.x',
    'cut.constructor.x',
    'toString.x',
    'cut.vessel.x',
    '',
  ])('never leaves the document: %s', (path) => {
    expect(readPath(item, path)).toBeUndefined();
    expect(() => writePath(item, path, 1)).toThrow('unknown');
    expect(({} as Record<string, unknown>)['x']).toBeUndefined();
  });
  it('is known where an input class states it, through nested classes and lists', () => {
    for (const path of ['title', 'cut.thicknessMm', 'cut.outline.2.x', 'dough.others.0.toFlourPct', 'seal.lots'])
      expect([path, isKnownPath(ItemInput, path)]).toEqual([path, true]);
    for (const path of ['colour', 'cut.colour', 'cut.thicknessMm.more', '__proto__', 'cut.constructor'])
      expect([path, isKnownPath(ItemInput, path)]).toEqual([path, false]);
  });
  it('is stated for every input a starter has', () => {
    for (const group of ['brief', 'dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock'] as const)
      for (const field of Object.keys(item[group]))
        expect([field, isKnownPath(ItemInput, `${group}.${field}`)]).toEqual([field, true]);
    expect(knownFields(ItemInput).size).toBeGreaterThan(10);
  });
});

describe('a what-if', () => {
  const ask = (changes: string) =>
    compute(
      'plan.whatIf',
      JSON.parse(`{"item":${JSON.stringify(item)},"kitchen":${JSON.stringify(plainKitchen)},"changes":${changes}}`),
    );
  it.each([
    '{"__proto__.x":1}',
    '{"kitchen.__proto__.x":1}',
    '{"constructor.prototype.x":1}',
    '{"cut.constructor.prototype.x":1}',
  ])('that reaches for what all objects share is refused and changes nothing: %s', (changes) => {
    expect(ask(changes)).toMatchObject({ ok: false, errors: [{ code: 'unknown' }] });
    expect(Object.keys(Object.prototype)).toEqual([]);
    expect(({} as Record<string, unknown>)['x']).toBeUndefined();
  });
  it('of an input nobody has, or a value outside its range, is refused by name', () => {
    expect(ask('{"cut.colour":1}')).toMatchObject({
      ok: false,
      errors: [{ field: 'changes.cut.colour', code: 'unknown' }],
    });
    expect(ask('{"cut.thicknessMm":900}')).toMatchObject({
      ok: false,
      errors: [{ field: 'item.cut.thicknessMm', code: 'out_of_range', value: 900 }],
    });
  });
  it('of more inputs than a question has is refused', () => {
    const many = Object.fromEntries(Array.from({ length: 60 }, (_, i) => [`cut.outline.${i}.x`, 1]));
    expect(ask(JSON.stringify(many))).toMatchObject({ ok: false, errors: [{ field: 'changes', code: 'too_many' }] });
  });
});
