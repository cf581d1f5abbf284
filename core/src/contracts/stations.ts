export const stations = ['brief', 'dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock'] as const;
export type Station = (typeof stations)[number];
