import type { ColourLevel, Support, Underlay, VesselMaterial } from '@crustallum/core/oven/tables';
import type { StandRule } from '@crustallum/core/plan/stations/oven/standing';
import { heat, plain } from './numbers';

/** What changes in the oven besides its heat. */
export const turnedWords: Record<string, string> = {
  fan: 'fan on',
  conv: 'fan off',
  grill: 'under the grill',
  low: 'low shelf',
  middle: 'middle shelf',
  high: 'high shelf',
};
/** Heats of a bake as the plan words them (`0:210 15:175:fan`), said: "210°, from 15 min 175°, fan on". */
export const heatsWords = (word: string): string =>
  word
    .split(' ')
    .map((part) => part.split(':'))
    .map(
      ([fromMin, setC, ...turned], i) =>
        `${i ? `from ${plain(Number(fromMin), 0)} min ` : ''}${[heat(Number(setC)), ...turned.map((t) => turnedWords[t] ?? t)].join(', ')}`,
    )
    .join(', ');

/** What a pie is brushed with. */
export const brushWords: Record<string, string> = {
  none: 'nothing',
  water: 'water',
  milk: 'milk',
  plantmilk: 'oat drink',
  cream: 'cream',
  oil: 'oil',
  butter: 'melted butter',
  egg: 'beaten egg',
  eggwater: 'egg beaten with a third as much water',
  eggmilk: 'egg beaten with a little milk',
  eggwhite: 'egg white',
  yolk: 'beaten yolk',
  yolkcream: 'yolk and cream',
  milksugar: 'milk and sugar',
  syrup: 'syrup',
};

/** Colour of a lid, as it is called. */
export const colourWords: Record<ColourLevel, string> = {
  pale: 'pale',
  straw: 'straw',
  golden: 'gold',
  deep: 'deep brown',
  'too dark': 'too dark',
};

/** What a dish is made of. */
export const materialWords: Record<VesselMaterial, string> = {
  glass: 'glass',
  ceramic: 'ceramic',
  tin: 'bright tin',
  aluminium: 'aluminium',
  foil: 'foil',
  darksteel: 'dark steel',
  castiron: 'cast iron',
};

/** What a pie stands on in the oven. */
export const standWords: Record<Support, string> = {
  rack: 'on the wire',
  tray: 'on a bright tray',
  trayDark: 'on a dark tray',
  stone: 'on the hot stone',
  steel: 'on the hot steel',
  unknown: 'on a tray',
};

/** What lies between it and the tray, and what that does. */
export const underWords: Record<Underlay, string> = {
  nothing: 'bare metal: it browns well and may stick where juice runs',
  flour: 'a dusting of flour: little sticks, what burns is brushed off; it is wheat',
  oil: 'a film of oil, about a teaspoon a tray: the base fries, and dries sooner',
  paper: 'paper: nothing sticks, and the base bakes as reckoned',
  mat: 'a rubber mat: nothing sticks, but the base lags',
  dripTray: 'a tray below catches what runs over, and shades the base: half of the floor’s glow is lost',
};

/** Why a pie stands so long. */
export const standRules: Record<StandRule, string> = {
  minis: 'so small it can be lifted almost at once',
  handPies: 'the filling settles and the crust firms on a rack',
  cups: 'in the tin they firm, then out before they sweat',
  pots: 'the sauce stops boiling',
  sauce: 'the sauce thickens as it cools, and holds its cut',
  deep: 'deep: the sauce takes longer to hold its cut',
  puff: 'layers are crispest early',
  filoTray: 'leaves stay crisp if nothing covers them',
  coil: 'it holds its cut when it is lukewarm',
  custard: 'the custard goes on setting',
  fruit: 'the juice sets only when it is cool',
};
