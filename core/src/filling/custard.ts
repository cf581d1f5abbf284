/** How an egg-set filling stands when it is cool: it runs, trembles, is firm, or can be sliced cold. */
export const custardSets = ['runs', 'trembling', 'firm', 'slices'] as const;
export type CustardSet = (typeof custardSets)[number];

/** Egg (g) to 100 g of liquid from which a custard trembles, is firm, slices cold; what counts as egg, and what starch adds. Estimates. */
const tremblesFrom = 22;
const firmFrom = 28;
const slicesFrom = 35;
const yolkCounts = 1.5;
const cheeseCounts = 0.12;
const weepsC = 82;
const starchPct = 2;
const starchRaisesK = 6;

export interface Custard {
  /** Egg, or what sets as egg does, g for 100 g of liquid. */
  eggPer100G: number;
  sets: CustardSet;
  /** Over this in the middle it weeps, °C. */
  weepsC: number;
}

/**
 * How a custard sets, from grams of egg, yolk, liquid, cheese and starch: `(egg + 1.5 yolk + 0.12 cheese) / liquid`, by ordinary
 * practice (an estimate). Null where there is no egg, or no liquid to set.
 * @example custardSet({ eggG: 150, yolkG: 0, liquidG: 300, cheeseG: 0, starchG: 0 })?.sets // 'slices'
 */
export function custardSet(g: {
  eggG: number;
  yolkG: number;
  liquidG: number;
  cheeseG: number;
  starchG: number;
}): Custard | null {
  const egg = g.eggG + yolkCounts * g.yolkG;
  if (!(egg > 0) || !(g.liquidG > 0)) return null;
  const eggPer100G = (100 * (egg + cheeseCounts * g.cheeseG)) / g.liquidG;
  const sets =
    eggPer100G >= slicesFrom
      ? 'slices'
      : eggPer100G >= firmFrom
        ? 'firm'
        : eggPer100G >= tremblesFrom
          ? 'trembling'
          : 'runs';
  return { eggPer100G, sets, weepsC: weepsC + ((100 * g.starchG) / g.liquidG >= starchPct ? starchRaisesK : 0) };
}
