/** So many items meet at one meal at the most. */
export const mostItems = 8;
/** Fillings kept under the cook's own names. */
export const mostOwnFillings = 60;

/** Readings of an oven thermometer that are kept: the last of them. */
export const mostOvenReadings = 60;
