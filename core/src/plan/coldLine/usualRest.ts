/** What a rest of the cook's own has where they said no minutes (practice). */
export const usualOwnRestMin = 30;
