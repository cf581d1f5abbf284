import { targets } from '@crustallum/core/cutting/portions';
import { domeArc } from '@crustallum/core/vessels/blanks';
import type { VariantInput } from '@crustallum/core/contracts/cut';

export interface Portion {
  name: string;
  kind: 'portion' | 'base' | 'lid';
  grams: number;
}

/**
 * What each portion should weigh, whole grams: so many of the same, those for somebody by their size, and base and lid apart
 * where they are two balls.
 */
export function portionsOf(o: {
  count: number;
  eachG: number;
  variants: readonly VariantInput[];
  /** Base's share of a pie's dough, where base and lid are two balls. */
  baseShare: number | null;
}): Portion[] {
  const sizes = o.variants.flatMap((v) =>
    Array.from({ length: v.pieces }, () => ({ name: v.name, size: v.sizePct / 100 })),
  );
  const pies = Array.from(
    { length: o.count },
    (_, i) => sizes[i - (o.count - Math.min(o.count, sizes.length))] ?? { name: '', size: 1 },
  );
  return pies.flatMap(({ name, size }, i): Portion[] => {
    const grams = Math.round(o.eachG * size);
    const said = name ? `, for ${name}` : '';
    if (o.baseShare === null) return [{ name: `portion ${i + 1}${said}`, kind: 'portion', grams }];
    const [base = 0, lid = 0] = targets(grams, 2, [o.baseShare, 1 - o.baseShare]);
    return [
      { name: `base ${i + 1}${said}`, kind: 'base', grams: base },
      { name: `lid ${i + 1}${said}`, kind: 'lid', grams: lid },
    ];
  });
}

/** The lid of a base of `d` mm with so wide a rim: as much larger as its dome, a sixth of its inside high, is long. */
export function lidFor(d: number, rimMm: number): number {
  const inner = Math.max(1, d - 2 * rimMm);
  return domeArc(inner, inner / 6) + 2 * Math.min(rimMm, (d - 1) / 2);
}

/** Share of a two-piece pie's dough that is its base. */
export const baseShare = (d: number, rimMm: number): number => d ** 2 / (d ** 2 + lidFor(d, rimMm) ** 2);
