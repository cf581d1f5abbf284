/** What is said at a point of a curve stands on the sheet's own ground, in both lights. */
export const tooltipStyle = {
  contentStyle: { background: 'var(--color-flour)', color: 'var(--color-ink)', border: '1.5px solid var(--color-ink)' },
  labelStyle: { color: 'var(--color-ink)' },
  itemStyle: { color: 'var(--color-ink)' },
} as const;
