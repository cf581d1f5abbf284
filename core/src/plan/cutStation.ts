import { piece } from '../cutting/piece';
import { minimumDough, type Generation, type ReRollPlan } from '../cutting/reRolls';
import { rowPattern, type RowLayout } from '../cutting/rowPatterns';
import type { Sheet } from '../cutting/sheet';
import { fillVolume } from '../filling/fillVolume';
import { RefusedInput } from '../quantities/refusal';
import { baseBlank, fillCapacity, lidBlank } from '../vessels/blanks';
import { planArea, vesselGeometry, vesselVolume, perimeter, type VesselGeometry } from '../vessels/vessel';
import { figure, type Figure, type Problem } from './figure';
import type { ItemInput, KitchenInput } from './inputs';
import { benchMinutes } from './steps';
import { remember } from './thermal';

/** Densities of rolled dough, g/cm³ (defaults of the cutting models, shown as assumptions). */
export const doughDensity = { shortcrust: 1.2, roughPuff: 1.15, filo: 1.25 } as const;

export interface BlankShape {
  kind: 'base' | 'lid';
  form: 'round' | 'oval' | 'rect';
  dims: [number, number];
  count: number;
  massG: number;
}

export interface CutPlan {
  figures: Record<'firstRoll' | 'laterRolls' | 'sheetUsed' | 'doughNeeded' | 'rolledSize' | 'time', Figure>;
  problems: Problem[];
  /** Dough (g) this needs before anything is lost in the bowl; leaves for filo. */
  doughMassG: number;
  /** The sheet to roll, mm. */
  rolled: { lengthMm: number; widthMm: number; thicknessMm: number; sheets: number; shape: Sheet['shape'] };
  generations: (Generation & { layout: RowLayout })[];
  savedG: number;
  blanks: BlankShape[];
  leaves: {
    count: number;
    stacks: number;
    perStack: number;
    ropeMm: number | null;
    ropeLengthMm: number | null;
  } | null;
  /** Geometry the other stations need. */
  seamMm: number;
  comfortableMl: number;
  planAreaMm2: number;
  pieces: number;
  lidAreaMm2: number;
}

const domeShare = 1 / 12;

function refusal(error: RefusedInput): Problem {
  const first = error.refusals[0];
  const allowed = first?.allowed;
  const values: Problem['values'] = {
    field: first?.field ?? '',
    value: typeof first?.value === 'number' ? first.value : '',
  };
  if (allowed && typeof allowed === 'object')
    for (const [k, v] of Object.entries(allowed)) if (typeof v === 'number' || typeof v === 'string') values[k] = v;
  return {
    station: 'cut',
    code: first?.code ?? 'refused',
    fields: ['cut.cutterMm', 'cut.thicknessMm'],
    values,
    weight: 'stop',
  };
}

/** Where every piece comes from: sheets, re-rolls, blanks or leaves; and how much dough that asks for. */
export function planCut(item: ItemInput, kitchen: KitchenInput): CutPlan {
  const geometry = item.cut.vessel ? vesselGeometry(item.cut.vessel) : null;
  if (item.dough.pastry === 'filo') return filoCut(item, geometry);
  if (item.product === 'handPies') return discCut(item, kitchen, null);
  if (!geometry)
    return discCut(item, kitchen, null, [
      { station: 'cut', code: 'noDish', fields: ['cut.vessel'], values: {}, weight: 'stop' },
    ]);
  if (item.product === 'potPies' && geometry.form === 'round') return discCut(item, kitchen, geometry);
  return dishCut(item, kitchen, geometry);
}

const rectOf = (s: Sheet): [number, number] =>
  s.shape === 'round' ? [s.d, s.d] : s.shape === 'square' ? [s.w, s.w] : [s.w, s.h];

function discCut(item: ItemInput, kitchen: KitchenInput, pot: VesselGeometry | null, given: Problem[] = []): CutPlan {
  const { cut, seal, brief } = item;
  const rho = doughDensity[item.dough.pastry];
  const D = pot ? lidBlank(pot, pot.rim || seal.rimMm, 8).dims[0] : cut.cutterMm;
  const perPie = pot || cut.pieceKind === 'halfmoon' ? 1 : 2;
  const N = brief.count * perPie;
  const problems = [...given];
  const settings = {
    D,
    t: cut.thicknessMm,
    rho,
    trim: cut.trimMm,
    gap: cut.gapMm,
    maxRerolls: cut.maxReRolls,
    wmax: Math.min(kitchen.benchWidthMm, kitchen.pinMm),
    hmax: kitchen.benchLengthMm,
    N,
  };
  let plan: ReRollPlan | null = null;
  let mass = (N * ((Math.PI / 4) * D * D * cut.thicknessMm * rho)) / 1000;
  try {
    const found = remember(['minimumDough', settings], () => minimumDough(settings));
    plan = found.plan;
    mass = found.mass;
  } catch (error) {
    if (!(error instanceof RefusedInput)) throw error;
    problems.push(refusal(error));
  }
  const generations = (plan?.gens ?? []).map((g) => ({
    ...g,
    layout: rowPattern({ sheet: g.sheet, d: g.cutter, trim: cut.trimMm, gap: cut.gapMm }),
  }));
  const first = generations[0];
  const later = generations.slice(1).reduce((sum, g) => sum + g.n, 0);
  const [w, h] = first ? rectOf(first.sheet) : [0, 0];
  const shape = pot
    ? null
    : piece({ kind: cut.pieceKind, d: D, rim: Math.min(seal.rimMm, D / 2 - 5), t: cut.thicknessMm, rho });
  if (!pot && seal.rimMm >= D / 2 - 5)
    problems.push({
      station: 'seal',
      code: 'rim_too_wide',
      fields: ['seal.rimMm', 'cut.cutterMm'],
      values: { rimMm: seal.rimMm, max: Math.floor(D / 2 - 6) },
      weight: 'stop',
    });
  const rimCm = Math.min(seal.rimMm, D / 2 - 6) / 10;
  const comfortable = pot
    ? fillCapacity(pot, { headspace: 8 })
    : fillVolume({ kind: cut.pieceKind === 'halfmoon' ? 'halfmoon' : 'round', D: D / 10, r: rimCm }).comfortableMl;
  const areaMm2 = pot
    ? planArea(pot.form, pot.top, pot.corner)
    : cut.pieceKind === 'halfmoon'
      ? (Math.PI * D * D) / 8
      : (Math.PI * D * D) / 4;
  const minutes = N * benchMinutes.cutAPiece * kitchen.pace;
  const used = first
    ? (first.n * Math.PI * first.cutter ** 2) /
      4 /
      ((w * h || 1) * first.sheets * (first.sheet.shape === 'round' ? Math.PI / 4 : 1))
    : 0;
  return {
    figures: {
      firstRoll: figure(
        first?.n ?? null,
        'pieces',
        'cut.firstRoll',
        {
          n: first?.n ?? 0,
          of: N,
          perSheet: first?.layout.n ?? 0,
          pattern: first?.layout.pattern ?? '',
          bound: first?.layout.bound ?? 0,
          sheets: first?.sheets ?? 1,
          kind: pot ? 'lids' : perPie === 2 ? 'roundsForTwo' : 'rounds',
        },
        'exact',
        'cutting.rowPattern',
      ),
      laterRolls: figure(
        later,
        'pieces',
        'cut.laterRolls',
        {
          n: later,
          rolls: generations.length - 1,
          shrinkPct: generations[1]?.shrinkPct ?? 0,
          cutter: generations[1]?.cutter ?? D,
          saved: plan?.saved ?? 0,
        },
        'estimate',
        'cutting.reRolls',
      ),
      sheetUsed: figure(
        first ? used * 100 : null,
        '%',
        'cut.sheetUsed',
        {
          n: first?.n ?? 0,
          areaCm2: first ? (Math.PI * first.cutter ** 2) / 400 : 0,
          w,
          h,
          sheets: first?.sheets ?? 1,
        },
        'exact',
        'cutting.rowPattern',
      ),
      doughNeeded: figure(
        plan ? mass : null,
        'g',
        'cut.doughNeeded',
        { N, D, t: cut.thicknessMm, saved: plan?.saved ?? 0, lost: plan?.lost ?? 0 },
        'estimate',
        'cutting.minimumDough',
      ),
      rolledSize: figure(
        first ? Math.max(w, h) : null,
        'mm',
        'cut.rolledSize',
        { w: Math.min(w, h), h: Math.max(w, h), t: first?.roll ?? cut.thicknessMm, sheets: first?.sheets ?? 1 },
        'exact',
        'cutting.reRolls',
      ),
      time: figure(
        minutes,
        'min',
        'cut.time',
        { N, seconds: benchMinutes.cutAPiece * 60 * kitchen.pace },
        'estimate',
        'plan.item',
      ),
    },
    problems,
    doughMassG: mass,
    rolled: {
      lengthMm: Math.max(w, h),
      widthMm: Math.min(w, h),
      thicknessMm: first?.roll ?? cut.thicknessMm,
      sheets: first?.sheets ?? 1,
      shape: first?.sheet.shape ?? 'rect',
    },
    generations,
    savedG: plan?.saved ?? 0,
    blanks: pot
      ? [{ kind: 'lid', form: pot.form, dims: [D, D], count: brief.count, massG: first?.pieceMass ?? 0 }]
      : [],
    leaves: null,
    seamMm: pot ? Math.PI * pot.top.length : (shape?.seam ?? 0),
    comfortableMl: comfortable,
    planAreaMm2: areaMm2,
    pieces: brief.count,
    lidAreaMm2: areaMm2,
  };
}

function dishCut(item: ItemInput, kitchen: KitchenInput, g: VesselGeometry): CutPlan {
  const { cut, seal, brief } = item;
  const rho = doughDensity[item.dough.pastry];
  const pots = item.product === 'potPies';
  const dishes = pots ? brief.count : 1;
  const rimCover = g.rim || seal.rimMm;
  const dome = Math.min(g.top.length, g.top.width) * domeShare;
  const problems: Problem[] = [];
  const sheetMass = (dims: [number, number]) =>
    ((dims[0] + 2 * cut.trimMm) *
      (dims[1] + 2 * cut.trimMm) *
      (g.form === 'rect' ? 1 : Math.PI / 4) *
      cut.thicknessMm *
      rho) /
    1000;
  const lid = lidBlank(g, rimCover, 15, dome);
  const base = pots ? null : baseBlank(g, rimCover, 10);
  const blanks: BlankShape[] = [
    ...(base
      ? [
          {
            kind: 'base' as const,
            form: g.form,
            dims: base.dims,
            count: dishes,
            massG: (base.area * cut.thicknessMm * rho) / 1000,
          },
        ]
      : []),
    { kind: 'lid', form: g.form, dims: lid.dims, count: dishes, massG: (lid.area * cut.thicknessMm * rho) / 1000 },
  ];
  const largest = base?.dims ?? lid.dims;
  const [long, short] = [Math.max(...largest) + 2 * cut.trimMm, Math.min(...largest) + 2 * cut.trimMm];
  const benchLong = Math.max(kitchen.benchLengthMm, kitchen.benchWidthMm);
  const benchShort = Math.min(kitchen.benchLengthMm, kitchen.benchWidthMm);
  if (long > benchLong || short > benchShort)
    problems.push({
      station: 'cut',
      code: 'piece_bigger_than_bench',
      fields: ['cut.vessel', 'kitchen.benchLengthMm'],
      values: { long, short, benchLong, benchShort },
      weight: 'stop',
    });
  const mass = blanks.reduce((sum, b) => sum + b.count * sheetMass(b.dims), 0);
  const pieces = blanks.reduce((sum, b) => sum + b.count, 0);
  const cutMass = blanks.reduce((sum, b) => sum + b.count * b.massG, 0);
  const trimmings = mass - cutMass;
  const minutes = pieces * 3 * benchMinutes.cutAPiece * kitchen.pace;
  return {
    figures: {
      firstRoll: figure(
        pieces,
        'pieces',
        'cut.blanks',
        {
          base: base ? Math.round(base.dims[0]) : 0,
          lid: Math.round(lid.dims[0]),
          dishes,
          fullness: base?.fullness ?? 0,
        },
        'exact',
        'vessels.baseBlank',
      ),
      laterRolls: figure(0, 'pieces', 'cut.trimmings', { trimmings }, 'exact', 'vessels.baseBlank'),
      sheetUsed: figure(
        (100 * cutMass) / mass,
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
          base: blanks.find((b) => b.kind === 'base')?.massG ?? 0,
          lid: blanks.find((b) => b.kind === 'lid')?.massG ?? 0,
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
      time: figure(
        minutes,
        'min',
        'cut.time',
        { N: pieces, seconds: 3 * benchMinutes.cutAPiece * 60 * kitchen.pace },
        'estimate',
        'plan.item',
      ),
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
    blanks,
    leaves: null,
    seamMm: perimeter(g.form, g.top, g.corner) * dishes,
    comfortableMl: pots ? fillCapacity(g, { headspace: 8 }) : fillCapacity(g, { dough: cut.thicknessMm, dome }),
    planAreaMm2: planArea(g.form, g.top, g.corner),
    pieces: dishes,
    lidAreaMm2: lid.area,
  };
}

function filoCut(item: ItemInput, g: VesselGeometry | null): CutPlan {
  const { folds } = item;
  const problems: Problem[] = [];
  if (!g) problems.push({ station: 'cut', code: 'noDish', fields: ['cut.vessel'], values: {}, weight: 'stop' });
  const round = g?.form === 'round';
  const coil = item.product === 'filoCoil';
  const leafArea = folds.leafLengthMm * folds.leafWidthMm;
  const rope = coil && g ? Math.min(60, 0.9 * g.depth) : null;
  const shape =
    coil && g && rope
      ? piece({
          kind: 'coil',
          d: Math.min(g.top.length, g.top.width),
          rope,
          sheetLen: folds.leafLengthMm,
          sheetWid: folds.leafWidthMm,
        })
      : null;
  const stacks = coil ? (shape?.sheets ?? 1) : 2;
  const cover = g
    ? Math.ceil((g.bottom.length + 2 * g.depth) / folds.leafLengthMm - 1e-9) *
      Math.ceil((g.bottom.width + 2 * g.depth) / folds.leafWidthMm - 1e-9)
    : 1;
  const leaves = coil
    ? stacks * folds.leavesInStack
    : folds.leavesInStack * cover + Math.ceil(0.75 * folds.leavesInStack) * cover;
  const massG = (leaves * leafArea * 190) / 1e6;
  const comfortable = !g
    ? 100
    : coil && rope
      ? fillVolume({ kind: 'coil', d: rope / 10, L: (shape?.ropeLen ?? 100) / 10 }).comfortableMl
      : fillCapacity(g, { level: 0.85 });
  const minutes = leaves * benchMinutes.brushALeaf;
  return {
    figures: {
      firstRoll: figure(
        leaves,
        'leaves',
        coil ? 'cut.coilLeaves' : 'cut.trayLeaves',
        {
          stacks,
          perStack: folds.leavesInStack,
          ropeCm: (shape?.ropeLen ?? 0) / 10,
          tinCm: (g?.top.length ?? 0) / 10,
          cover,
          leafL: folds.leafLengthMm / 10,
          leafW: folds.leafWidthMm / 10,
        },
        'exact',
        'cutting.piece',
      ),
      laterRolls: figure(0, 'pieces', 'cut.noReRolls', {}, 'exact', 'cutting.piece'),
      sheetUsed: figure(100, '%', 'cut.wholeLeaves', { leaves }, 'exact', 'cutting.piece'),
      doughNeeded: figure(massG, 'g', 'cut.leafMass', { leaves, areaCm2: leafArea / 100 }, 'estimate', 'cold.filoFat'),
      rolledSize: figure(
        folds.leafLengthMm,
        'mm',
        'cut.leafSize',
        { w: folds.leafWidthMm, h: folds.leafLengthMm },
        'exact',
        'cutting.piece',
      ),
      time: figure(minutes, 'min', 'cut.brushTime', { leaves }, 'estimate', 'plan.item'),
    },
    problems,
    doughMassG: massG,
    rolled: {
      lengthMm: folds.leafLengthMm,
      widthMm: folds.leafWidthMm,
      thicknessMm: 190 / 1000 / 1.25,
      sheets: leaves,
      shape: 'rect',
    },
    generations: [],
    savedG: 0,
    blanks: [],
    leaves: {
      count: leaves,
      stacks,
      perStack: folds.leavesInStack,
      ropeMm: rope,
      ropeLengthMm: shape?.ropeLen ?? null,
    },
    seamMm: coil ? (shape?.ropeLen ?? 0) : 2 * (folds.leafLengthMm + folds.leafWidthMm),
    comfortableMl: comfortable,
    planAreaMm2: g ? planArea(g.form, g.top, g.corner) : 1e4,
    pieces: 1,
    lidAreaMm2: round && g ? planArea(g.form, g.top, 0) : leafArea,
  };
}

/** Capacity of the chosen dish to the brim, ml; 0 without a dish. */
export const dishMl = (item: ItemInput): number =>
  item.cut.vessel ? vesselVolume(vesselGeometry(item.cut.vessel)) : 0;
