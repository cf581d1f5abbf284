import type { LeakCause } from '@crustallum/core/sealing/seals';
import { leakWords } from './seal';
import { cold, firstAllowed, firstStage, localRules, secondAllowed, secondStage, throughWarm } from './guidance';
import type { Refusal } from '@crustallum/core/quantities/refusal';
import { area, counted, degrees, degreesApart, long, plain, sides, span, thin, weight } from './numbers';
import { pastryWords } from './words';
import type { Problem, ProblemCode } from '@crustallum/core/plan/problem';
import type { Place } from '@crustallum/core/clock/places';
import type { Pastry } from '@crustallum/core/contracts/products';

type Values = Problem['values'];
const g = (v: Values, key: string): string => plain(Number(v[key] ?? 0), 0);
/** The heat a bake is judged by. */
const heatOf = (v: Values): string =>
  `${degrees(Number(v['setC']), 0)}${Number(v['heats'] ?? 1) > 1 ? ' in the mean' : ''}`;

/** What there is not enough of for so many at once. */
const fullWords: Record<Place, (room: number) => string> = {
  bench: () => 'want the bench at once, and there is not room for so many',
  scale: (room) => `weigh at once, on ${counted(room, 'scale', 'scales')}`,
  mixer: (room) => `doughs would be mixed at once, in ${counted(room, 'machine', 'machines')}`,
  pots: (room) => `fillings would be in pots at once, and there ${room === 1 ? 'is' : 'are'} ${plain(room, 0)}`,
};

const sentences: Record<ProblemCode, (v: Values) => string> = {
  cannot_be_cut: (v) => `It cannot be cut so${v['field'] ? `: ${fieldWords(String(v['field']))}` : ''}.`,
  heats_overlap: (v) =>
    `${String(v['item'])} would be in the oven beside one of another heat or over its shelves: bake it earlier, or at one heat.`,
  heat_unit_ambiguous: (v) => `${g(v, 'setC')} can be read in more than one unit.`,
  heat_unit_guessed: (v) => `${g(v, 'setC')} is taken as °C.`,
  heat_time_impossible: (v) => `${g(v, 'minutes')} min at ${degrees(Number(v['setC']), 0)} cannot be meant.`,
  heat_time_is_hours: (v) => `${g(v, 'minutes')} min at ${degrees(Number(v['setC']), 0)} may be hours.`,
  strip_over_leaf: (v) =>
    `A strip of ${long(Number(v['strip']))} does not close in this leaf; ${long(Number(v['max']))} at the most.`,
  no_dish: () => 'No dish chosen. Choose one and the rest can be worked out.',
  piece_bigger_than_bench: (v) =>
    v['long']
      ? `The sheet is ${long(Number(v['long']), 0)} long, the bench ${plain(Number(v['benchLong']) / 10, 0)}.`
      : `No sheet this bench and pin allow (${sides([Number(v['wmax']), Number(v['hmax'])], 0)}) holds one piece of ${long(Number(v['value']))}.`,
  rim_too_wide: (v) =>
    `A rim of ${thin(Number(v['rimMm']), 0)} leaves no room inside; ${thin(Number(v['max']), 0)} is the most for this cutter.`,
  crosses_itself: () => 'The outline crosses itself: put its points in order, or move one.',
  sheet_over_bench: (v) =>
    `A sheet of ${sides([Number(v['long']), Number(v['short'])], 0)} is larger than bench and pin allow: ${plain(Number(v['benchLong']) / 10, 0)} × ${plain(Number(v['benchShort']) / 10, 0)} at the most.`,
  cutter_over_sheet: (v) =>
    `A piece of ${long(Number(v['cutter']))} is wider than this sheet less its trim; ${long(Number(v['max']))} is the most.`,
  laid_wrong: (v) =>
    `${[Number(v['outside']) ? `${g(v, 'outside')} over the trim` : '', Number(v['overlapping']) ? `${g(v, 'overlapping')} pairs overlap` : ''].filter(Boolean).join(', ')}: as they were laid they no longer fit. Lay them again.`,
  sheet_too_small: (v) =>
    `This sheet, rolled again to the end, gives ${g(v, 'n')} of ${g(v, 'of')}. A larger sheet, or fewer.`,
  deep_dish: (v) =>
    `So deep a dish leaves ${g(v, 'fullness')} % of the base to be eased into folds; a disc for the bottom and a band for the wall sit better.`,
  pastry_does_not_fit: (v) =>
    `This is made of ${String(v['allowed'])
      .split(', ')
      .map((p) => pastryWords[p as Pastry] ?? p)
      .join(' or ')}.`,
  longer_than_bench: (v) =>
    `Rolled to ${long(Number(v['length']), 0)}, but the bench is ${long(Number(v['bench']), 0)}.`,
  turn_thicker_than_packet: (v) =>
    `Turn ${v['turn']} would be ${thin(Number(v['rolled']))} thick, its packet is ${plain(Number(v['packet']), 1)}: a pin only makes it thinner.`,
  final_thicker_than_packet: (v) =>
    `The folded packet is ${thin(Number(v['packet']))}, thinner than the sheet of ${plain(Number(v['sheet']))}. Roll it shorter.`,
  packet_too_high: (v) =>
    `The folded packet stands ${long(Number(v['packet']), 0)} high; over ${plain(Number(v['highest']) / 10, 0)} no hand rolls it. Roll it longer, or make it in two.`,
  films_merge: (v) =>
    `A leaf of ${plain(Number(v['um']))} µm is thinner than a grain of starch and breaks into dots; one turn less keeps them apart.`,
  crumb_melts: (v) =>
    `It comes out of the bowl at ${degrees(Number(v['outC']), 0)}, over the ${degrees(Number(v['soft']), 0)} at which this fat melts into paste: no crumb is left. Colder fat, less rubbing, or the processor.`,
  fridge_warmer: (v) =>
    `The fridge, at ${degrees(Number(v['fridgeC']), 0)}, is no colder than the kitchen at ${degrees(Number(v['roomC']), 0)}: nothing chills in it.`,
  block_larger_than_bench: (v) =>
    `The dough for this block is ${long(Number(v['doughMm']), 0)} long, the bench ${long(Number(v['benchMm']), 0)}: make two halves, or lock it in an envelope.`,
  lock_too_uneven: (v) =>
    `Fat at ${degrees(Number(v['fatC']), 0)} and dough at ${degrees(Number(v['doughC']), 0)} do not stretch together: bring them within ${degreesApart(4)}.`,
  lump_too_big: (v) =>
    `Pieces of ${thin(Number(v['crumb']), 0)} show through a sheet of ${thin(Number(v['sheet']))} and may leave holes.`,
  mix_not_enough_water: (v) =>
    `The bowl comes out at ${degrees(Number(v['reachedC']))}, not ${degrees(Number(v['targetC']), 0)}${Number(v['chillOthersToC']) > -50 ? `: chill flour and fat to ${degrees(Number(v['chillOthersToC']), 0)} first` : ': chill it longer after mixing'}.`,
  mix_too_cold: (v) => `The bowl stays at ${degrees(Number(v['reachedC']))}; let it stand before rolling.`,
  no_liquid: (v) =>
    `With ${plain(Number(v['waterPct']), 0)} of water to 100 of flour in all, nothing binds; ${g(v, 'least')} is the least.`,
  dough_short: (v) =>
    `It is ${weight(Number(v['shortG']))} short of the ${weight(Number(v['neededG']))} the pieces take: ask for more, or make fewer.`,
  never_cold: (v) =>
    `It does not get to ${degrees(Number(v['fillAtC']), 0)} in ${g(v, 'after')} h where the air is ${degrees(Number(v['airC']), 0)}. Another place, or shallower.`,
  cooling_not_reached_21: () => `It does not pass ${throughWarm()} at all: cool it shallower or colder. ${localRules}`,
  cooling_slow_stage_1: (v) =>
    `It takes ${span(Number(v['stage1']))} ${firstStage()}; common guidance says ${firstAllowed()}. Shallower trays are quicker. ${localRules}`,
  cooling_not_reached_5: () =>
    `It is not at ${cold()} within the time looked at; put it in the fridge once it is at ${throughWarm()}. ${localRules}`,
  cooling_slow_stage_2: (v) =>
    `It takes ${span(Number(v['stage2']))} ${secondStage()}; common guidance says ${secondAllowed()}. ${localRules}`,
  overfull: (v) =>
    `${g(v, 'pct')} % of what lies comfortably: ${weight(Number(v['eachG']))} each, and ${weight(Number(v['mostG']))} can be pressed in.`,
  fruit_runs: (v) =>
    `${weight(Number(v['liquidG']))} of juice: as it is bound it is “${v['body']}”, and “${v['wanted']}” is wanted.`,
  fruit_sugar: (v) =>
    `${plain(Number(v['pct']), 0)} % sugar to the fruit; ${plain(Number(v['from']), 0)} to ${plain(Number(v['to']), 0)} % is usual for it.`,
  fruit_not_set: (v) =>
    `The middle comes to ${degrees(Number(v['coreC']), 0)}: what binds the juice sets at ${degrees(Number(v['setsC']), 0)}. It would run.`,
  filling_over: (v) =>
    `What goes in comes to ${weight(Number(v['finishedG']))} when it is ready: ${weight(Number(v['spareG']))} more than they hold.`,
  filling_under: (v) =>
    `What goes in comes to ${weight(Number(v['finishedG']))} when it is ready: ${weight(Number(v['spareG']))} too little to fill them.`,
  filling_salty: (v) =>
    `${plain(Number(v['pct']), 1)} % salt in all, ${weight(Number(v['withinG']), 1)} of it in what goes in; ${plain(Number(v['from']), 1)} to ${plain(Number(v['to']), 1)} % is usual.`,
  spice_high: (v) =>
    `${String(v['name'])}: ${weight(Number(v['grams']), 1)} is ${plain(Number(v['pct']), 1)} % of it; up to ${weight(Number(v['usualG']), 1)} is usual. A tablespoon for a teaspoon?`,
  filling_flat: (v) =>
    `Only ${plain(Number(v['pct']), 1)} % salt in all; ${plain(Number(v['from']), 1)} to ${plain(Number(v['to']), 1)} % is usual.`,
  much_for_each: (v) =>
    `That is ${weight(Number(v['eachG']))} of filling for each of ${g(v, 'people')}: is it for more people, or for other days?`,
  slice_over_roll: (v) =>
    `A slice of ${long(Number(v['slice']))} is longer than the roll of ${long(Number(v['roll']))}.`,
  sauce_thin: (v) =>
    `In the pan the sauce is ${String(v['body'])}, wanted: ${String(v['wanted'])}. About ${weight(Number(v['rouxG']))} more flour, or it is simmered down.`,
  custard_runs: (v) =>
    `${weight(Number(v['eggPer100G']))} of egg to 100 g of liquid does not set: from 22 it trembles, from 28 it is firm.`,
  hot_on_base: (v) =>
    `Filled at ${degrees(Number(v['fillC']), 0)} the raw base is soft after ${plain(Number(v['minutes']), 1)} min: its fat runs out before the crust sets, unless it goes straight onto hot steel or stone.`,
  have_dough_short: (v) =>
    `There are ${weight(Number(v['haveG']))} of dough, and ${g(v, 'needG')} are needed: it gives about ${g(v, 'pieces')}.`,
  have_dough_old: (v) =>
    `The dough is ${hoursWords(Number(v['ageH']))} old; it keeps ${hoursWords(Number(v['limitH']))} so. Grey or sour, it is not used.`,
  filling_short: (v) => `There are ${weight(Number(v['haveG']))} of filling, and ${g(v, 'needG')} are needed.`,
  filling_old: (v) =>
    `The filling is ${hoursWords(Number(v['ageH']))} old, and keeps ${hoursWords(Number(v['limitH']))} so: it is not to be used. Follow your local food-safety rules.`,
  too_few_vents: (v) =>
    `${area(Number(v['ventMm2']))} of vent against ${g(v, 'needMm2')} needed: the lid will puff and may split.`,
  leaks: (v) =>
    `About ${plain(Number(v['index']) * 100, 0)} in 100 leak as closed, most of it by ${leakWords[String(v['cause']) as LeakCause]}.`,
  never_ready: (v) =>
    `At ${degrees(Number(v['setC']), 0)} something never comes: ${String(v['binds']).replace('never:', '').replaceAll('+', ', ')}.`,
  chill_never_ends: (v) =>
    `A fridge at ${degrees(Number(v['fridgeC']), 0)} does not bring this fat to ${degrees(Number(v['targetC']), 0)} in six hours; it reaches ${degrees(Number(v['reachedC']))}.`,
  past_soft: (v) =>
    `${v['item'] ? `${String(v['item'])}: past` : 'Past'} the band by ${plain(Number(v['minutes']), 0)} min at the tightest step. A cooler kitchen, a thicker sheet or fewer at a time.`,
  leaf_cracks: (v) => `The leaf cracks ${plain(Number(v['minutes']), 0)} min before it is used. A damp cloth sooner.`,
  stands_long: (v) =>
    `${String(v['item'])} is out ${span(Number(v['minutes']))} before the table, for the one oven is taken.`,
  cold_full: (v) =>
    `${span(Number(v['minutes']))} before the table ${plain(Number(v['trays']), 1)} trays would lie in the ${String(v['place'])}, and there is room for ${plain(Number(v['room']), 1)}: lay packets on one another with paper between, or make room.`,
  place_full: (v) =>
    `${span(Number(v['minutes']))} before the table ${plain(Number(v['works']), 0)} ${fullWords[(v['place'] ?? 'bench') as Place](Number(v['room']))}.`,
  pots_unwashed: (v) =>
    `More fillings are cooked than there are pots (${g(v, 'pots')}), and nobody has hands free to wash one between.`,
  hands_taken: (v) => `${String(v['cook'])} has no hands free for ${String(v['item'])} when they are needed.`,
  pins_do_not_go: (v) =>
    `The day cannot be laid around what you hold of ${String(v['item'])}: it is shown as it would be without.`,
  not_in_one_go: () =>
    'Weighing and making ready do not go in one go on this day: it is shown with each pie by itself.',
  rests_do_not_close: () =>
    'Rests that wait for what you hold leave the fat so cold that its rolling no longer fits: the day is close, not exact.',
  starts_past: (v) => `It would have had to start ${span(Number(v['minutes']))} ago.`,
  heat_temp_low: (v) => `${heatOf(v)} is low for pastry.`,
  heat_temp_high: (v) => `${heatOf(v)} is high for pastry.`,
  heat_too_much_heat: (v) =>
    `${g(v, 'minutes')} min at ${heatOf(v)} is long: pies of this kind are mostly in ${g(v, 'sameTempMin')}${Number(v['sameTimeC']) ? `, or at about ${degrees(Number(v['sameTimeC']), 0)} for so long` : ''}.`,
  heat_too_little_heat: (v) => `${g(v, 'minutes')} min at ${heatOf(v)} is little for this.`,
  own_bake_short: (v) =>
    `After ${g(v, 'own')} min its middle is at ${degrees(Number(v['coreC']), 0)}, and ${degrees(Number(v['target']), 0)} makes it hot through${Number(v['safe']) > 0 ? `: that is at ${g(v, 'safe')} min` : ''}.`,
  own_bake_dark: (v) => `At ${g(v, 'own')} min its top is dark from ${g(v, 'dark')} on; ours is ${g(v, 'ours')}.`,
  stand_short: (v) =>
    `It stands ${g(v, 'minutes')} min: raw mince or poultry stands ${g(v, 'least')} at least, heat goes on inwards.`,
  kept_long: (v) =>
    `Closed and raw in the fridge for ${counted(Number(v['days']), 'day', 'days')}: it keeps ${g(v, 'hours')} h at most. Frozen it keeps for weeks.`,
  kept_frozen_long: (v) =>
    Number(v['months'])
      ? `${counted(Number(v['days']), 'day', 'days')} in the freezer: good for ${counted(Number(v['months']), 'month', 'months')}.`
      : 'This is not to be frozen raw.',
  frozen_dish_cracks: () =>
    'Glass or ceramic from the freezer into a hot oven cracks: thaw it in the fridge overnight, or use tin or foil.',
  foil_off_first: (v) =>
    `Foil off at ${g(v, 'tentToMin')} min, and on at ${g(v, 'tentFromMin')}: it never lies over it. Off later than on.`,
  heat_after_end: (v) =>
    `${degrees(Number(v['setC']), 0)} from ${g(v, 'fromMin')} min: it is out at ${g(v, 'minutes')}.`,
  case_raw: (v) =>
    `After ${g(v, 'minutes')} min the empty case is still raw${Number(v['set']) ? `; it sets at ${g(v, 'set')}` : ''}.`,
  case_damp: (v) =>
    `After ${g(v, 'minutes')} min the empty case is not dry${Number(v['dry']) ? `; it would be at ${g(v, 'dry')}` : ''}: the filling will soak it.`,
  heat_temp_impossible: (v) => `${degrees(Number(v['setC']), 0)} does not bake pastry.`,
  heat_unit_likely_wrong: (v) => `${degrees(Number(v['setC']), 0)} looks like another unit.`,
};

const hoursWords = (h: number): string => (h >= 48 ? `${plain(h / 24, 0)} days` : `${plain(h, 0)} h`);

export const problemWords = (p: Problem): string => sentences[p.code](p.values);

const unitEndings: readonly (readonly [RegExp, string])[] = [
  [/Mm2$/, 'mm²'],
  [/Mm$/, 'mm'],
  [/Cm$/, 'cm'],
  [/Pct$/, '%'],
  [/Min(utes)?$/, 'min'],
  [/C$/, '°C'],
  [/G$/, 'g'],
  [/K$/, 'K'],
  [/W$/, 'W'],
];

/** A code name in plain words, and the unit its ending states: `lumpMm` is "lump" in mm. */
export function inputWords(name: string): { words: string; unit: string } {
  const ending = unitEndings.find(([end]) => end.test(name));
  const bare = ending ? name.replace(ending[0], '') : name;
  return { words: bare.replace(/([A-Z])/g, ' $1').toLowerCase(), unit: ending?.[1] ?? '' };
}

/** A field's path in plain words: `item.folds.lumpMm` is read "folds, lump". */
export const fieldWords = (field: string): string =>
  field
    .split('.')
    .filter((part) => !/^(item|items|input|\d+)$/.test(part))
    .map((part) => inputWords(part).words)
    .join(', ');

const allowedWords = (allowed: unknown): string => {
  if (Array.isArray(allowed)) return allowed.join(', ');
  if (typeof allowed !== 'object' || allowed === null) return String(allowed);
  const { min, max, unit, ...rest } = allowed as Record<string, unknown>;
  if (typeof min === 'number' && typeof max === 'number')
    return `${plain(min)} to ${plain(max)} ${typeof unit === 'string' ? unit : ''}`.trim();
  return Object.entries(rest)
    .map(([name, value]) => `${fieldWords(name)} ${String(value)}`)
    .join(', ');
};

/** A refusal in one sentence: the field, what was given, and what would be allowed. */
export const refusalWords = (r: Refusal): string =>
  r.code === 'fault'
    ? 'This could not be worked out, by a fault of ours. Change something and it is tried again.'
    : `${fieldWords(r.field)} cannot be ${String(r.value)}${r.allowed === undefined ? '' : `; allowed: ${allowedWords(r.allowed)}`}.`;
