import type { ItemInput } from '../../../contracts/item';
import { fillingKinds } from '../../../oven/tables';
import { problem, type Problem } from '../../problem';
import type { SealResult } from './result';

/** Under this share of the vent it needs, a lid puffs and may split (estimate). */
const leastVentShare = 0.3;

/** A filling no wetter than this is a stiff paste or dry pieces (estimate). */
const dryWet = 0.3;

/** What does not work out at the Seal. */
export function sealProblems(item: ItemInput, { need, ventMm2, wantedMm2, vent, strength }: SealResult): Problem[] {
  if (!need) return [];
  const found: Problem[] = [];
  // a dry filling under a lid that is to dome gives little steam, and is left without a vent on purpose
  const dry = fillingKinds[item.filling.type].wet <= dryWet;
  if (ventMm2 < leastVentShare * wantedMm2 && !dry)
    found.push(
      problem(
        'seal',
        'too_few_vents',
        'warn',
        vent.kind === 'slits' ? ['seal.slits', 'seal.slitMm'] : ['seal.slits', 'seal.holeMm', 'seal.vent'],
        {
          ventMm2,
          needMm2: wantedMm2,
        },
      ),
    );
  if (need.leak === 'high')
    found.push(
      problem('seal', 'leaks', 'warn', ['seal.glue', 'seal.crimp', 'filling.fullnessPct'], {
        index: need.leakIndex,
        strength,
        cause: need.causes[0]?.cause ?? 'seam',
      }),
    );
  return found;
}
