import { ItemInput } from '../contracts/item';
import { models } from '../models';
import { schemaOf, type Schema } from './schema';

const propertiesOf = (s: Schema | undefined) => s?.properties ?? {};

describe('what an input class takes, as a schema', () => {
  it('has the ranges, units, words and lengths that validate it', () => {
    const item = propertiesOf(schemaOf(ItemInput));
    expect(propertiesOf(item['cut'])['thicknessMm']).toEqual({
      type: 'number',
      minimum: 1,
      maximum: 10,
      description: 'mm',
    });
    expect(propertiesOf(item['dough'])['pastry']).toEqual({ enum: ['shortcrust', 'roughPuff', 'filo'] });
    expect(propertiesOf(item['clock'])['longer']).toMatchObject({
      type: 'array',
      maxItems: 40,
      items: { properties: { minutes: { minimum: -120, maximum: 600 } } },
    });
    expect(item['title']).toMatchObject({ type: 'string', maxLength: 60 });
  });
  it('asks for what must be there, and for nothing else', () => {
    const { required, additionalProperties } = schemaOf(ItemInput);
    expect(required).toEqual(expect.arrayContaining(['title', 'product', 'dough', 'cut']));
    expect(required).not.toContain('recipe');
    expect(additionalProperties).toBe(false);
  });
  it('is there for every model, as plain data', () => {
    for (const m of models.values()) {
      const schema = schemaOf(m.input);
      expect([m.name, Object.keys(propertiesOf(schema)).length > 0]).toEqual([m.name, true]);
      expect(JSON.parse(JSON.stringify(schema))).toBeTruthy();
    }
  });
});
