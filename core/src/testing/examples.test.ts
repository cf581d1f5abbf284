import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { runInNewContext } from 'node:vm';

const sources = resolve(__dirname, '..');

/** Every `@example expression // value` of a core's docstrings, by file. */
const examples = readdirSync(sources, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .flatMap((file) =>
    [...readFileSync(join(sources, file), 'utf8').matchAll(/@example (.+?) \/\/ (.+?)(?: \*\/)?$/gm)].map(
      (found): [file: string, expression: string, value: string] => [file, found[1], found[2].trim()],
    ),
  )
  // a class with decorators is no expression
  .filter(([, expression]) => !expression.includes('@'));

const evaluate = (text: string, scope: Record<string, unknown>): unknown => runInNewContext(`(${text})`, { ...scope });

describe('what the docstrings say by example', () => {
  it.each(examples)('%s: %s is %s', (file, expression, value) => {
    const scope = jest.requireActual<Record<string, unknown>>(join(sources, file));
    const got = evaluate(expression, scope);
    const about = /^about (.+)$/.exec(value);
    const said = evaluate(about ? about[1] : value, {});
    if (typeof said !== 'number') return expect(got).toEqual(said);
    const places = /\.(\d+)$/.exec(value)?.[1].length ?? 0;
    const off = Math.abs((got as number) - said);
    expect(off).toBeLessThanOrEqual(about ? 0.15 * Math.abs(said) : 0.5 * 10 ** -places + 1e-9);
  });
  it('is found at all', () => expect(examples.length).toBeGreaterThan(20));
});
