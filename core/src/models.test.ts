import fc from 'fast-check';
import { compute, models } from './models';

describe('the registry', () => {
  it('names every model once, with a summary, units and a source', () => {
    for (const m of models.values()) {
      expect(m.name).toMatch(/^[a-z]+\.[a-zA-Z]+$/);
      expect(m.summary.length).toBeGreaterThan(8);
      expect(m.units).not.toBe('');
      expect(m.source).not.toBe('');
    }
  });

  it('answers an unknown model with the names it has', () => {
    const answer = compute('cold.magic', {});
    expect(answer).toMatchObject({ ok: false, errors: [{ field: 'model', code: 'unknown', value: 'cold.magic' }] });
  });

  it('refuses input that is not an object', () => {
    for (const input of [null, 3, 'text', [1, 2]])
      expect(compute('cold.fatState', input)).toMatchObject({ ok: false, errors: [{ code: 'not_an_object' }] });
  });

  it('refuses unknown fields by name', () => {
    expect(compute('cold.fatState', { fat: 'butter', temperatureC: 12, colour: 'gold' })).toMatchObject({
      ok: false,
      errors: [{ field: 'colour', code: 'unknown_field', value: 'gold' }],
    });
  });

  it.each([
    ['a missing number', undefined, 'missing'],
    ['text for a number', '12', 'not_a_number'],
    ['NaN', NaN, 'not_a_number'],
    ['infinity', Infinity, 'not_a_number'],
    ['a number out of range', 500, 'out_of_range'],
  ])('refuses %s with field, value and range', (_what, value, code) => {
    const answer = compute('cold.fatState', { fat: 'butter', temperatureC: value });
    expect(answer).toMatchObject({
      ok: false,
      errors: [{ field: 'temperatureC', code, allowed: { min: -40, max: 120, unit: '°C' } }],
    });
  });

  it('refuses half a piece where whole ones are counted', () => {
    const answer = compute('cutting.otherCutter', { D: 100, t: 3, Dc: 90, N: 2.5, rim: 10 });
    expect(answer).toMatchObject({ ok: false, errors: [{ field: 'N', code: 'not_integer' }] });
  });

  it('names nested fields by their path', () => {
    const answer = compute('cold.chill', {
      material: { items: [{ name: 'flour', mass: 1 }] },
      shape: { kind: 'slab', thicknessM: -1 },
      startC: 20,
      phases: [{ minutes: 1, environment: { name: 'fridge' } }],
    });
    expect(answer).toMatchObject({ ok: false, errors: [{ field: 'shape.thicknessM', code: 'out_of_range' }] });
  });

  it('gives the same answer to the same question', () => {
    const input = { sheet: { shape: 'rect', w: 430, h: 315 }, d: 92 };
    expect(compute('cutting.rowPattern', input)).toEqual(compute('cutting.rowPattern', input));
  });

  it('never throws, whatever it is handed', () => {
    fc.assert(
      fc.property(fc.constantFrom(...models.keys()), fc.jsonValue(), (name, input) => {
        const answer = compute(name, input);
        expect(typeof answer.ok).toBe('boolean');
      }),
      { numRuns: 300 },
    );
  });
});
