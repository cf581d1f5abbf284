/** What an amount measures; its base unit is g, ml, mm, °C, gas mark or piece. */
export type Dimension = 'mass' | 'volume' | 'length' | 'temperature' | 'gas' | 'count';
/** Whose cups and spoons: a cup is 236.6, 250 or 284.1 ml by where the recipe comes from. */
export const measureSystems = ['us', 'metric', 'imperial'] as const;
export type MeasureSystem = (typeof measureSystems)[number];

export interface Unit {
  dimension: Dimension;
  /** Base units in one of it: a number, or one for each system where they differ. */
  base: number | Readonly<Record<MeasureSystem, number>>;
  /** How it is written, without points and in small letters. */
  written: readonly string[];
  /** Its size is custom, not definition. */
  loose?: boolean;
}

const usFluidOunceMl = 29.5735295625;
const imperialFluidOunceMl = 28.4130625;
const ounceG = 28.349523125;

/** Definitions: international pound 1959, US gallon of 231 cubic inches, imperial gallon of 4.54609 l; metric cup and spoons by custom. */
export const units = {
  g: { dimension: 'mass', base: 1, written: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes'] },
  kg: { dimension: 'mass', base: 1000, written: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'] },
  mg: { dimension: 'mass', base: 0.001, written: ['mg', 'milligram', 'milligrams'] },
  oz: { dimension: 'mass', base: ounceG, written: ['oz', 'ounce', 'ounces'] },
  lb: { dimension: 'mass', base: 16 * ounceG, written: ['lb', 'lbs', 'pound', 'pounds'] },
  stick: { dimension: 'mass', base: 4 * ounceG, written: ['stick', 'sticks'] },
  ml: { dimension: 'volume', base: 1, written: ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters'] },
  cl: { dimension: 'volume', base: 10, written: ['cl', 'centilitre', 'centilitres'] },
  dl: { dimension: 'volume', base: 100, written: ['dl', 'decilitre', 'decilitres'] },
  l: { dimension: 'volume', base: 1000, written: ['l', 'litre', 'litres', 'liter', 'liters'] },
  cup: {
    dimension: 'volume',
    base: { us: 8 * usFluidOunceMl, metric: 250, imperial: 10 * imperialFluidOunceMl },
    written: ['cup', 'cups', 'c'],
  },
  tbsp: {
    dimension: 'volume',
    base: { us: usFluidOunceMl / 2, metric: 15, imperial: imperialFluidOunceMl * 0.625 },
    written: ['tbsp', 'tbsps', 'tbs', 'tablespoon', 'tablespoons'],
  },
  tsp: {
    dimension: 'volume',
    base: { us: usFluidOunceMl / 6, metric: 5, imperial: (imperialFluidOunceMl * 0.625) / 3 },
    written: ['tsp', 'tsps', 'teaspoon', 'teaspoons'],
  },
  flOz: {
    dimension: 'volume',
    base: { us: usFluidOunceMl, metric: imperialFluidOunceMl, imperial: imperialFluidOunceMl },
    written: ['fl oz', 'floz', 'fluid oz', 'fluid ounce', 'fluid ounces'],
  },
  gill: {
    dimension: 'volume',
    base: { us: 4 * usFluidOunceMl, metric: 5 * imperialFluidOunceMl, imperial: 5 * imperialFluidOunceMl },
    written: ['gill', 'gills'],
  },
  pint: {
    dimension: 'volume',
    base: { us: 16 * usFluidOunceMl, metric: 20 * imperialFluidOunceMl, imperial: 20 * imperialFluidOunceMl },
    written: ['pint', 'pints', 'pt', 'pts'],
  },
  pinch: { dimension: 'volume', base: 0.3, written: ['pinch', 'pinches'], loose: true },
  dash: { dimension: 'volume', base: 0.6, written: ['dash', 'dashes'], loose: true },
  mm: { dimension: 'length', base: 1, written: ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'] },
  cm: { dimension: 'length', base: 10, written: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'] },
  inch: { dimension: 'length', base: 25.4, written: ['inch', 'inches', 'in', '"', '″'] },
  celsius: {
    dimension: 'temperature',
    base: 1,
    written: ['°c', '° c', 'c°', 'degrees c', 'degrees celsius', 'celsius'],
  },
  fahrenheit: {
    dimension: 'temperature',
    base: 1,
    written: ['°f', '° f', 'f°', 'degrees f', 'degrees fahrenheit', 'fahrenheit'],
  },
  degree: { dimension: 'temperature', base: 1, written: ['°', 'degrees', 'degree'] },
  gas: { dimension: 'gas', base: 1, written: ['gas mark', 'gas'] },
  piece: { dimension: 'count', base: 1, written: [] },
} as const satisfies Record<string, Unit>;
export type UnitName = keyof typeof units;

/** Every written form with its unit, the longest first, so that "fl oz" is not read as something else and then "oz". */
export const writtenUnits: readonly (readonly [written: string, unit: UnitName])[] = (
  Object.entries(units) as [UnitName, Unit][]
)
  .flatMap(([name, unit]) => unit.written.map((written) => [written, name] as const))
  .sort((a, b) => b[0].length - a[0].length);

/** Base units in one of a unit, by whose measure it is. */
export const baseOf = (name: UnitName, system: MeasureSystem): number => {
  const { base }: Unit = units[name];
  return typeof base === 'number' ? base : base[system];
};
/** Whether the size of a unit depends on where the recipe comes from. */
export const differs = (name: UnitName): boolean => typeof (units[name] as Unit).base !== 'number';
