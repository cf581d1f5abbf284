import { simulatorShape } from '../../../filling/fillVolume';
import type { BakeSpec } from '../../../oven/bakeInput';
import { simulateBake } from '../../../oven/bake';
import { planBakeTime, type BakePlan } from '../../../oven/bakePlan';
import { heatConversions, plausible, type BakeClass } from '../../../oven/plausible';
import type { CrustType } from '../../../oven/tables';
import { vesselGeometry } from '../../../vessels/vessel';
import type { CutPlan } from '../cut/result';
import type { FillingPlan } from '../filling/result';
import { figure, type Figure } from '../../figure';
import type { ItemInput } from '../../../contracts/item';
import type { Problem } from '../../problem';
import type { Product } from '../../../contracts/products';
import type { KitchenInput } from '../../../contracts/kitchen';
import { remember } from '../../memo';

export interface OvenPlan {
  figures: Record<'bake' | 'core' | 'base' | 'colour' | 'look', Figure>;
  problems: Problem[];
  bake: BakePlan;
  spec: BakeSpec;
  /** The same bake with the fan the other way, 20 °C moved: the what-if. */
  otherFan: { mode: 'conv' | 'fan'; setC: number; proposedMin: number | null };
  conversions: ReturnType<typeof heatConversions>;
  minutes: number | null;
}

const classes: Record<Product, BakeClass> = {
  handPies: 'small',
  dishPie: 'pie',
  potPies: 'pie',
  filoTray: 'filo',
  filoCoil: 'filo',
};

/** The bake simulator's view of an item: outline, crusts, filling, dish, load. */
export function bakeSpec(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, filling: FillingPlan): BakeSpec {
  const { oven } = item;
  const crust: CrustType =
    item.dough.pastry === 'roughPuff' ? (item.folds.turns >= 3 ? 'puff' : 'flaky') : item.dough.pastry;
  const t = item.dough.pastry === 'filo' ? filoThickness(item) : cut.rolled.thicknessMm;
  const { shape, depthMm } = outline(item, cut, filling);
  const coldC = kitchen.fridgeC + 2;
  const lidOnly = item.product === 'potPies';
  const inDish = item.product !== 'handPies' && item.cut.vessel !== undefined && item.cut.vessel !== null;
  return {
    shape,
    top: { type: crust, tMm: Math.max(0.3, t) },
    base: lidOnly ? null : { type: crust, tMm: Math.max(0.3, t) },
    filling: {
      type: item.filling.type,
      depthMm: Math.max(3, Math.min(150, depthMm)),
      startC:
        item.filling.cookedC > filling.fillAtC
          ? Math.min(filling.fillAtC, coldC + 4)
          : Math.max(-30, item.filling.cookedC),
      diceMm: item.filling.diceMm,
      ...(lidOnly ? { gapMm: 6 } : {}),
    },
    vessel: inDish ? { material: item.cut.vesselMaterial ?? 'tin' } : null,
    support: oven.support,
    ...(item.product === 'handPies'
      ? { load: { pieces: Math.min(60, cut.pieces), trays: cut.pieces > 12 ? 2 : 1 } }
      : lidOnly
        ? { load: { pieces: Math.min(60, cut.pieces) } }
        : {}),
    oven: {
      mode: oven.mode,
      steps: [{ fromMin: 0, setC: oven.setC }],
      rack: oven.rack,
      offsetC: kitchen.ovenOffsetC,
      heaterW: kitchen.ovenW,
    },
    wash: item.seal.wash,
    crustStartC: coldC,
  };
}

const filoThickness = (item: ItemInput): number =>
  item.folds.leavesInStack * (190 / 1000 / 1.25 + item.folds.brushGramsPerM2 / 1000 / 0.92);

function outline(item: ItemInput, cut: CutPlan, filling: FillingPlan): { shape: BakeSpec['shape']; depthMm: number } {
  const disc = (mm: number) => ({ kind: 'disc' as const, dMm: Math.round(Math.max(20, Math.min(450, mm))) });
  if (item.product === 'handPies' && cut.oven)
    return { shape: cut.oven.shape, depthMm: cut.oven.depthMm * (item.filling.fullnessPct / 100) };
  if (item.product === 'filoCoil' && cut.leaves?.ropeMm && cut.leaves.ropeLengthMm)
    return simulatorShape({ kind: 'coil', d: cut.leaves.ropeMm / 10, L: cut.leaves.ropeLengthMm / 10 });
  const g = item.cut.vessel ? vesselGeometry(item.cut.vessel) : null;
  if (!g) return { shape: disc(220), depthMm: 30 };
  const depthMm =
    (filling.eachMl * 1000) /
    (((g.top.length + g.bottom.length) / 2) *
      ((g.top.width + g.bottom.width) / 2) *
      (g.form === 'rect' ? 1 : Math.PI / 4));
  const [a, b] = [(g.top.length + g.bottom.length) / 2, (g.top.width + g.bottom.width) / 2];
  if (g.form === 'rect')
    return { shape: { kind: 'rect', wMm: Math.round(Math.min(a, b)), lMm: Math.round(Math.max(a, b)) }, depthMm };
  return { shape: disc(Math.sqrt(a * b)), depthMm };
}

/** The bake of an item: time with its range, what decides, and whether its heat can be meant. */
export function planOven(item: ItemInput, kitchen: KitchenInput, cut: CutPlan, filling: FillingPlan): OvenPlan {
  const spec = bakeSpec(item, kitchen, cut, filling);
  const bake = remember(['bake', spec, kitchen.bakeRatios], () => planBakeTime(spec, kitchen.bakeRatios));
  const mode: 'conv' | 'fan' = item.oven.mode === 'fan' ? 'conv' : 'fan';
  const setC = item.oven.setC + (mode === 'fan' ? -20 : 20);
  const other = {
    ...spec,
    support: spec.support === 'unknown' ? ('tray' as const) : spec.support,
    oven: { ...spec.oven, mode, steps: [{ fromMin: 0, setC }] },
  };
  const otherBake = remember(['otherFan', other], () => simulateBake(other));
  const problems: Problem[] = [];
  if (bake.proposed === null)
    problems.push({
      station: 'oven',
      code: 'neverReady',
      fields: ['oven.setC'],
      values: { binds: bake.binds, setC: item.oven.setC },
      weight: 'stop',
    });
  for (const f of plausible({
    value: item.oven.setC,
    unit: 'C',
    mode: item.oven.mode,
    timeMin: bake.proposed,
    cls: classes[item.product],
  })) {
    problems.push({
      station: 'oven',
      code: `heat.${f.code}`,
      fields: ['oven.setC'],
      values: {
        setC: item.oven.setC,
        minutes: bake.proposed ?? 0,
        sameTimeC: f.suggest?.sameTimeC ?? 0,
        sameTempMin: f.suggest?.sameTempMin ?? 0,
      },
      weight: 'warn',
    });
  }
  const at = bake.atProposed;
  const row = bake.series[Math.min(bake.series.length - 1, Math.round(bake.proposed ?? 0))];
  const range = bake.rangeMin ?? undefined;
  return {
    figures: {
      bake: figure(
        bake.proposed,
        'min',
        'oven.bake',
        {
          setC: item.oven.setC,
          binds: bake.binds,
          uncertainty: bake.uncertaintyPct,
          mode: item.oven.mode,
          bakes: kitchen.bakeRatios.length,
        },
        kitchen.bakeRatios.length ? 'learnt' : 'estimate',
        'oven.plan',
        range,
      ),
      core: figure(
        at?.coreC ?? null,
        '°C',
        'oven.core',
        { target: spec.filling.coreTargetC ?? 75, safe: bake.times.safe ?? 0, raw: filling.raw ? 1 : 0 },
        'estimate',
        'oven.bake',
      ),
      base: figure(
        row?.baseC ?? null,
        '°C',
        spec.base ? 'oven.base' : 'oven.noBase',
        {
          dryness: (at?.baseDryness ?? 0) * 100,
          set: bake.times.baseSet ?? 0,
          dry: bake.times.baseDry ?? 0,
          support: item.oven.support,
        },
        'estimate',
        'oven.bake',
      ),
      colour: figure(
        at?.surfaceC ?? null,
        '°C',
        'oven.colour',
        { level: bake.levelProposed ?? 'pale', golden: bake.times.golden ?? 0, wash: item.seal.wash },
        'estimate',
        'oven.bake',
      ),
      look: figure(
        bake.lookAt,
        'min',
        'oven.look',
        { golden: bake.times.golden ?? 0, latest: bake.latest ?? 0 },
        'estimate',
        'oven.plan',
      ),
    },
    problems,
    bake,
    spec,
    otherFan: { mode, setC, proposedMin: otherBake.proposed },
    conversions: heatConversions(item.oven.mode === 'fan' ? Math.min(300, item.oven.setC + 20) : item.oven.setC),
    minutes: bake.proposed,
  };
}
