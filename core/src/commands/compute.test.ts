import { models } from '../models';
import { numberRules } from '../quantities/rules';
import { computeLine, computeText, listing } from './compute';

interface Parsed {
  ok: boolean;
  value?: unknown;
  errors?: { field: string; code: string; allowed?: unknown }[];
}
const line = (call: unknown): Parsed => JSON.parse(computeLine(JSON.stringify(call))) as Parsed;

describe('the compute command', () => {
  it('runs a model on JSON', () => {
    expect(computeText('oven.gasToCelsius', '{"gas": 6}')).toEqual({ ok: true, value: { temperatureC: 200 } });
  });
  it('answers one line with one line', () => {
    const text = computeLine('{"model": "oven.gasToCelsius", "input": {"gas": 4}}');
    expect(text).not.toContain('\n');
    expect(JSON.parse(text)).toEqual({ ok: true, value: { temperatureC: 180 } });
  });
  it.each(['', 'pie', '{"gas": }', '{gas: 1}'])('says of %j that it is no JSON', (text) => {
    expect(computeText('oven.gasToCelsius', text)).toMatchObject({ ok: false, errors: [{ code: 'not_json' }] });
    expect(JSON.parse(computeLine(text))).toMatchObject({ ok: false, errors: [{ code: 'not_json' }] });
  });
  it.each([null, 7, 'text', [], {}])('takes %j for a call without a model', (call) => {
    expect(line(call)).toMatchObject({ ok: false, errors: [{ field: 'model', code: 'unknown' }] });
  });
  it('names every model when asked for one it does not have', () => {
    expect(line({ model: 'cold.magic', input: {} }).errors?.[0]?.allowed).toEqual([...models.keys()]);
  });
  it('lists every model with its units and its source', () => {
    const list = listing();
    for (const m of models.values()) {
      expect(list).toContain(`${m.name}\n`);
      expect(list).toContain(m.source);
    }
  });
});

describe('the registry', () => {
  it.each([...models.values()].map((m) => [m.name, m] as const))(
    '%s is named by its topic and says what it needs',
    (name, m) => {
      expect(name).toMatch(/^[a-z]+\.[a-zA-Z]+$/);
      expect(m.summary.length).toBeGreaterThan(10);
      expect(m.units.length).toBeGreaterThan(0);
      expect(m.source.length).toBeGreaterThan(5);
      expect(['exact', 'physics', 'estimate', 'learnt']).toContain(m.certainty);
    },
  );
  it.each([...models.keys()])('%s refuses nothing, text, and fields nobody knows, naming them', (name) => {
    for (const input of [null, 'text', 5, []]) expect(line({ model: name, input }).ok).toBe(false);
    const answer = line({ model: name, input: { nobodyKnows: 1 } });
    expect(answer.ok).toBe(false);
    expect(answer.errors?.map((e) => e.field)).toContain('nobodyKnows');
  });
  it.each([...models.values()].map((m) => [m.name, m] as const))(
    '%s refuses each of its numbers beyond its range, and NaN',
    (name, m) => {
      for (const [field, rule] of Object.entries(numberRules(m.input))) {
        for (const value of [rule.min - 1, rule.max + 1, 'three', null]) {
          const errors = line({ model: name, input: { [field]: value } }).errors ?? [];
          if (value === null) continue;
          expect(errors.map((e) => e.field)).toContain(field);
        }
      }
    },
  );
});
