import type { ItemInput } from '../../../contracts/item';
import type { Finding } from '../../../oven/plausible';
import { problem, type Problem, type ProblemCode } from '../../problem';
import type { OvenResult } from './result';

const codes: Record<Finding['code'], ProblemCode> = {
  TEMP_IMPOSSIBLE: 'heat_temp_impossible',
  UNIT_AMBIGUOUS: 'heat_unit_ambiguous',
  UNIT_GUESSED: 'heat_unit_guessed',
  UNIT_LIKELY_WRONG: 'heat_unit_likely_wrong',
  TEMP_LOW: 'heat_temp_low',
  TEMP_HIGH: 'heat_temp_high',
  TIME_IMPOSSIBLE: 'heat_time_impossible',
  TOO_MUCH_HEAT: 'heat_too_much_heat',
  TIME_IS_HOURS: 'heat_time_is_hours',
  TOO_LITTLE_HEAT: 'heat_too_little_heat',
};

/** What does not work out at the Oven. */
export function ovenProblems(item: ItemInput, { bake, findings }: OvenResult): Problem[] {
  const { setC } = item.oven;
  const never = bake.proposed === null;
  return [
    ...(never ? [problem('oven', 'never_ready', 'stop', ['oven.setC'], { binds: bake.binds, setC })] : []),
    ...findings.map((f) =>
      problem('oven', codes[f.code], 'warn', ['oven.setC'], {
        setC,
        minutes: bake.proposed ?? 0,
        sameTimeC: f.suggest?.sameTimeC ?? 0,
        sameTempMin: f.suggest?.sameTempMin ?? 0,
      }),
    ),
  ];
}
