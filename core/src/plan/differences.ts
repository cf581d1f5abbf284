/** What a page says that we reckon otherwise. */
export const differences = ['rest', 'bake', 'filling', 'dough'] as const;
export type Difference = (typeof differences)[number];

/** One figure of the page beside ours, and which of them the item has. */
export interface YoursOurs {
  what: Difference;
  yours: number;
  ours: number;
  unit: 'min' | 'g';
  taken: 'yours' | 'ours';
  /** Behind the reason: degrees, pieces, heat. */
  because: Record<string, number>;
}
