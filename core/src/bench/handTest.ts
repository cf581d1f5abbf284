import { relaxMin } from '../plan/coldLine/rests';
import type { StepCode } from '../plan/steps/codes';

/** What a sheet says to a hand: it holds where it is put, springs back, cracks at its rim, or sticks and shines. */
export const handAnswers = ['holds', 'springs', 'cracks', 'sticks'] as const;
export type HandAnswer = (typeof handAnswers)[number];

/** Steps at which a sheet is asked by the hand. */
const asked: ReadonlySet<StepCode> = new Set(['lockIn', 'turns', 'rollOut', 'rollPieces', 'lineDish', 'cut']);
export const isAskedByHand = (code: StepCode): boolean => asked.has(code);

/** How the sheet stands by reckoning when it is asked. */
export interface Reckoned {
  valueC: number;
  band: { low: number; high: number };
  /** Minutes until it is warm enough to be worked; 0 when it is. */
  standMin: number;
  /** Minutes in the cold that bring it to the middle of its band; null where that is not known or never comes. */
  chillMin: number | null;
}

/** What is done about it, and what it says of the reckoning. */
export interface HandTested {
  does: 'goOn' | 'rest' | 'stand' | 'chill';
  /** How long, min; null where the cold never brings it back. */
  minutes: number | null;
  /** What the fat must be about for it to feel so, °C, where the reckoning says otherwise. */
  feelsC: number | null;
}

/** A sheet that springs back lies for this at least, min. */
export const relaxesMin = relaxMin.turns;
/** One that cracks though it is reckoned warm enough is let stand so long, min (estimate). */
const standsMin = 5;
/** A feel says nothing of less than this, K. */
const feltK = 0.5;

/**
 * What a three-word answer of the hand asks for: a spring-back is rested (in the cold, so that it does not warm meanwhile), a
 * crack is let stand, what sticks goes to the cold; and where the hand and the reckoning disagree, what the fat must be.
 * A feel is coarse: it is taken into the reckoning only when the cook says so.
 * @example handTest('cracks', { valueC: 8, band: { low: 10, high: 16 }, standMin: 4, chillMin: 0 }).minutes // 4
 */
export function handTest(answer: HandAnswer, { valueC, band, standMin, chillMin }: Reckoned): HandTested {
  switch (answer) {
    case 'holds': {
      const feelsC = valueC < band.low - feltK ? band.low : valueC > band.high + feltK ? band.high : null;
      return { does: 'goOn', minutes: 0, feelsC };
    }
    case 'springs':
      return { does: 'rest', minutes: Math.max(relaxesMin, chillMin ?? 0), feelsC: null };
    case 'cracks':
      return {
        does: 'stand',
        minutes: standMin > 0 ? Math.ceil(standMin) : standsMin,
        feelsC: valueC > band.low + feltK ? band.low : null,
      };
    case 'sticks':
      return { does: 'chill', minutes: chillMin, feelsC: valueC < band.high - feltK ? band.high : null };
  }
}

/** What a dough that is to be stretched does when it is drawn thin over the fingers: light shows, it tears, draws back, or sags. */
export const windowAnswers = ['thins', 'tears', 'springs', 'slack'] as const;
export type WindowAnswer = (typeof windowAnswers)[number];

const stretched: ReadonlySet<StepCode> = new Set(['kneadLeaves', 'stretchLeaves']);
export const isStretched = (code: StepCode): boolean => stretched.has(code);

/** Kneaded on for so long at a time, and with a spoonful of flour, min (usual guidance). */
const [kneadsOnMin, floursMin] = [4, 2];

/**
 * What the window of a stretched dough asks for: one that tears is kneaded on, or, when it is stretched already, lies and is
 * patched; one that draws back lies, covered and warm; one that sags takes a little flour. Minutes; estimates.
 * @example windowTest('tears', 'kneadLeaves').minutes // 4
 */
export function windowTest(
  answer: WindowAnswer,
  code: StepCode,
): { does: 'goOn' | 'knead' | 'rest' | 'flour'; minutes: number } {
  switch (answer) {
    case 'thins':
      return { does: 'goOn', minutes: 0 };
    case 'tears':
      return code === 'kneadLeaves'
        ? { does: 'knead', minutes: kneadsOnMin }
        : { does: 'rest', minutes: relaxMin.room };
    case 'springs':
      return { does: 'rest', minutes: relaxMin.room };
    case 'slack':
      return { does: 'flour', minutes: floursMin };
  }
}
