import { within } from '../quantities/refusal';

export const eggSizes = ['S', 'M', 'L', 'XL'] as const;
export type EggSize = (typeof eggSizes)[number];

/** Contents of an egg, g. Estimates: middle of each European size class, 88 % of it inside the shell; yolks vary less than whites. */
export const eggContents: Readonly<Record<EggSize, { yolkG: number; whiteG: number }>> = {
  S: { yolkG: 14.5, whiteG: 29 },
  M: { yolkG: 16.5, whiteG: 34.5 },
  L: { yolkG: 18.5, whiteG: 41.5 },
  XL: { yolkG: 20, whiteG: 48 },
};

/** What a beaten rest is good for: enough to brush a lid, enough for the next dough, else the freezer. */
export type RestUse = 'none' | 'wash' | 'nextDough' | 'freezer';

export interface EggOption {
  /** Beaten and weighed; whole eggs fewer or more than asked; or whole eggs with single yolks or whites. */
  kind: 'weighed' | 'fewer' | 'more' | 'split';
  /** Eggs cracked. */
  eggs: number;
  whole: number;
  yolks: number;
  whites: number;
  usedG: number;
  /** Used less wanted: water to add when it is short, or to leave out when it is over. */
  offByG: number;
  /** What every other ingredient would be multiplied by to fit these eggs exactly. */
  factor: number;
  rest: { beatenG: number; yolkG: number; whiteG: number; use: RestUse };
}

const smallestWashG = 6;
const mostSpare = 2;

const useOf = (g: number): RestUse =>
  g < 0.5 ? 'none' : g < smallestWashG ? 'freezer' : g <= 25 ? 'wash' : 'nextDough';

/**
 * The ways to come to a mass of egg (g, 1 to 2000) from eggs of a size: beaten and weighed, the nearest whole numbers below
 * and above, and splits with up to two single yolks or whites that come nearer. Exact for the contents given; those are
 * estimates. Ordered by how little is left, the weighed one first.
 */
export function eggOptions(wantedG: number, size: EggSize): EggOption[] {
  within(wantedG, 1, 2000, 'wantedG');
  const { yolkG, whiteG } = eggContents[size];
  const eggG = yolkG + whiteG;
  const option = (kind: EggOption['kind'], whole: number, yolks: number, whites: number, usedG: number): EggOption => {
    const eggs = kind === 'weighed' ? Math.ceil(wantedG / eggG - 1e-9) : whole + Math.max(yolks, whites);
    const single = eggs - whole;
    const rest =
      kind === 'weighed'
        ? { beatenG: eggs * eggG - usedG, yolkG: 0, whiteG: 0 }
        : { beatenG: 0, yolkG: (single - yolks) * yolkG, whiteG: (single - whites) * whiteG };
    return {
      kind,
      eggs,
      whole,
      yolks,
      whites,
      usedG,
      offByG: usedG - wantedG,
      factor: usedG / wantedG,
      rest: { ...rest, use: useOf(rest.beatenG + rest.yolkG + rest.whiteG) },
    };
  };
  const exact = wantedG / eggG;
  const options = [option('weighed', 0, 0, 0, wantedG)];
  const [below, above] = [Math.floor(exact + 1e-9), Math.ceil(exact - 1e-9)];
  if (below > 0) options.push(option(below === above ? 'more' : 'fewer', below, 0, 0, below * eggG));
  if (above !== below) options.push(option('more', above, 0, 0, above * eggG));
  const nearestWhole = Math.min(...options.slice(1).map((o) => Math.abs(o.offByG)));
  let best: EggOption | null = null;
  for (let whole = Math.max(0, below - 1); whole <= above; whole++)
    for (let yolks = 0; yolks <= mostSpare; yolks++)
      for (let whites = 0; whites <= mostSpare; whites++) {
        // a yolk and a white together are a whole egg
        if (yolks + whites === 0 || (yolks > 0 && whites > 0)) continue;
        const made = option('split', whole, yolks, whites, whole * eggG + yolks * yolkG + whites * whiteG);
        if (Math.abs(made.offByG) < Math.abs(best?.offByG ?? Infinity)) best = made;
      }
  if (best && Math.abs(best.offByG) < nearestWhole - 1) options.push(best);
  const left = ({ rest }: EggOption) => rest.beatenG + rest.yolkG + rest.whiteG;
  return [options[0], ...options.slice(1).sort((a, b) => Math.abs(a.offByG) + left(a) - Math.abs(b.offByG) - left(b))];
}
