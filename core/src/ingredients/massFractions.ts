/** Mass fractions 0..1. `sugar` is part of `carb`, `salt` part of `ash`. */
export interface Composition {
  water: number;
  fat: number;
  protein: number;
  carb: number;
  fibre: number;
  ash: number;
  sugar: number;
  salt: number;
}

/** Share of each fat curve in the total fat; shares sum to 1 where there is fat. */
export interface FatShare {
  fat: string;
  share: number;
}

export interface IngredientComposition extends Composition {
  fatCurve: string;
}
