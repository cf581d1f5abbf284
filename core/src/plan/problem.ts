import type { Station } from '../contracts/stations';

/** Everything that may not work out in a plan; each has its sentence in the web's wording. */
export const problemCodes = [
  // what an item is
  'pastry_does_not_fit',
  // cut
  'no_dish',
  'strip_over_leaf',
  'piece_bigger_than_bench',
  'rim_too_wide',
  'crosses_itself',
  'sheet_over_bench',
  'cutter_over_sheet',
  'laid_wrong',
  'sheet_too_small',
  'deep_dish',
  'cannot_be_cut',
  'slice_over_roll',
  // dough
  'mix_not_enough_water',
  'mix_too_cold',
  'no_liquid',
  'dough_short',
  'have_dough_short',
  'have_dough_old',
  // folds, crumb, leaves
  'longer_than_bench',
  'final_thicker_than_packet',
  'turn_thicker_than_packet',
  'packet_too_high',
  'films_merge',
  'lump_too_big',
  'crumb_melts',
  'block_larger_than_bench',
  'lock_too_uneven',
  'chill_never_ends',
  'leaf_cracks',
  // filling
  'never_cold',
  'cooling_not_reached_21',
  'cooling_slow_stage_1',
  'cooling_not_reached_5',
  'cooling_slow_stage_2',
  'overfull',
  'filling_over',
  'filling_under',
  'filling_salty',
  'filling_flat',
  'spice_high',
  'much_for_each',
  'custard_runs',
  'fruit_runs',
  'fruit_sugar',
  'fruit_not_set',
  'sauce_thin',
  'hot_on_base',
  'filling_short',
  'filling_old',
  // seal
  'too_few_vents',
  'leaks',
  // oven
  'never_ready',
  'heat_temp_impossible',
  'heat_unit_ambiguous',
  'heat_unit_guessed',
  'heat_unit_likely_wrong',
  'heat_temp_low',
  'heat_temp_high',
  'heat_time_impossible',
  'heat_too_much_heat',
  'heat_time_is_hours',
  'heat_too_little_heat',
  'heat_after_end',
  'foil_off_first',
  'own_bake_short',
  'stand_short',
  'kept_long',
  'kept_frozen_long',
  'frozen_dish_cracks',
  'own_bake_dark',
  'case_raw',
  'case_damp',
  // the day
  'fridge_warmer',
  'past_soft',
  'stands_long',
  'hands_taken',
  'cold_full',
  'place_full',
  'pots_unwashed',
  'pins_do_not_go',
  'not_in_one_go',
  'rests_do_not_close',
  'heats_overlap',
  'starts_past',
] as const;
export type ProblemCode = (typeof problemCodes)[number];

/** Something that does not work out: which station, which two inputs disagree, and the smallest change that would do, if known. */
export interface Problem {
  station: Station;
  code: ProblemCode;
  fields: string[];
  values: Record<string, number | string>;
  /** `stop`: the station cannot be settled; `warn`: it can. */
  weight: 'stop' | 'warn';
}

/** A problem of a station, with the inputs that disagree and what its sentence needs. */
export const problem = (
  station: Station,
  code: ProblemCode,
  weight: Problem['weight'],
  fields: string[],
  values: Problem['values'] = {},
): Problem => ({ station, code, weight, fields, values });
