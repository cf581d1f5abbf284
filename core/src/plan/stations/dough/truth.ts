import { styles } from '../../../dough/styles';
import { partName } from '../../../dough/formula';
import type { DoughFacts } from './formula';
import { figure, type Figure } from '../../figure';

export type DoughTruth = Record<'fat' | 'water' | 'salt' | 'takes' | 'energy', Figure>;

/** Fat, water and salt in all, what the flour takes, and the energy of a piece. */
export function truthOf(
  { ratios, style, loads, flourFactor, flourTimes }: DoughFacts,
  pieces: number,
  totalG: number,
): DoughTruth {
  const { band } = styles[style];
  const most = (part: 'fat' | 'water' | 'salt') =>
    ratios.sources[part].slice(0, 2).map((s) => partName(s).toLowerCase());
  const ratio = (part: 'fat' | 'water' | 'salt'): Figure =>
    figure(
      ratios.toFlour[part],
      '%',
      'dough.truth',
      {
        part,
        grams: ratios.grams[part],
        low: band[part][0],
        high: band[part][1],
        style,
        first: most(part)[0] ?? '',
        second: most(part)[1] ?? '',
        ofDough: ratios.ofDough[part],
      },
      'exact',
      'dough.balance',
    );
  return {
    fat: ratio('fat'),
    water: ratio('water'),
    salt: ratio('salt'),
    takes: figure(
      ratios.absorptionPct * flourFactor,
      '%',
      'dough.takes',
      {
        protein: ratios.proteinPct,
        loads: loads.loads,
        flourG: loads.flourG,
        took: 100 * flourFactor,
        times: flourTimes,
      },
      flourTimes > 0 ? 'learnt' : 'estimate',
      'dough.balance',
    ),
    energy: figure(
      ratios.energyKj / Math.max(1, pieces),
      'kJ',
      'dough.energy',
      { pieces, totalG, kcal: ratios.energyKj / 4.184 / Math.max(1, pieces) },
      'estimate',
      'dough.balance',
    ),
  };
}
