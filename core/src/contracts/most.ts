/** So many items meet at one meal at the most. */
export const mostItems = 8;
/** Fillings kept under the cook's own names. */
export const mostOwnFillings = 60;
