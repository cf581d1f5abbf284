import { daysLain } from '../../closedBefore';
import type { ItemInput } from '../../../contracts/item';
import type { Finding } from '../../../oven/plausible';
import { problem, type Problem, type ProblemCode } from '../../problem';
import type { PieKeeps } from '../../pieKeeps';
import { blindOf, heatsOf } from './programme';
import type { OvenResult } from './result';
import { hottestFruitC } from './spec';

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
export function ovenProblems(
  item: ItemInput,
  { bake, blind, findings, meanC, minutes, out, keeps, stand }: OvenResult,
  setsC: number | null,
): Problem[] {
  const { setC } = item.oven;
  const never = bake.proposed === null;
  return [
    ...(never ? [problem('oven', 'never_ready', 'stop', ['oven.setC'], { binds: bake.binds, setC })] : []),
    ...findings.map((f) =>
      problem('oven', codes[f.code], 'warn', ['oven.setC'], {
        setC: meanC,
        heats: heatsOf(item.oven).length,
        minutes: minutes ?? 0,
        sameTimeC: f.suggest?.sameTimeC ?? 0,
        sameTempMin: f.suggest?.sameTempMin ?? 0,
      }),
    ),
    ...programmeProblems(item, minutes, blind),
    ...ownMinutes(item, bake, out),
    ...keptOver(item, keeps, bake),
    ...(item.clock.standMinutes < stand.atLeastMin
      ? [
          problem('oven', 'stand_short', 'warn', ['clock.standMinutes'], {
            minutes: item.clock.standMinutes,
            least: stand.atLeastMin,
          }),
        ]
      : []),
    ...(setsC !== null && out && out.coreC < Math.min(hottestFruitC, setsC) - handK
      ? [problem('oven', 'fruit_not_set', 'warn', ['oven.ownMin', 'oven.setC'], { coreC: out.coreC, setsC })]
      : []),
  ];
}

/** What is made ahead longer than it keeps, or frozen where it is not to be, or in a dish that cracks. */
function keptOver(item: ItemInput, { rawHours, rawMonths }: PieKeeps, bake: OvenResult['bake']): Problem[] {
  const { from } = item.oven;
  const aheadDays = daysLain(item);
  if (from === 'freezer')
    return [
      ...(rawMonths === 0 || aheadDays > rawMonths * 30
        ? [problem('oven', 'kept_frozen_long', 'warn', ['oven.aheadDays'], { days: aheadDays, months: rawMonths })]
        : []),
      ...(bake.advice.some((a) => a.code === 'THERMAL_SHOCK')
        ? [problem('oven', 'frozen_dish_cracks', 'warn', ['oven.from', 'cut.vesselMaterial'], {})]
        : []),
    ];
  return from !== 'room' && aheadDays * 24 > rawHours
    ? [problem('oven', 'kept_long', 'stop', ['oven.aheadDays', 'oven.from'], { days: aheadDays, hours: rawHours })]
    : [];
}

/** Less than a degree is no matter. */
const handK = 1;

/** The cook's own minutes against what makes it hot through, and against what burns it. */
function ownMinutes(item: ItemInput, bake: OvenResult['bake'], out: OvenResult['out']): Problem[] {
  const own = item.oven.ownMin;
  if (!own) return [];
  const { dark } = bake.times;
  const safe = bake.safeMin;
  if (safe === null || own < safe)
    return [
      problem('oven', 'own_bake_short', 'stop', ['oven.ownMin'], {
        own,
        coreC: out?.coreC ?? 0,
        target: bake.targetC,
        safe: Math.ceil(safe ?? 0),
        ours: bake.proposed ?? 0,
      }),
    ];
  if (dark !== null && own > dark)
    return [problem('oven', 'own_bake_dark', 'warn', ['oven.ownMin'], { own, dark, ours: bake.proposed ?? 0 })];
  return [];
}

/** Heats that come after it is out, and a case that is not ready to be filled. */
function programmeProblems(item: ItemInput, minutes: number | null, blind: OvenResult['blind']): Problem[] {
  const late = minutes === null ? [] : heatsOf(item.oven).filter((h) => h.fromMin >= minutes);
  const { tentFromMin, tentToMin } = item.oven;
  const asked = blindOf(item);
  const baked = asked ? asked.weightsMin + asked.bareMin : 0;
  return [
    ...late.map(({ fromMin, setC }) =>
      problem('oven', 'heat_after_end', 'warn', ['oven.then'], { fromMin, setC, minutes: minutes ?? 0 }),
    ),
    ...(tentFromMin !== undefined && tentToMin !== undefined && tentToMin <= tentFromMin
      ? [problem('oven', 'foil_off_first', 'warn', ['oven.tentToMin', 'oven.tentFromMin'], { tentFromMin, tentToMin })]
      : []),
    ...(blind && (blind.setMin === null || blind.setMin > baked)
      ? [problem('oven', 'case_raw', 'warn', ['oven.blind'], { minutes: baked, set: blind.setMin ?? 0 })]
      : blind && (blind.dryMin === null || blind.dryMin > baked)
        ? [problem('oven', 'case_damp', 'warn', ['oven.blind'], { minutes: baked, dry: blind.dryMin ?? 0 })]
        : []),
  ];
}
