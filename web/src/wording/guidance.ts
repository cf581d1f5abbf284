import { coolingStages } from '@crustallum/core/cold/coolingStages';
import { degrees, span } from './numbers';

const { hotC, throughC, coldC, firstMin, secondMin } = coolingStages;

/** The two-stage guidance for cooked food in the cook's own degrees; local rules stand above it. */
export const localRules = 'Follow your local food-safety rules.';
export const throughWarm = (): string => degrees(throughC, 0);
export const cold = (): string => degrees(coldC, 0);
export const firstStage = (): string => `from ${degrees(hotC, 0)} to ${degrees(throughC, 0)}`;
export const secondStage = (): string => `from ${degrees(throughC, 0)} to ${degrees(coldC, 0)}`;
export const guidance = (): string =>
  `${firstStage()} within ${span(firstMin)} and on to ${degrees(coldC, 0)} within ${span(secondMin)} more`;
export const firstAllowed = (): string => span(firstMin);
export const secondAllowed = (): string => span(secondMin);
