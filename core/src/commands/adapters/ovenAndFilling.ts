import { compute } from '../../models';
import type { Bake } from '../../oven/bake';
import type { BakePlan, BakeAdvice } from '../../oven/bakePlan';
import type { Finding } from '../../oven/plausible';
import { crimps, glues } from '../../sealing/seals';
import { mapped, record, renamed, type Adapted, type Adapter } from '../adapter';

const nested = (value: unknown, names: Record<string, string>) =>
  value && typeof value === 'object' ? renamed(value, names) : value;

function bakeOf(i: Record<string, unknown>): Record<string, unknown> {
  const out = renamed(i, { sugar_pct: 'sugarPct', milkSolids_pct: 'milkSolidsPct', crustT0_C: 'crustStartC' });
  out['shape'] = nested(i['shape'], { d_mm: 'dMm', w_mm: 'wMm', l_mm: 'lMm' });
  for (const crust of ['top', 'base']) out[crust] = nested(i[crust], { t_mm: 'tMm' });
  out['filling'] = nested(i['filling'], {
    depth_mm: 'depthMm',
    T0_C: 'startC',
    gap_mm: 'gapMm',
    dice_mm: 'diceMm',
    coreTarget_C: 'coreTargetC',
    bpRise_C: 'boilingRiseC',
    sinceFilled_min: 'sinceFilledMin',
    wait_C: 'waitC',
  });
  out['vessel'] = nested(i['vessel'], { t_mm: 'tMm', T0_C: 'startC' });
  if (i['load']) out['load'] = nested(i['load'], { gap_mm: 'gapMm' });
  const oven = renamed(i['oven'], {
    offset_C: 'offsetC',
    doorOpen_min: 'doorOpenMin',
    doorOpen_s: 'doorOpenS',
    loadDoor_s: 'loadDoorS',
    heater_W: 'heaterW',
    altitude_m: 'altitudeM',
  });
  oven['steps'] = (oven['steps'] as unknown[]).map((s) => renamed(s, { from_min: 'fromMin', set_C: 'setC' }));
  out['oven'] = oven;
  return out;
}

const bakeNames = (b: Bake) => ({
  ...b,
  ...Object.fromEntries(Object.entries(b.times).map(([key, value]) => [`t_${key}`, value])),
  B_proposed: b.atProposed?.browning,
  D_proposed: b.atProposed?.baseDryness,
  DL_proposed: b.atProposed?.lidDryness,
  core_proposed: b.atProposed?.coreC,
  surf_proposed: b.atProposed?.surfaceC,
  steamMax_gmin: b.steamMaxGMin,
  steamTotal_g: b.steamTotalG,
  boil_min: b.boilMin,
  lostFrac: b.lostFraction,
  Tboil: b.boilingC,
  T0_load: b.loadC,
  crust_load: b.crustLoadC,
  series: b.series.map((r) => ({
    t_min: r.tMin,
    air: r.airC,
    wall: r.wallC,
    surf: r.surfaceC,
    base: r.baseC,
    core: r.coreC,
    B: r.browning,
    D: r.baseDryness,
    DL: r.lidDryness,
    steam_gmin: r.steamGMin,
  })),
});

const adviceNames = (a: BakeAdvice) => ({
  ...renamed(a, {
    tentFromMin: 'tentFrom_min',
    tentedProposedMin: 'tentedProposed_min',
    raiseC: 'raise_C',
    lowRackProposedMin: 'lowRackProposed_min',
    atMin: 'at_min',
    targetC: 'target_C',
    wallDropC: 'wallDrop_C',
  }),
  ...(a.code === 'BROWN_AHEAD' ? { lower: a.lower && { by_C: a.lower.byC, proposed_min: a.lower.proposedMin } } : {}),
});

const findingNames = (f: Finding) => ({
  ...f,
  eq_min: f.equivalentMin,
  suggest:
    f.suggest && renamed(f.suggest, { sameTimeC: 'sameTime_C', sameTempMin: 'sameTemp_min', timeMin: 'time_min' }),
});

/** The file names one seal; ours are glue and crimp. */
const sealNames: Record<string, number> = {
  ...Object.fromEntries(Object.entries(glues).map(([name, g]) => [name, g.strength])),
  ...Object.fromEntries(Object.entries(crimps).map(([name, c]) => [name, c.strength ?? -1])),
};

const errorCodes: Record<string, string> = {
  out_of_range: 'OUT_OF_RANGE',
  rim_too_wide: 'OUT_OF_RANGE',
  not_integer: 'OUT_OF_RANGE',
  not_a_number: 'NOT_A_NUMBER',
  missing: 'NOT_A_NUMBER',
  unknown: 'UNKNOWN',
  inconsistent: 'INCONSISTENT',
};

type Run = (model: string, plain: unknown, map?: (value: never) => unknown) => Adapted;

/** Cases of what is in a filling: yields, sauces, dice. */
function sauceCase(fn: string, i: Record<string, unknown>, input: unknown, run: Run): Adapted | null {
  switch (fn) {
    case 'thickenerGrams': {
      const use = (v: Record<string, unknown>) =>
        renamed(v, { g: 'grams', boil_min: 'boilMin', rouxColour: 'rouxColour', pH: 'pH' });
      const { liquid_g, target, have, ...rest } = i;
      return run(
        'filling.thickener',
        {
          liquidG: liquid_g,
          target,
          use: use(rest),
          ...(have ? { have: (have as Record<string, unknown>[]).map(use) } : {}),
        },
        (v: { grams: number; flourPer100G: number; notes: string[] }) => ({
          grams: v.grams,
          c_eq_pct: v.flourPer100G,
          notes: v.notes,
        }),
      );
    }
    case 'creamVisc':
      return run('filling.cream', { left: input }, (v: { pascalSeconds: number }) => v.pascalSeconds);
    case 'simmerLoss':
      return run(
        'filling.simmer',
        renamed(i, { d_cm: 'panCm', min: 'minutes', power_W: 'powerW' }),
        (v: { grams: number }) => v.grams,
      );
    case 'minceLoss':
      return run('filling.minceLoss', { fatPct: input }, (v: { lossPct: number }) => v.lossPct);
    case 'yieldOf':
      return run('filling.yield', i, (v: { trimmedG: number; cookedG: number; freeWaterG: number }) => ({
        trimmed_g: v.trimmedG,
        cooked_g: v.cookedG,
        freeWater_g: v.freeWaterG,
      }));
    case 'diceRule':
      return run(
        'filling.dice',
        renamed(i, { dice_mm: 'diceMm', depth_mm: 'depthMm', crust_mm: 'crustMm' }),
        (v: { tear: boolean; maxMm: number }) => ({ tear: v.tear, max_mm: v.maxMm }),
      );
    case 'juiciness':
      return run('filling.juiciness', { fatPct: input }, (v: { word: string }) => v.word);
    default:
      return null;
  }
}

/** Field names of the oven-and-filling topic's golden files against ours. */
export const ovenAndFillingAdapter: Adapter = ({ fn, input }): Adapted | null => {
  const i = record(input);
  const run: Run = (model, plain, map) => {
    const answer = compute(model, plain);
    if (answer.ok) return { answer: map ? mapped(answer, map) : answer };
    return { answer, errorCode: errorCodes[answer.errors[0]?.code ?? ''] };
  };
  switch (fn) {
    case 'simulate':
      return run('oven.bake', bakeOf(i), bakeNames);
    case 'plan':
      return run('oven.plan', bakeOf(i), (p: BakePlan) => ({
        ...bakeNames(p),
        proposed_min: p.proposedMin,
        range_min: p.rangeMin,
        uncertainty_pct: p.uncertaintyPct,
        level_proposed: p.levelProposed,
        advice: p.advice.map(adviceNames),
      }));
    case 'kitchen':
      return run('oven.kitchenFactor', { ratios: input });
    case 'plausible':
      return run('oven.plausible', renamed(i, { time_min: 'timeMin' }), (v: Finding[]) => v.map(findingNames));
    case 'gas2c':
      return run('oven.gasToCelsius', { gas: input }, (v: { temperatureC: number }) => v.temperatureC);
    case 'c2gas':
      return run('oven.celsiusToGas', { temperatureC: input }, (v: { gas: number }) => v.gas);
    case 'ovenOffset':
      return run(
        'oven.offset',
        {
          readings: (input as unknown[]).map((r) =>
            renamed(r, { set_C: 'setC', measured_C: 'measuredC', sinceOn_min: 'sinceOnMin' }),
          ),
        },
        (v: Record<string, unknown>) => ({ ...v, offset_C: v['offsetC'], spread_C: v['spreadC'] }),
      );
    case 'fillVolume':
      return run('filling.volume', i, (v: Record<string, unknown>) =>
        renamed(v, {
          sealedAreaCm2: 'sealedArea_cm2',
          comfortableMl: 'comfortable_ml',
          overfillMl: 'overfill_ml',
          comfortableG: 'comfortable_g',
          overfillG: 'overfill_g',
        }),
      );
    case 'simShape':
      return run('filling.simulatorShape', i, (v: { shape: Record<string, unknown>; depthMm: number }) => ({
        depth_mm: v.depthMm,
        shape: renamed(v.shape, { dMm: 'd_mm', wMm: 'w_mm', lMm: 'l_mm' }),
      }));
    case 'ventArea':
      return run(
        'sealing.ventArea',
        renamed(i, { length_mm: 'lengthMm', open_mm: 'openMm', d_mm: 'dMm' }),
        (v: { areaMm2: number }) => v.areaMm2,
      );
    case 'vents': {
      const { seal, ...rest } = renamed(i, {
        A_m2: 'areaM2',
        steamMax_gmin: 'steamMaxGMin',
        vent_mm2: 'ventMm2',
        boil_before_end_min: 'boilBeforeEndMin',
      });
      const strength = seal === undefined ? {} : { sealStrength: sealNames[seal as string] ?? -1 };
      return run('sealing.vents', { ...rest, ...strength }, (v: Record<string, unknown>) =>
        renamed(v, { steamDesignGMin: 'steamDesign_gmin', needMm2: 'need_mm2' }),
      );
    }
    default:
      return sauceCase(fn, i, input, run);
  }
};
