const kept = 'crustallum.setup';

/** Whether this device was asked about its kitchen, or waved it away. */
export const setupOffered = (): boolean => localStorage.getItem(kept) !== null;
export const setupDone = (): void => localStorage.setItem(kept, 'done');
