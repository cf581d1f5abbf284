import type { FormulaPart } from '@crustallum/core/dough/formula';
import { ingredientOf } from '@crustallum/core/ingredients/table';
import type { BenchEvent, RunPlan } from './run';

export interface Weighed {
  id: string;
  grams: number;
}

/** What was really weighed and poured for one item, out of its events. */
export interface Weighing {
  /** In the order of the parts. */
  weighed: Weighed[];
  /** What everything is multiplied by since an over-pour was scaled up to. */
  factor: number;
  topUpsG: number[];
  feel: string | null;
}

const nothingWeighed: Weighing = { weighed: [], factor: 1, topUpsG: [], feel: null };

/** Plays the weighing of one item; an undo takes back the last. */
export function weighingOf(events: readonly BenchEvent[], itemIndex: number): Weighing {
  let now = nothingWeighed;
  for (const e of events) {
    if (Number(e.data['itemIndex']) !== itemIndex) continue;
    const grams = Number(e.data['grams']);
    if (e.type === 'weighed')
      now = e.data['undo']
        ? { ...now, weighed: now.weighed.slice(0, -1) }
        : {
            ...now,
            weighed: [...now.weighed, { id: String(e.data['id']), grams }],
            factor: now.factor * Number(e.data['factor'] ?? 1),
          };
    if (e.type === 'poured')
      now = { ...now, topUpsG: e.data['undo'] ? now.topUpsG.slice(0, -1) : [...now.topUpsG, grams] };
    if (e.type === 'feel') now = { ...now, feel: String(e.data['feel']) };
  }
  return now;
}

/** Near enough not to speak of: a gram, or two in a hundred. */
export const tolerance = (target: number): number => Math.max(1, 0.02 * target);

/** What lies in already over what is wanted of it, since less of it all is made. */
export const toTakeOut = (parts: readonly FormulaPart[], { weighed, factor }: Weighing): Weighed[] =>
  factor >= 1
    ? []
    : weighed
        .map((w, i) => ({ id: w.id, grams: w.grams - (parts[i]?.grams ?? 0) * factor }))
        .filter((w) => w.grams > tolerance(w.grams + 1));

/** What is still to be added to what is in already, after scaling up. */
export const toAdd = (parts: readonly FormulaPart[], { weighed, factor }: Weighing): Weighed[] =>
  weighed
    .map((w, i) => ({ id: w.id, grams: (parts[i]?.grams ?? 0) * factor - w.grams }))
    .filter((w) => w.grams > tolerance(w.grams + 1));

/** What is poured by feel: the water, or where there is none the most of what is poured in its place; null where nothing is. */
export function pouredPart(parts: readonly FormulaPart[]): FormulaPart | null {
  const liquid = parts.filter((p) => p.id === 'water' || pourable.has(ingredientOf(p.id)?.group ?? ''));
  const water = liquid.find((p) => p.id === 'water' && p.grams >= leastPouredG);
  return water ?? liquid.toSorted((a, b) => b.grams - a.grams).find((p) => p.grams >= leastPouredG) ?? null;
}
const pourable = new Set(['liquid', 'dairy']);
const leastPouredG = 1;

/** The dough as it was really made: weighed where it was weighed, planned where nobody did, liquid as it was poured. */
export function actualParts(item: RunPlan['items'][number], now: Weighing): FormulaPart[] {
  const { parts = [], firstLotPct = 100 } = item;
  const liquid = pouredPart(parts);
  const poured =
    liquid && now.topUpsG.length > 0
      ? (liquid.grams * now.factor * firstLotPct) / 100 + now.topUpsG.reduce((sum, g) => sum + g, 0)
      : null;
  return parts.map((p, i) => {
    const weighed = now.weighed[i]?.grams;
    // after scaling up, what was short is taken as made up to the new target
    const made =
      weighed === undefined ? p.grams * now.factor : now.factor > 1 ? Math.max(weighed, p.grams * now.factor) : weighed;
    return { ...p, grams: p === liquid && poured !== null ? poured : made };
  });
}
