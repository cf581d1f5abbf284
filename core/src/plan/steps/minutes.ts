import type { MixingMethod } from '../../cold/mixing';

/** Minutes of mixing another way against fingers, its washing up with it (estimates). */
export const mixingPace: Partial<Record<MixingMethod, number>> = {
  pastryBlender: 0.85,
  processorPulse: 0.5,
  mixerPaddle: 0.7,
};

/** Bench minutes of an unhurried home cook. Estimates; the kitchen's learnt pace multiplies them. */
export const benchMinutes = {
  weigh: 10,
  mix: 10,
  rubIn: 12,
  rollATurn: 5,
  foldATurn: 1,
  beatBlock: 5,
  lockIn: 4,
  rollOut: 8,
  divideAPiece: 0.6,
  rollAPiece: 1.5,
  rollAnEdge: 0.7,
  cutAPiece: 0.4,
  lineDish: 8,
  lineACup: 1.2,
  lidACup: 2,
  fillAPiece: 1,
  lidADish: 10,
  fillADish: 3,
  latticeADish: 16,
  lidAPot: 1.5,
  knead: 10,
  restLeaves: 60,
  stretchALeaf: 2.5,
  openLeaves: 2,
  brushALeaf: 0.7,
  layAStack: 3,
  closeInAStrip: 0.8,
  glazeAPiece: 0.4,
  glazeADish: 2.5,
  tend: 1,
  washPot: 4,
  clearUp: 6,
  clearUpAPie: 3,
} as const;
