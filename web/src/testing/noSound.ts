/** The sounds of the bench, unheard: a test looks at whether they were asked for. */
export const knock = jest.fn();
export const doubleKnock = jest.fn();
