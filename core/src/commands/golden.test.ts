import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { GoldenFile } from './adapter';
import { caseFaults } from './golden';

const files = ['cold.json', 'cutting.json', 'oven-and-filling.json'].map(
  (name) => JSON.parse(readFileSync(join(__dirname, '../../golden', name), 'utf8')) as GoldenFile,
);

describe.each(files.map((f) => [f.topic, f] as const))('reference cases of %s', (topic, file) => {
  // a function without a model would answer null
  it.each(file.cases.map((c, i) => [c.id ?? `${c.fn}-${i}`, c] as const))('%s', (_id, golden) => {
    expect(caseFaults(topic, golden)).toEqual([]);
  });
});

describe('the golden runner', () => {
  const properties = { fn: 'properties', input: { items: [{ name: 'water', mass: 1 }], T: 20 } };

  it('notices a wrong value', () => {
    expect(caseFaults('cold', { ...properties, expect: [{ path: 'rho', value: 900, rel: 0.001 }] })).toHaveLength(1);
  });
  it('notices a missing path', () => {
    expect(caseFaults('cold', { ...properties, expect: [{ path: 'nothing.here', value: 1, abs: 1 }] })).toHaveLength(1);
  });
  it('notices a refusal that did not come', () => {
    expect(caseFaults('cold', { ...properties, expect: [{ path: '$error', value: true }] })).toEqual([
      'was not refused',
    ]);
  });
  it('notices a refusal that was not wanted', () => {
    const faults = caseFaults('cold', {
      fn: 'fatState',
      input: { fat: 'wax', T: 3 },
      expect: [{ path: 'state', value: 'ideal', equal: true }],
    });
    expect(faults?.[0]).toBe('was refused');
  });
  it('says nothing of a function it does not know', () => {
    expect(caseFaults('cold', { fn: 'levitate', input: {}, expect: [] })).toBeNull();
  });
});
