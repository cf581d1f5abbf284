/** So many items meet at one meal at the most. */
export const mostItems = 8;
