import { readFileSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { dayFaults, goldenDays } from './goldenDays';
import { isDeepStrictEqual } from 'node:util';
import type { Adapter, Expectation, GoldenCase, GoldenFile } from './adapter';
import { coldAdapter } from './adapters/cold';
import { cuttingAdapter } from './adapters/cutting';
import { ovenAndFillingAdapter } from './adapters/ovenAndFilling';

const adapters: Record<string, Adapter> = {
  cold: coldAdapter,
  cutting: cuttingAdapter,
  'oven-and-filling': ovenAndFillingAdapter,
};

export interface Tally {
  passed: number;
  failed: number;
  skipped: number;
  lines: string[];
}

function valueAt(root: unknown, path: string): unknown {
  if (path === '') return root;
  return path
    .split('.')
    .reduce<unknown>(
      (value, key) => (value === null || value === undefined ? undefined : (value as Record<string, unknown>)[key]),
      root,
    );
}

function faultOf(e: Expectation, root: unknown, refused: boolean, errorCode?: string): string | null {
  if (e.path === '$error') return refused ? null : 'was not refused';
  if (e.path === 'error')
    return refused && errorCode === e.equals ? null : `refusal is ${errorCode}, expected ${String(e.equals)}`;
  if (refused) return 'was refused';
  const got = valueAt(root, e.path);
  if (e.equals !== undefined)
    return isDeepStrictEqual(got, e.equals)
      ? null
      : `${e.path} is ${JSON.stringify(got)}, expected ${JSON.stringify(e.equals)}`;
  if (e.min !== undefined || e.max !== undefined) {
    return typeof got === 'number' && got >= (e.min ?? -Infinity) && got <= (e.max ?? Infinity)
      ? null
      : `${e.path} is ${JSON.stringify(got)}, expected ${e.min}..${e.max}`;
  }
  if (e.value === null)
    return got === null || got === undefined ? null : `${e.path} is ${JSON.stringify(got)}, expected nothing`;
  if (e.equal || typeof e.value !== 'number')
    return isDeepStrictEqual(got, e.value)
      ? null
      : `${e.path} is ${JSON.stringify(got)}, expected ${JSON.stringify(e.value)}`;
  const tolerance = Math.max(e.abs ?? 0, (e.rel ?? 0) * Math.abs(e.value), 1e-12);
  return typeof got === 'number' && Math.abs(got - e.value) <= tolerance
    ? null
    : `${e.path} is ${JSON.stringify(got)}, expected ${e.value} ± ${tolerance}`;
}

/** Faults of one case; null when no model here answers its function. */
export function caseFaults(topic: string, golden: GoldenCase): string[] | null {
  const adapted = adapters[topic]?.(golden);
  if (!adapted) return null;
  const { answer, faults = [], errorCode } = adapted;
  const found = golden.expect
    .map((e) => faultOf(e, answer.ok ? answer.value : undefined, !answer.ok, errorCode))
    .filter((f): f is string => f !== null);
  if (found.length && !answer.ok) found.push(JSON.stringify(answer.errors));
  return [...found, ...faults];
}

/** Runs golden files (or folders of day-planner instances) against the registry. */
export function runGolden(paths: readonly string[]): Tally {
  const tally: Tally = { passed: 0, failed: 0, skipped: 0, lines: [] };
  for (const path of paths) {
    if (statSync(path).isDirectory()) {
      const { days, read } = goldenDays(path);
      let equal = 0;
      for (const day of days) {
        const result = dayFaults(day, read(day));
        if (result.equal) equal++;
        if (result.faults.length) {
          tally.failed++;
          tally.lines.push(`FAIL  clock/${day.id}: ${result.faults.join('; ')}`);
        } else tally.passed++;
      }
      tally.lines.push(
        `clock: ${equal} of ${days.length} equal the reference in every goal, or are better than the best known`,
      );
      continue;
    }
    const file = JSON.parse(readFileSync(path, 'utf8')) as GoldenFile;
    file.cases.forEach((golden, i) => {
      const label = `${file.topic}/${golden.id ?? `${golden.fn}-${i}`}`;
      const faults = caseFaults(file.topic, golden);
      if (faults === null) {
        tally.skipped++;
        tally.lines.push(`skip  ${label}: no model answers "${golden.fn}" yet`);
      } else if (faults.length) {
        tally.failed++;
        tally.lines.push(`FAIL  ${label}: ${faults.join('; ')}`);
      } else tally.passed++;
    });
  }
  return tally;
}

if (require.main === module) {
  const given = process.argv.slice(2);
  const home = process.env['INIT_CWD'] ?? process.cwd();
  const shipped = join(__dirname, '../../golden');
  const files = given.length
    ? given.map((p) => resolve(home, p))
    : ['cold.json', 'cutting.json', 'oven-and-filling.json', 'clock'].map((f) => join(shipped, f));
  const tally = runGolden(files);
  tally.lines.forEach((line) => console.log(line));
  console.log(`${tally.passed} passed, ${tally.failed} failed${tally.skipped ? `, ${tally.skipped} skipped` : ''}`);
  process.exitCode = tally.failed ? 1 : 0;
}
