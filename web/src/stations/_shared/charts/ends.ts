/** Where curves begin and end on their sheet, px: what stands below them shares their minutes. */
export const curveEnds = { left: 48, right: 16 } as const;
