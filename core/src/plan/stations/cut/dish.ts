import { piece } from '../../../cutting/piece';
import { twoCutters } from '../../../cutting/twoCutters';
import { RefusedInput } from '../../../quantities/refusal';
import { remember } from '../../memo';
import { stripRows } from '../../../cutting/strips';
import { crimps } from '../../../sealing/seals';
import { baseBlank, discAndBand, domeVolume, fillCapacity, latticeStrips, lidBlank } from '../../../vessels/blanks';
import { perimeter, planArea, type VesselGeometry } from '../../../vessels/vessel';
import type { ItemInput } from '../../../contracts/item';
import { doughDensity, type BlankKind, type BlankShape, type CutResult } from './result';
import { problem, type Problem } from '../../problem';
import { stop } from './problems';
import type { KitchenInput } from '../../../contracts/kitchen';
import { areCups } from '../../steps/cups';
import { benchMinutes } from '../../steps/minutes';

const domeShare = 1 / 12;
/** What two lengths of a band or strand lap where they are joined, mm. */
const joinMm = 15;
/** Strips of a lattice where the cook has set none, mm. */
const stripMm = 20;
const stripGapMm = 15;

interface Blanks {
  blanks: BlankShape[];
  /** Sheets, mm: what they weigh is the dough to make. */
  sheetsMm2: number;
  fullness: number;
}

/** Everything cut for one kind of dish: base or bottom and band, lid or lattice, and a plait for its edge. */
function blanksOf(item: ItemInput, g: VesselGeometry, dishes: number, benchLong: number): Blanks {
  const { cut, seal } = item;
  const rho = doughDensity[item.dough.pastry];
  const { lidOverMm, baseOverMm } = crimps[seal.crimp];
  const rimCover = g.rim || seal.rimMm;
  const blanks: BlankShape[] = [];
  let sheetsMm2 = 0;
  const grams = (mm2: number) => (mm2 * cut.thicknessMm * rho) / 1000;
  const roundness = g.form === 'rect' ? 1 : Math.PI / 4;
  const add = (kind: BlankKind, form: BlankShape['form'], dims: [number, number], count: number, sheet?: number) => {
    const k = form === 'rect' ? 1 : roundness;
    blanks.push({ kind, form, dims, count: count * dishes, massG: grams(dims[0] * dims[1] * k) });
    const [a, b] = dims.map((d) => d + 2 * cut.trimMm) as [number, number];
    sheetsMm2 += dishes * (sheet ?? count * a * b * k);
  };
  let fullness = 0;
  if (item.product !== 'potPies') {
    const base = baseBlank(g, rimCover, baseOverMm);
    fullness = base.fullness;
    if (cut.lining === 'band') {
      const b = discAndBand(g, rimCover, baseOverMm);
      add('bottom', g.form, b.discDims, 1);
      const lengths = Math.ceil((b.length - joinMm) / (benchLong - 2 * cut.trimMm - joinMm));
      add('band', 'rect', [(b.length - joinMm) / lengths + joinMm, b.height], lengths);
    } else add('base', g.form, base.dims, 1);
  }
  const dome = Math.min(g.top.length, g.top.width) * domeShare;
  if ((cut.lid ?? 'whole') === 'whole') add('lid', g.form, lidBlank(g, rimCover, lidOverMm, dome).dims, 1);
  else if (cut.lid === 'lattice') {
    const [width, spacing] = [cut.stripMm ?? stripMm, cut.stripGapMm ?? stripGapMm];
    const strips = latticeStrips(g, { width, spacing, woven: cut.woven ?? true, overhang: lidOverMm });
    const longest = Math.max(...strips.map((s) => s.length));
    const { rows } = stripRows({ lengths: strips.map((s) => s.length), L: Math.max(longest, 20) });
    const sheet = (longest + 2 * cut.trimMm) * ((rows ?? strips.length) * width + 2 * cut.trimMm);
    const sizes = new Map<number, number>();
    for (const s of strips) sizes.set(s.length, (sizes.get(s.length) ?? 0) + 1);
    [...sizes]
      .sort((a, b) => b[0] - a[0])
      .forEach(([length, n], i) => add('strip', 'rect', [length, width], n, i ? 0 : sheet));
  }
  if (cut.plaitEdge) {
    const width = cut.stripMm ?? stripMm;
    const edge = perimeter(g.form, g.top, g.corner);
    const { strandLen } = piece({ kind: 'plait', len: Math.min(2000, edge), mass: 100 });
    const whole = (strandLen as number) * (edge / Math.min(2000, edge));
    const lengths = Math.ceil((whole - joinMm) / (benchLong - 2 * cut.trimMm - joinMm));
    const each = (whole - joinMm) / lengths + joinMm;
    add('strand', 'rect', [each, width], 3 * lengths, (each + 2 * cut.trimMm) * (3 * lengths * width + 2 * cut.trimMm));
  }
  return { blanks, sheetsMm2, fullness };
}

/** Bases and lids of cups laid on one sheet by two cutters; null where something else is cut, or none fits bench and pin. */
function laidTogether(
  item: ItemInput,
  { benchLengthMm, benchWidthMm, pinMm }: KitchenInput,
  blanks: readonly BlankShape[],
) {
  const [base, lid, other] = blanks;
  if (other || base?.kind !== 'base' || lid?.kind !== 'lid' || base.form !== 'round') return null;
  const asked = {
    baseMm: base.dims[0],
    lidMm: lid.dims[0],
    pairs: base.count,
    trim: item.cut.trimMm,
    gap: item.cut.gapMm,
    long: Math.max(benchLengthMm, benchWidthMm),
    wide: Math.min(benchLengthMm, benchWidthMm, pinMm),
    maxRerolls: item.cut.maxReRolls,
  };
  return remember(['twoCutters', asked], () => {
    try {
      return twoCutters(asked);
    } catch (error) {
      if (error instanceof RefusedInput) return null;
      throw error;
    }
  });
}

/** Sheets that blanks of cups are cut from by area: no longer than the bench, no wider than the pin and it allow. */
function cupSheets(mm2: number, { benchLengthMm, benchWidthMm, pinMm }: KitchenInput) {
  const [long, short] = [Math.max(benchLengthMm, benchWidthMm), Math.min(benchLengthMm, benchWidthMm, pinMm)];
  const sheets = Math.max(1, Math.ceil(mm2 / (long * short)));
  const widthMm = Math.min(short, Math.sqrt(mm2 / sheets / 1.5));
  return { lengthMm: mm2 / sheets / widthMm, widthMm, sheets };
}

/** What a dish's figures need besides the result. */
export interface DishCut {
  result: CutResult;
  problems: Problem[];
  dishes: number;
  /** How much of the base has to be eased into folds, 0 to 1. */
  fullness: number;
  /** Dough in the sheets and in what is cut from them, g. */
  sheetsG: number;
  cutG: number;
  /** For one dish: what lies under the filling, and over it, g. */
  underG: number;
  overG: number;
  largestMm: [number, number];
}

/** Share of a top that a lattice leaves open: between its strips, both ways. */
function latticeOpen(item: ItemInput): number {
  const [width, gap] = [item.cut.stripMm ?? stripMm, item.cut.stripGapMm ?? stripGapMm];
  return (gap / (width + gap)) ** 2;
}

/** Blanks for pies baked in a dish, and the dough their sheets take. */
export function dishCut(item: ItemInput, kitchen: KitchenInput, g: VesselGeometry): DishCut {
  const { cut, brief } = item;
  const rho = doughDensity[item.dough.pastry];
  const pots = item.product === 'potPies';
  const dishes = pots ? brief.count : (cut.dishes ?? 1);
  const benchLong = Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm);
  const { blanks, sheetsMm2, fullness } = blanksOf(item, g, dishes, benchLong);
  const largest = blanks.reduce<[number, number]>(
    (most, b) => (Math.min(...b.dims) > Math.min(...most) ? b.dims : most),
    [0, 0],
  );
  const [long, short] = [Math.max(...largest) + 2 * cut.trimMm, Math.min(...largest) + 2 * cut.trimMm];
  const cups = areCups(item, dishes);
  const together = cups ? laidTogether(item, kitchen, blanks) : null;
  const [first] = together?.rolls ?? [];
  const sheetsG = ((together?.doughMm2 ?? sheetsMm2) * cut.thicknessMm * rho) / 1000;
  const cuts = blanks.reduce((sum, b) => sum + b.count, 0);
  const cutG = blanks.reduce((sum, b) => sum + b.count * b.massG, 0);
  const each = (kinds: readonly BlankKind[]) =>
    blanks.filter((b) => kinds.includes(b.kind)).reduce((total, b) => total + b.massG * b.count, 0) / dishes;
  const lid = blanks.find((b) => b.kind === 'lid');
  const top = planArea(g.form, g.top, g.corner);
  const dome = lid ? Math.min(g.top.length, g.top.width) * domeShare : 0;
  const lined = fillCapacity(g, { dough: cut.thicknessMm, dome });
  const result: CutResult = {
    doughMassG: sheetsG,
    rolled: cups
      ? {
          ...(first
            ? {
                lengthMm: Math.max(first.lengthMm, first.widthMm),
                widthMm: Math.min(first.lengthMm, first.widthMm),
                sheets: first.sheets,
              }
            : cupSheets(sheetsMm2, kitchen)),
          thicknessMm: cut.thicknessMm,
          shape: 'rect',
        }
      : {
          lengthMm: long,
          widthMm: short,
          thicknessMm: cut.thicknessMm,
          sheets: cuts,
          shape: g.form === 'rect' ? 'rect' : 'round',
        },
    generations: [],
    way: 'sheet',
    edge: null,
    cuts,
    cutMin: cuts * 3 * benchMinutes.cutAPiece * kitchen.pace,
    together: together?.rolls ?? null,
    savedG: together ? (together.leftMm2 * cut.thicknessMm * rho) / 1000 : sheetsG - cutG,
    scraps: null,
    blanks,
    leaves: null,
    seamMm: perimeter(g.form, g.top, g.corner),
    comfortableMl: pots ? fillCapacity(g, { headspace: 8 }) : lined,
    overfullMl: pots ? fillCapacity(g) : lined + 0.1 * domeVolume(g, dome),
    planAreaMm2: top,
    openShare: cut.lid === 'none' ? 1 : cut.lid === 'lattice' ? latticeOpen(item) : 0,
    closed: null,
    oven: null,
    pieces: dishes,
    lidAreaMm2: lid ? (lid.massG * 1000) / (cut.thicknessMm * rho) : top,
  };
  return {
    result,
    problems: dishProblems(item, kitchen, { long, short, fullness }),
    dishes,
    fullness,
    sheetsG,
    cutG,
    underG: each(['base', 'bottom', 'band']),
    overG: each(['lid', 'strip', 'strand']),
    largestMm: [long, short],
  };
}

/** Over this share of the base in folds, a disc and a band sit better (estimate). */
const deepFrom = 0.35;

function dishProblems(
  item: ItemInput,
  kitchen: KitchenInput,
  o: { long: number; short: number; fullness: number },
): Problem[] {
  const benchLong = Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm);
  const benchShort = Math.min(kitchen.benchLengthMm, kitchen.benchWidthMm);
  const { long, short, fullness } = o;
  const found: Problem[] = [];
  if (long > benchLong || short > benchShort)
    found.push(
      stop('piece_bigger_than_bench', ['cut.vessel', 'kitchen.benchLengthMm'], { long, short, benchLong, benchShort }),
    );
  // what is pressed into a cup folds in by itself
  if (!areCups(item, item.cut.dishes ?? 1) && fullness > deepFrom && (item.cut.lining ?? 'one') === 'one')
    found.push(problem('cut', 'deep_dish', 'warn', ['cut.lining'], { fullness: fullness * 100 }));
  return found;
}
