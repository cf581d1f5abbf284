import { within } from '../quantities/refusal';

/** Usual share of a round's width that is left thick where its edge is rolled out, % (practice). */
export const usualMiddlePct = 50;

/** A round whose edge is rolled out after it is cut, the middle left as thick as the sheet. */
export interface EdgeRolled {
  /** Cut, and finished, across, mm. */
  blankMm: number;
  finishedMm: number;
  /** Across the middle that stays thick, mm. */
  middleMm: number;
  edgeMm: number;
}

/**
 * The round to cut so that it comes to its size when its edge is rolled thinner and its middle is left alone. The ring keeps its
 * mass: `blank² · t = middle² · t + (finished² − middle²) · edge`.
 * @param o finished across, mm (30 to 450); the sheet, mm (1 to 10); the edge, mm (0.8 to the sheet's); the middle, % of the width (20 to 90)
 * @example edgeRolled({ finishedMm: 120, sheetMm: 4, edgeMm: 2, middlePct: 50 }).blankMm // 94.86832980505137
 */
export function edgeRolled(o: { finishedMm: number; sheetMm: number; edgeMm: number; middlePct?: number }): EdgeRolled {
  const finishedMm = within(o.finishedMm, 30, 450, 'finishedMm');
  const sheet = within(o.sheetMm, 1, 10, 'sheetMm');
  const edgeMm = within(o.edgeMm, 0.8, sheet, 'edgeMm');
  const middleMm = (finishedMm * within(o.middlePct ?? usualMiddlePct, 20, 90, 'middlePct')) / 100;
  const blankMm = Math.sqrt(middleMm ** 2 + ((finishedMm ** 2 - middleMm ** 2) * edgeMm) / sheet);
  return { blankMm, finishedMm, middleMm, edgeMm };
}
