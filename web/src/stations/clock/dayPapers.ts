/** Papers the list of a day is printed on. */
export const dayPapers = ['A4', 'A5', 'Letter'] as const;
export type DayPaper = (typeof dayPapers)[number];
