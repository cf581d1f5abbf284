import { colourLevel, washFactors, type ColourLevel, type Wash } from '../oven/tables';
import { within } from '../quantities/refusal';

/** What is under the brush for each wash, with its share. */
export const brushedWith: Record<Wash, readonly (readonly [id: string, share: number])[]> = {
  none: [],
  water: [['water', 1]],
  milk: [['milk', 1]],
  plantmilk: [['oatDrink', 1]],
  cream: [['cream', 1]],
  oil: [['oil', 1]],
  butter: [['butter', 1]],
  egg: [['egg', 1]],
  eggwater: [
    ['egg', 0.75],
    ['water', 0.25],
  ],
  eggmilk: [
    ['egg', 0.7],
    ['milk', 0.3],
  ],
  eggwhite: [['eggWhite', 1]],
  yolk: [['yolk', 1]],
  yolkcream: [
    ['yolk', 0.5],
    ['cream', 0.5],
  ],
  milksugar: [
    ['milk', 0.8],
    ['sugar', 0.2],
  ],
  syrup: [['sugar', 1]],
};

/** How it shines: none, a little, or like lacquer; by what dries on it (estimates). */
export const glosses = ['matt', 'soft', 'glossy'] as const;
export type Gloss = (typeof glosses)[number];
const glossOf: Record<Wash, Gloss> = {
  none: 'matt',
  water: 'matt',
  milk: 'soft',
  plantmilk: 'matt',
  cream: 'soft',
  oil: 'soft',
  butter: 'soft',
  egg: 'glossy',
  eggwater: 'glossy',
  eggmilk: 'glossy',
  eggwhite: 'glossy',
  yolk: 'glossy',
  yolkcream: 'glossy',
  milksugar: 'soft',
  syrup: 'glossy',
};

/** A thin coat takes so much, g/m² (estimate); a second one, half way through the bake, evens the gloss. */
export const washGramsPerM2 = 90;
export const secondCoatShare = 0.5;

/** What another wash would make of a crust that browns so far under this one, in the same oven and minutes. */
export interface WashColour {
  wash: Wash;
  level: ColourLevel;
  /** Browning dose: 1 is first gold. */
  dose: number;
  /** Minute of first gold; null where it does not come to it in this bake. */
  goldMin: number | null;
  gloss: Gloss;
}

/** How brown a crust is by the minute, and at the end of its bake. */
export interface Browned {
  dose: number;
  series: readonly { tMin: number; browning: number }[];
}

/**
 * Colours every wash would give a crust whose browning came to `dose` under `wash`: the dose goes with the wash's own factor
 * (estimates), everything else as it was. Two coats shine where one would be soft.
 * @example washColours('milk', { dose: 1.9, series: [] }, 1).find((c) => c.wash === 'egg')?.level // 'golden'
 */
export function washColours(wash: Wash, { dose, series }: Browned, coats: number): WashColour[] {
  within(dose, 0, 1000, 'dose');
  return (Object.keys(washFactors) as Wash[]).map((other) => {
    const times = washFactors[other] / washFactors[wash];
    const reached = dose * times;
    const after = series.findIndex((r) => r.browning * times >= 1);
    const [a, b] = [series[after - 1], series[after]];
    const gloss = glossOf[other];
    return {
      wash: other,
      dose: reached,
      goldMin: b
        ? a
          ? a.tMin + ((1 / times - a.browning) / (b.browning - a.browning)) * (b.tMin - a.tMin)
          : b.tMin
        : null,
      level: colourLevel(reached),
      gloss: coats > 1 && gloss === 'soft' ? 'glossy' : gloss,
    };
  });
}
