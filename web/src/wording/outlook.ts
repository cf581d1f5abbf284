import type { Remedy } from '@crustallum/core/plan/questions/remedies';
import type { Changes, WhatIfName } from '@crustallum/core/plan/questions/changes';
import { degrees, plain, span, thin } from './numbers';
import { fatWords } from './words';

/** What is asked, in words. */
export const whatIfWords = (name: WhatIfName, changes: Changes): string =>
  ({
    warmKitchen: `in a kitchen of ${degrees(Number(changes['kitchen.roomC']), 0)}`,
    coldStone: `on a stone from the fridge`,
    lard: 'with lard',
    shortening: 'with shortening',
    thicker: `rolled to ${thin(Number(changes['cut.thicknessMm']))}`,
    twoRolling: 'if two roll',
    thinChill:
      'folds.discMm' in changes
        ? `pressed to ${thin(Number(changes['folds.discMm']), 0)} for the cold`
        : 'chilled in halves',
    freezer: 'chilled in the freezer',
  })[name];

const value = (r: Remedy, key: string, places = 0): string => plain(Number(r.values[key] ?? 0), places);

const warmth = (r: Remedy, key: string, places = 0): string => degrees(Number(r.values[key] ?? 0), places);

/** What would mend it, as something to do. */
export const repairWords = (r: Remedy): string =>
  ({
    restEachTurn: 'Rest after every turn',
    rollInGoes: `Roll it out in ${value(r, 'goes')} goes, cold between`,
    colder: `Chill it to ${warmth(r, 'toC', 1)}, ${span(Number(r.values['chillMoreMin'] ?? 0))} longer before`,
    smallerLots: `Close ${value(r, 'pieces')}, chill ${value(r, 'pieces')}: ${value(r, 'lots')} lots`,
    coldStone: `Work on a stone from the fridge (${warmth(r, 'benchC')})`,
    freezer: `Chill it in the freezer, to ${warmth(r, 'toC', 1)}`,
    otherFat: `Use ${fatWords[String(r.values['fat'])] ?? String(r.values['fat'])}`,
    coolerHour: `Work when the kitchen is at ${warmth(r, 'roomC')}`,
  })[r.name];

/** What it does to the day's length. */
export const moreWords = (minutes: number): string =>
  Math.abs(minutes) < 1 ? 'no longer' : `${span(Math.abs(minutes))} ${minutes > 0 ? 'more' : 'less'}`;

export const inHandWords = (minutes: number | null): string =>
  minutes === null
    ? 'nothing is tight'
    : minutes < 0
      ? `${plain(-minutes, 0)} min past the band`
      : `${plain(minutes, 0)} min in hand`;
