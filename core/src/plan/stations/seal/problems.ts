import { problem, type Problem } from '../../problem';
import type { SealResult } from './result';

/** Under this share of the vent it needs, a lid puffs and may split (estimate). */
const leastVentShare = 0.3;

/** What does not work out at the Seal. */
export function sealProblems({ closing, need, ventMm2, strength }: SealResult): Problem[] {
  if (!need || closing === 'laps') return [];
  const found: Problem[] = [];
  if (ventMm2 < leastVentShare * need.needMm2)
    found.push(
      problem('seal', 'too_few_vents', 'warn', ['seal.slits', 'seal.slitMm'], { ventMm2, needMm2: need.needMm2 }),
    );
  if (need.leak === 'high')
    found.push(
      problem('seal', 'leaks', 'warn', ['seal.glue', 'seal.crimp', 'filling.fullnessPct'], {
        index: need.leakIndex,
        strength,
      }),
    );
  return found;
}
