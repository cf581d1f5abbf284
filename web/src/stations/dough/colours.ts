/** Fills of what goes into a dough. */
export const doughFills = {
  flour: 'var(--color-flour)',
  fat: 'var(--color-butter)',
  water: 'var(--color-water)',
  other: 'var(--color-dough)',
};
