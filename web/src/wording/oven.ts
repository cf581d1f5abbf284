import { heat, plain } from './numbers';

/** Heats of a bake as the plan words them (`0:210 15:175`), said: "210°, from 15 min 175°". */
export const heatsWords = (word: string): string =>
  word
    .split(' ')
    .map((part) => part.split(':').map(Number) as [number, number])
    .map(([fromMin, setC], i) => `${i ? `from ${plain(fromMin, 0)} min ` : ''}${heat(setC)}`)
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
