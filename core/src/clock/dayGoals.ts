/** How a day's goals are counted: the last hour, and what is one call after a pause, min; and what is rounded to how much (clock.md 4). */
export const dayGoals = { lastWindow: 60, lastBucket: 5, staleBucket: 5, spanBucket: 15, sessionGap: 15 } as const;
