import type { Step, TimedStep } from './codes';

/** A step by what it is, never by where it stands: the same in every plan of the same day. */
export const stepKey = (itemIndex: number, s: Pick<Step, 'id'>): string => `${itemIndex}/${s.id}`;
export const keyOf = (s: Pick<TimedStep, 'itemIndex' | 'id'>): string => stepKey(s.itemIndex, s);
