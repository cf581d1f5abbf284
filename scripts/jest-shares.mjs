import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

const isTest = /\.test\.tsx?$/;
const standsIn = /\bjest\.mock\(/;

/**
 * The unit tests of a folder for a whole run: `shares` are lists of files to be run one after the other in one context (for half
 * the processor time: what is loaded, compiled and warmed for one file serves the next), neighbours together and about as long
 * each; `alone` are those that put a module of theirs in another's place and so need a context to themselves.
 */
export function sharesOf(folder, count, skip = []) {
  const files = readdirSync(folder, { recursive: true })
    .map((name) => join(folder, name))
    .filter((file) => isTest.test(file) && !skip.some((pattern) => file.includes(pattern)))
    .sort();
  const alone = files.filter((file) => standsIn.test(readFileSync(file, 'utf8')));
  const together = files.filter((file) => !alone.includes(file));
  const size = (file) => statSync(file).size;
  const whole = together.reduce((sum, file) => sum + size(file), 0);
  const shares = Array.from({ length: count }, () => []);
  let before = 0;
  for (const file of together) {
    shares[Math.min(count - 1, Math.floor((before / whole) * count))].push(file);
    before += size(file);
  }
  return { shares: shares.filter((files) => files.length), alone };
}
