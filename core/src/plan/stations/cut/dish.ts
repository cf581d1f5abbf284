import { piece } from '../../../cutting/piece';
import { stripRows } from '../../../cutting/strips';
import { crimps } from '../../../sealing/seals';
import { baseBlank, discAndBand, domeVolume, fillCapacity, latticeStrips, lidBlank } from '../../../vessels/blanks';
import { perimeter, planArea, type VesselGeometry } from '../../../vessels/vessel';
import { figure } from '../../figure';
import type { ItemInput } from '../../../contracts/item';
import { doughDensity, type BlankKind, type BlankShape, type CutPlan } from './result';
import type { Problem } from '../../problem';
import type { KitchenInput } from '../../../contracts/kitchen';
import { benchMinutes } from '../../steps/minutes';

const domeShare = 1 / 12;
/** What two lengths of a band or strand lap where they are joined, mm. */
const joinMm = 15;

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
    const [width, spacing] = [cut.stripMm ?? 20, cut.stripGapMm ?? 15];
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
    const width = cut.stripMm ?? 20;
    const edge = perimeter(g.form, g.top, g.corner);
    const { strandLen } = piece({ kind: 'plait', len: Math.min(2000, edge), mass: 100 });
    const whole = (strandLen as number) * (edge / Math.min(2000, edge));
    const lengths = Math.ceil((whole - joinMm) / (benchLong - 2 * cut.trimMm - joinMm));
    const each = (whole - joinMm) / lengths + joinMm;
    add('strand', 'rect', [each, width], 3 * lengths, (each + 2 * cut.trimMm) * (3 * lengths * width + 2 * cut.trimMm));
  }
  return { blanks, sheetsMm2, fullness };
}

/** Blanks for pies baked in a dish, and the dough their sheets take. */
export function dishCut(item: ItemInput, kitchen: KitchenInput, g: VesselGeometry): CutPlan {
  const { cut, brief } = item;
  const rho = doughDensity[item.dough.pastry];
  const pots = item.product === 'potPies';
  const dishes = pots ? brief.count : (cut.dishes ?? 1);
  const problems: Problem[] = [];
  const benchLong = Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm);
  const benchShort = Math.min(kitchen.benchLengthMm, kitchen.benchWidthMm);
  const { blanks, sheetsMm2, fullness } = blanksOf(item, g, dishes, benchLong);
  const largest = blanks.reduce<[number, number]>(
    (most, b) => (Math.min(...b.dims) > Math.min(...most) ? b.dims : most),
    [0, 0],
  );
  const [long, short] = [Math.max(...largest) + 2 * cut.trimMm, Math.min(...largest) + 2 * cut.trimMm];
  if (long > benchLong || short > benchShort)
    problems.push({
      station: 'cut',
      code: 'piece_bigger_than_bench',
      fields: ['cut.vessel', 'kitchen.benchLengthMm'],
      values: { long, short, benchLong, benchShort },
      weight: 'stop',
    });
  if (fullness > 0.35 && (cut.lining ?? 'one') === 'one')
    problems.push({
      station: 'cut',
      code: 'deepDish',
      fields: ['cut.lining'],
      values: { fullness: fullness * 100 },
      weight: 'warn',
    });
  const mass = (sheetsMm2 * cut.thicknessMm * rho) / 1000;
  const pieces = blanks.reduce((sum, b) => sum + b.count, 0);
  const cutMass = blanks.reduce((sum, b) => sum + b.count * b.massG, 0);
  const trimmings = mass - cutMass;
  const seconds = 3 * benchMinutes.cutAPiece * 60 * kitchen.pace;
  const sum = (kinds: readonly BlankKind[]) =>
    blanks.filter((b) => kinds.includes(b.kind)).reduce((total, b) => total + b.massG * b.count, 0) / dishes;
  const lid = blanks.find((b) => b.kind === 'lid');
  const top = planArea(g.form, g.top, g.corner);
  const dome = lid ? Math.min(g.top.length, g.top.width) * domeShare : 0;
  const lined = fillCapacity(g, { dough: cut.thicknessMm, dome });
  return {
    figures: {
      firstRoll: figure(
        pieces,
        'pieces',
        lid && blanks.every((b) => b.kind === 'lid' || b.kind === 'base') ? 'cut.blanks' : 'cut.otherBlanks',
        {
          base: Math.round(blanks.find((b) => b.kind === 'base')?.dims[0] ?? 0),
          lid: Math.round(lid?.dims[0] ?? 0),
          dishes,
          fullness,
          kinds: [...new Set(blanks.map((b) => b.kind))].join(', '),
        },
        'exact',
        'vessels.baseBlank',
      ),
      laterRolls: figure(0, 'pieces', 'cut.trimmings', { trimmings }, 'exact', 'vessels.baseBlank'),
      sheetUsed: figure(
        mass > 0 ? (100 * cutMass) / mass : null,
        '%',
        'cut.blankShare',
        { cut: cutMass, of: mass },
        'exact',
        'vessels.baseBlank',
      ),
      doughNeeded: figure(
        mass,
        'g',
        'cut.doughForDish',
        {
          base: sum(['base', 'bottom', 'band']),
          lid: sum(['lid', 'strip', 'strand']),
          t: cut.thicknessMm,
          trimmings,
          dishes,
        },
        'exact',
        'vessels.baseBlank',
      ),
      rolledSize: figure(
        long,
        'mm',
        'cut.rolledSize',
        { w: short, h: long, t: cut.thicknessMm, sheets: pieces },
        'exact',
        'vessels.baseBlank',
      ),
      time: figure((pieces * seconds) / 60, 'min', 'cut.time', { N: pieces, seconds }, 'estimate', 'plan.item'),
    },
    problems,
    doughMassG: mass,
    rolled: {
      lengthMm: long,
      widthMm: short,
      thicknessMm: cut.thicknessMm,
      sheets: pieces,
      shape: g.form === 'rect' ? 'rect' : 'round',
    },
    generations: [],
    savedG: trimmings,
    scraps: null,
    blanks,
    leaves: null,
    seamMm: perimeter(g.form, g.top, g.corner) * dishes,
    comfortableMl: pots ? fillCapacity(g, { headspace: 8 }) : lined,
    overfullMl: pots ? fillCapacity(g) : lined + 0.1 * domeVolume(g, dome),
    planAreaMm2: top,
    closed: null,
    oven: null,
    pieces: dishes,
    lidAreaMm2: lid ? (lid.massG * 1000) / (cut.thicknessMm * rho) : top,
  };
}
