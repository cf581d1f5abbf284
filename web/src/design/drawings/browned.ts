/** Browning dose as a share of the way from straw to too dark, by its logarithm as eyes have it; for drawing. */
export const brown = (dose: number): number =>
  Math.min(1, Math.max(0.02, Math.log(Math.max(dose, 0.05) / 0.2) / Math.log(10 / 0.2)));

/** The colour of a crust so brown. */
export const crustColour = (dose: number): string =>
  `color-mix(in oklab, var(--color-crust) ${Math.round(100 * brown(dose))}%, var(--color-dough))`;
