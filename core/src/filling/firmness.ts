import { ingredientOf } from '../ingredients/table';
import { goesInRaw, type Preparation } from './inPie';
import { isPoured } from './poured';
import { usualYield } from './yields';

/** How a filling that is no sauce stands when a scoop of it is set down. */
export const firmnesses = ['crumbles', 'holds', 'slumps'] as const;
export type FirmnessName = (typeof firmnesses)[number];

/** What dries a filling that slumps, by how many times its own weight it takes up cold (estimates). */
export const drinkers = { freshCrumbs: 0.8, semolina: 1.5, mash: 0.2 } as const;
export type Drinker = keyof typeof drinkers;

export interface Firmness {
  /** What runs free and what is taken up, g; what of it is loose, g for 100 g of filling. */
  runs: { name: string; grams: number }[];
  held: { name: string; grams: number }[];
  loosePer100G: number;
  stands: FirmnessName;
  /** What would make it hold a scoop: of each thing that drinks, or of stock or egg; empty where it does. */
  drier: { kind: Drinker; grams: number }[];
  wetterG: number;
}

/** Taken up by what is in it, times its own weight (estimates; starch takes up what it does when it is hot). */
const takesUp: Record<string, number> = {
  breadcrumbs: 1.5,
  freshCrumbs: drinkers.freshCrumbs,
  semolina: drinkers.semolina,
  flour: 0.8,
  riceFlour: 1,
  cornflour: 6,
  potatoStarch: 8,
  rice: 0.15,
  lentils: 0.1,
  chestnut: 0.17,
};
/** Of an egg so much runs until the oven sets it, and of the free water of a curd that was drained (estimates). */
const eggRuns = 0.5;
const curdRuns = 0.5;
const mashTakesUp = drinkers.mash;
/** Loose liquid, g in 100 g: less and it falls to crumbs, more and it slumps; aimed at in between (estimates). */
const holds = { from: -8, to: 5, aim: 2 } as const;
/** A filling is one paste, and not pieces lying together, where so much of it is fine (estimate). */
const leastFine = 0.5;
const fine: ReadonlySet<Preparation> = new Set(['minced', 'mashed', 'grated', 'shredded', 'wilted']);
const fineIds: ReadonlySet<string> = new Set([
  'beefMince',
  'lambMince',
  'porkMince',
  'sausageMeat',
  'breadcrumbs',
  'freshCrumbs',
  'semolina',
  'rice',
  'lentils',
  'egg',
]);

interface Part {
  name: string;
  ingredient: string | null;
  preparation: Preparation;
  trimmedG: number;
  inPieG: number;
}

const isFine = ({ ingredient, preparation }: Part): boolean =>
  fine.has(preparation) || fineIds.has(ingredient ?? '') || ingredientOf(ingredient ?? '')?.group === 'cheese';

function runsOf({ ingredient, preparation, inPieG }: Part): number {
  const id = ingredient ?? '';
  if (isPoured(id)) return inPieG;
  if (ingredientOf(id)?.group === 'egg') return eggRuns * inPieG;
  const freeG = (inPieG * (usualYield(id)?.freeWaterPct ?? 0)) / 100;
  if (ingredientOf(id)?.group === 'cheese') return curdRuns * freeG;
  // what was cooked has let go of its water
  return goesInRaw.has(preparation) && ingredientOf(id)?.group !== 'meat' ? freeG : 0;
}

const heldBy = ({ ingredient, preparation, inPieG }: Part): number =>
  inPieG * (takesUp[ingredient ?? ''] ?? (preparation === 'mashed' ? mashTakesUp : 0));

/**
 * Whether a paste of a filling holds a scoop: what runs free in it against what its crumbs, grains and mash take up. Null for
 * pieces that only lie together. All of it estimates; a spoonful set on a plate is the proof.
 * @example firmnessOf([{ name: 'Ricotta', ingredient: 'ricotta', preparation: 'drained', trimmedG: 300, inPieG: 300 }])?.stands // 'holds'
 */
export function firmnessOf(parts: readonly Part[]): Firmness | null {
  const all = parts.reduce((sum, p) => sum + p.inPieG, 0);
  const fineG = parts.filter(isFine).reduce((sum, p) => sum + p.inPieG, 0);
  if (all <= 0 || fineG < leastFine * all) return null;
  const told = (of: (p: Part) => number) =>
    parts.map((p) => ({ name: p.name, grams: of(p) })).filter(({ grams }) => grams > 0.5);
  const runs = told(runsOf);
  const held = told(heldBy);
  const sum = (list: readonly { grams: number }[]) => list.reduce((total, p) => total + p.grams, 0);
  const loosePer100G = (100 * (sum(runs) - sum(held))) / all;
  const stands = loosePer100G > holds.to ? 'slumps' : loosePer100G < holds.from ? 'crumbles' : 'holds';
  const offG = ((loosePer100G - holds.aim) * all) / 100;
  return {
    runs,
    held,
    loosePer100G,
    stands,
    drier:
      stands === 'slumps'
        ? (Object.keys(drinkers) as Drinker[]).map((kind) => ({ kind, grams: offG / drinkers[kind] }))
        : [],
    wetterG: stands === 'crumbles' ? -offG : 0,
  };
}
