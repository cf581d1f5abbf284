import type { FormulaPart } from '@crustallum/core/dough/formula';
import { ingredientOf } from '@crustallum/core/ingredients/table';
import type { RunEventInput } from '@crustallum/core/contracts/run';
import type { RunPlan } from './run';

export interface Weighed {
  id: string;
  grams: number;
  /** What all of it was multiplied by with this one, where it was. */
  factor?: number;
}

/** What was really weighed and poured for one item, out of its events. */
export interface Weighing {
  /** In the order of the parts. */
  weighed: Weighed[];
  /** What everything is multiplied by since all of it was made more, or less, for one of them. */
  factor: number;
  topUpsG: number[];
  /** Flour dusted in because it stuck. */
  dustedG: number;
  feel: string | null;
  /** What went into the pot by feel, pour by pour, and how it felt last. */
  pot: { name: string; grams: number }[];
  potFeel: string | null;
}

const nothingWeighed: Weighing = {
  weighed: [],
  factor: 1,
  topUpsG: [],
  dustedG: 0,
  feel: null,
  pot: [],
  potFeel: null,
};

/** Plays the weighing of one item; an undo takes back the last. */
export function weighingOf(events: readonly RunEventInput[], itemIndex: number): Weighing {
  let now = nothingWeighed;
  for (const e of events) {
    if (Number(e.data['itemIndex']) !== itemIndex) continue;
    const grams = Number(e.data['grams']);
    if (e.type === 'weighed') {
      const factor = e.data['factor'] === undefined ? {} : { factor: Number(e.data['factor']) };
      const weighed = e.data['undo']
        ? now.weighed.slice(0, -1)
        : [...now.weighed, { id: String(e.data['id']), grams, ...factor }];
      // taken back, what it did to all the rest is taken back too
      now = { ...now, weighed, factor: weighed.reduce((product, w) => product * (w.factor ?? 1), 1) };
    }
    if (e.type === 'poured' && e.data['pot'] !== undefined) {
      const name = e.data['pot'] as string;
      const last = now.pot.findLastIndex((p) => p.name === name);
      const pot = e.data['undo'] ? now.pot.filter((_, i) => i !== last) : [...now.pot, { name, grams }];
      now = { ...now, pot };
    } else if (e.type === 'poured' && e.data['dust']) now = { ...now, dustedG: Math.max(0, now.dustedG + grams) };
    else if (e.type === 'poured')
      now = { ...now, topUpsG: e.data['undo'] ? now.topUpsG.slice(0, -1) : [...now.topUpsG, grams] };
    if (e.type === 'feel' && e.data['test'] === undefined)
      now = e.data['pot'] ? { ...now, potFeel: String(e.data['feel']) } : { ...now, feel: String(e.data['feel']) };
  }
  return now;
}

/** Near enough not to speak of: a gram, or two in a hundred. */
export const tolerance = (target: number): number => Math.max(1, 0.02 * target);

/** What all of it was multiplied by after the i-th was in: only then is that one added to, or taken out of. */
const since = ({ weighed }: Weighing, i: number): number =>
  weighed.slice(i + 1).reduce((product, w) => product * (w.factor ?? 1), 1);

/** What is in already, against what is wanted of it since all was made more or less: positive where some is to be added. */
const short = (parts: readonly FormulaPart[], now: Weighing): Weighed[] =>
  now.weighed.flatMap((w, i) =>
    since(now, i) === 1 ? [] : [{ id: w.id, grams: (parts[i]?.grams ?? 0) * now.factor - w.grams }],
  );

/** What is still to be added to what is in already, after scaling up. */
export const toAdd = (parts: readonly FormulaPart[], now: Weighing): Weighed[] =>
  short(parts, now).filter((w) => w.grams > tolerance(w.grams + 1));

/** What is to be taken out of what is in already, since less of it all is made. */
export const toTakeOut = (parts: readonly FormulaPart[], now: Weighing): Weighed[] =>
  short(parts, now)
    .map((w) => ({ ...w, grams: -w.grams }))
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
    const target = p.grams * now.factor;
    // all made more, or less, after it was in: it is taken as added to, or taken out of, to its new target
    const later = since(now, i);
    const made =
      weighed === undefined
        ? target
        : later > 1
          ? Math.max(weighed, target)
          : later < 1
            ? Math.min(weighed, target)
            : weighed;
    const dusted = i === 0 ? now.dustedG : 0;
    return { ...p, grams: (p === liquid && poured !== null ? poured : made) + dusted };
  });
}

/** What went into the pot of one thing, g; null where nobody poured any. */
export const inThePot = (now: Weighing, name: string): number | null => {
  const pours = now.pot.filter((p) => p.name === name);
  return pours.length === 0 ? null : pours.reduce((sum, p) => sum + p.grams, 0);
};
