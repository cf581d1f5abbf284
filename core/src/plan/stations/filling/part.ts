import type { ItemInput } from '../../../contracts/item';
import { inPie, usualPreparation, type Preparation } from '../../../filling/inPie';
import { ingredientNamed } from '../../../ingredients/named';
import { fillingKinds } from '../../../oven/tables';

/** One thing of a filling: bought for all, trimmed, ready for the pastry, and what of it goes into one piece; all in g. */
export interface FillingPart {
  name: string;
  grams: number;
  trimmedG: number;
  inPieG: number;
  eachG: number;
  preparation: Preparation;
  layer: number;
  /** Salt it takes of its own or of the filling's, g, and the share of it that is, %. */
  saltG: number;
  saltPct: number;
  /** Cooked apart it gives so much liquid, g, and where that goes. */
  givesG: number;
  givesTo: 'pot' | 'larder';
  /** When the cook puts it into the pot, min after the pot was begun. */
  entersMin?: number;
}

/** What goes into so much filling, by its list; in layers from below, else as it was written. */
export function partsOfFilling(filling: ItemInput['filling'], totalG: number, pieces: number): FillingPart[] {
  const { raw } = fillingKinds[filling.type];
  return filling.ingredients.map(
    ({ name, gramsPer100, preparation, ownYieldPct, layer, saltPct, entersMin, givesPer100, givesTo }, at) => {
      const ingredient = ingredientNamed(name);
      const grams = (totalG * gramsPer100) / 100;
      const done = preparation ?? usualPreparation(ingredient, raw);
      const { trimmedG, inPieG } = inPie({ ingredient, grams, preparation: done, ownYieldPct });
      // a mix is salted as one
      const pct = filling.layered ? (saltPct ?? filling.saltPct) : filling.saltPct;
      return {
        name,
        grams,
        trimmedG,
        inPieG,
        eachG: inPieG / Math.max(1, pieces),
        preparation: done,
        layer: layer ?? at + 1,
        givesG: (grams * (givesPer100 ?? 0)) / 100,
        givesTo: givesTo ?? 'pot',
        saltPct: pct,
        saltG: (inPieG * pct) / 100,
        ...(entersMin === undefined ? {} : { entersMin }),
      };
    },
  );
}
