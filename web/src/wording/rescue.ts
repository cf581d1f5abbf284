import { dustedG, thinnedMm, type Trouble } from '@crustallum/core/bench/rescue';
import { guidance, localRules } from './guidance';
import { degrees, long, span, thin, weight } from './numbers';

export const troubleWords: Record<Trouble, string> = {
  tooWarm: 'Too warm, soft, greasy',
  tooCold: 'Too cold, too hard to roll',
  cracked: 'It cracks at the edges',
  springsBack: 'It springs back',
  torn: 'It tore',
  sticky: 'It sticks',
  fatThrough: 'Fat comes through',
  lidShort: 'The lid is short',
  leafTorn: 'A leaf tore',
  fillingThin: 'The filling is thin',
  late: 'We are late',
  powerCut: 'The power is out',
  cut: 'Somebody is cut',
  burn: 'Somebody is burnt',
};

/** What of this bake an answer is worked out from; what is not known is left out. */
export interface RescueFacts {
  /** °C of the fat in hand, and its band. */
  valueC: number | null;
  lowC: number | null;
  highC: number | null;
  /** Minutes at the bench until it can be worked. */
  standMin: number | null;
  /** Minutes in this cold until it is right again, and what that does to the table. */
  coldMin: number | null;
  coldCost: string | null;
  doughG: number | null;
  flour: string;
  thicknessMm: number | null;
  acrossMm: number | null;
  /** What is in the oven, and for how long still. */
  baking: { title: string; leftMin: number }[];
  /** Fillings that cool, and raw ones that wait. */
  cooling: string[];
  table: string;
}

/** How short a lid is taken to be where nobody measured, mm. */
const usualShortMm = 10;

/** Worked out for this bake where it can be. */
const answers: Record<Trouble, (f: RescueFacts) => string[]> = {
  tooWarm: (f) => [
    f.coldMin === null
      ? 'To the cold, flat on a tray, not in a lump: as long as it takes to feel firm.'
      : `To the cold, flat on a tray, for ${span(f.coldMin)}, then go on.`,
    f.valueC !== null && f.highC !== null
      ? `The fat is at ${degrees(f.valueC)}; it works up to ${degrees(f.highC, 0)}.`
      : '',
    f.coldCost ?? '',
    'Warm hands: fingertips only, and rinse them cold.',
  ],
  tooCold: (f) => [
    f.standMin
      ? `Let it stand ${span(Math.max(1, f.standMin))} at the bench.`
      : 'Let it stand 5 minutes, then press it.',
    'Knock it with the pin all over before rolling: it gives without cracking.',
  ],
  cracked: (f) =>
    f.valueC !== null && f.lowC !== null && f.valueC < f.lowC
      ? [
          `It is too cold: ${degrees(f.valueC)}, and it cracks under ${degrees(f.lowC, 0)}. Let it stand ${span(Math.max(1, f.standMin ?? 5))}.`,
          'Press the cracks together with your fingers and roll over them.',
        ]
      : [
          'It is dry at the edge: brush the cracks with a little cold water, press them together, fold the edge in and roll on.',
          'If it crumbles all over, a teaspoon of cold water worked in, then 15 minutes of rest.',
        ],
  springsBack: () => [
    'It is not rested: cover it and leave it 10 to 20 minutes in the cold, then go on from where it is.',
    'Do not roll against it: it shrinks in the oven by as much.',
  ],
  torn: () => [
    'Patch it from the trimmings: 1 cm over the tear all round, the edge under it brushed with water, pressed flat.',
    'For a base that holds something wet, a patch on the inside as well.',
  ],
  sticky: (f) => [
    f.valueC !== null && f.highC !== null && f.valueC > f.highC - 2
      ? `It is warm rather than wet: ${f.coldMin === null ? 'to the cold first' : `${span(f.coldMin)} in the cold first`}.`
      : '',
    f.doughG === null
      ? `A dusting of ${f.flour}, brushed off again.`
      : `Dust with ${f.flour}: ${dustedG(f.doughG)
          .map((g) => weight(g))
          .join(' to ')} in all, no more; it gets tough. Brush the rest off.`,
    'Or roll it between two sheets of paper: no flour at all.',
  ],
  fatThrough: (f) => [
    'Flour on the spot, press it in, brush it off.',
    f.coldMin === null
      ? '20 minutes in the cold before the next pass.'
      : `${span(f.coldMin)} in the cold before the next pass.`,
    'Roll in the other direction, with less weight; a layer is lost there, the others are not.',
  ],
  lidShort: (f) => {
    const to = f.thicknessMm && f.acrossMm ? thinnedMm(f.thicknessMm, f.acrossMm, usualShortMm) : null;
    return [
      to !== null && f.acrossMm
        ? `Roll it on from the middle to ${thin(to, 1)}: that makes ${long(f.acrossMm)} into ${long(f.acrossMm + usualShortMm)}.`
        : f.thicknessMm
          ? `At ${thin(f.thicknessMm, 1)} it is as thin as it holds: not by rolling.`
          : 'Roll it on from the middle, not at the rim.',
      'Or leave it as it is and close the gap with a strip of the trimmings, glued over and under.',
      'Or fold the base over its edge.',
    ];
  },
  leafTorn: () => [
    'Inside it does not matter: lay it in, the tear away from the fold, and the next leaf over it.',
    'Outside: a whole leaf last. A patch is brushed on both sides.',
    'The others under the damp cloth meanwhile.',
  ],
  fillingThin: () => [
    'Still on the heat: boil it down without the lid, a minute at a time, and look at the back of the spoon.',
    'Starch in twice its weight of cold water, stirred in while it boils: for 500 g of liquid 5 g at a time (Filling, body, says how much for this one).',
    'Cold already: lift the solids out with a slotted spoon and leave the juice; raw flour in a cold filling stays raw.',
  ],
  late: (f) => [
    `The table is at ${f.table}. The bench says beside the step what it comes to, and sets it with one press.`,
  ],
  powerCut: (f) => [
    ...f.baking.map(
      ({ title, leftMin }) =>
        `${title}: keep the oven shut; it goes on baking for a while. ${leftMin > 10 ? `It had ${span(leftMin)} to go: not done without heat. Probe the middle before anybody eats of it.` : 'Look when its time is over, and probe the middle.'}`,
    ),
    'Fridge and freezer stay shut: a full fridge keeps about 4 hours, a full freezer about two days (local rules stand above this).',
    ...f.cooling.map(
      (title) =>
        `${title}: its clock goes on. Cooked food goes ${guidance()}; what did not is thrown away. ${localRules}`,
    ),
    'Gas can be lit by hand if the maker allows it; a grill or a camping stove only in the open.',
  ],
  cut: () => [
    'Press a clean cloth on it and hold it up, for ten minutes without looking.',
    'A doctor: if it bleeds on after that, gapes, is deep, or a finger is numb or does not bend.',
    'What blood has touched is thrown away; knife and board are washed hot. A waterproof plaster and a glove before going on.',
    'The timers go on; whoever is free takes over.',
  ],
  burn: () => [
    'Under cool running water at once, for 20 minutes; rings off. No ice, no butter, no flour.',
    'A doctor: if it is larger than the palm of the hand it is on, white or charred, on face or joints, or of a child. Hot sugar and fat burn deep.',
    'Hob and oven off or watched by somebody else meanwhile.',
  ],
};
/** What to do at once and what it costs, line by line. */
export const rescueWords = (trouble: Trouble, facts: RescueFacts): string[] =>
  answers[trouble](facts).filter((line) => line !== '');
