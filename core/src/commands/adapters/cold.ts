import { compute } from '../../models';
import { mapped, record, renamed, type Adapter } from '../adapter';

const doughNames = {
  air: 'air',
  kMul: 'conductivityMultiple',
  rho: 'densityKgM3',
  cp: 'specificHeat',
  k: 'conductivity',
  L: 'latentHeat',
  Tlo: 'meltsFromC',
  Thi: 'meltsToC',
  massFatFrac: 'fatMassFraction',
};

function materialOf(value: unknown): Record<string, unknown> {
  const m = renamed(value, doughNames);
  for (const key of ['dough', 'fat']) if (m[key] && typeof m[key] === 'object') m[key] = materialOf(m[key]);
  return m;
}

const surfaceNames = { T: 'airC', R: 'resistance' };
const latentNames = { hc: 'convective', RH: 'humidity', aw: 'waterActivity', rh: 'humidity' };
const benchNames = {
  k: 'conductivity',
  rho: 'densityKgM3',
  c: 'specificHeat',
  thickness: 'thicknessM',
  T0: 'startC',
  hc: 'contact',
  hUnder: 'underH',
  Tunder: 'underC',
  R: 'resistance',
};

function surfaceOf(value: unknown): Record<string, unknown> {
  const s = renamed(value, surfaceNames);
  if (s['bench']) return { bench: renamed(s['bench'], benchNames) };
  if (s['latent']) s['latent'] = renamed(s['latent'], latentNames);
  return s;
}

function environmentOf(value: unknown): Record<string, unknown> {
  const e = renamed(value, {
    T: 'airC',
    aw: 'waterActivity',
    benchT: 'benchC',
    wallR: 'wallResistance',
    roomT: 'roomC',
  });
  for (const key of ['top', 'side', 'bottom']) if (e[key]) e[key] = surfaceOf(e[key]);
  return e;
}

const shapeOf = (value: unknown) =>
  renamed(value, { thickness: 'thicknessM', radius: 'radiusM', length: 'lengthM', width: 'widthM' });
const phasesOf = (value: unknown) =>
  (value as unknown[]).map((p) => ({ minutes: record(p)['minutes'], environment: environmentOf(record(p)['env']) }));
const bodyOf = (i: Record<string, unknown>) => ({
  material: materialOf(i['material']),
  shape: shapeOf(i['shape']),
  startC: i['T0'],
});

const stagesOf = (value: unknown) =>
  (value as unknown[]).map((stage) => {
    const s = renamed(stage, {});
    if (s['add']) s['add'] = (s['add'] as unknown[]).map((a) => renamed(a, { T: 'startC' }));
    return s;
  });
const vesselOf = (value: unknown) => value && renamed(value, { T: 'startC', material: 'kind' });

const sheetNames = {
  T0: 'startC',
  thickness0: 'fromM',
  thickness1: 'toM',
  benchT: 'benchC',
  room: 'roomC',
  hTop: 'topH',
  hPin: 'pinH',
  hHand: 'handH',
  Thand: 'handC',
};
const metres = (value: { lengthM: number; widthM: number; thicknessM: number }) => ({
  length: value.lengthM,
  width: value.widthM,
  thickness: value.thicknessM,
});
const counts = (v: { fat: number; dough: number; distinct: number; nominal: number }) => ({
  fat: v.fat,
  dough: v.dough,
  total: v.distinct,
  naive: v.nominal,
});

interface SheetOut {
  [key: string]: unknown;
  rolled: never;
  fatBlock: never;
  doughSheet: never;
  packet: { sideM: number; thicknessM: number };
  turns: { fold: unknown; from: never; rolled: never; ratio: number; folded: never }[];
}

/** Field names of the cold topic's golden files against ours. */
// oxlint-disable-next-line max-lines-per-function -- a table: one row for each kind of golden case
export const coldAdapter: Adapter = ({ fn, input }) => {
  const i = record(input);
  const run = (model: string, plain: unknown, map?: (value: never) => unknown) => {
    const answer = compute(model, plain);
    return { answer: map ? mapped(answer, map) : answer };
  };
  switch (fn) {
    case 'properties':
      return run('cold.properties', renamed(i, { T: 'temperatureC' }), (v: Record<string, number>) => ({
        ...v,
        rho: v['densityKgM3'],
        cp: v['specificHeat'],
        k: v['conductivity'],
        sfc: v['solidFatContent'],
        h: v['enthalpy'],
        cApp: v['apparentSpecificHeat'],
      }));
    case 'composition':
      return run('cold.composition', i, (v: Record<string, unknown>) => ({ ...v, comp: v['composition'] }));
    case 'freezing':
      return run('cold.freezing', i, (v: Record<string, unknown>) => ({
        Tf: v['startsAtC'],
        bound: v['boundWater'],
        free: v['freeWater'],
      }));
    case 'sfc':
      return run('cold.solidFat', renamed(i, { T: 'temperatureC' }), (v: Record<string, unknown>) => ({
        sfc: v['solidFatContent'],
      }));
    case 'fatState':
      return run('cold.fatState', renamed(i, { T: 'temperatureC' }), (v: Record<string, unknown>) => ({
        ...v,
        sfc: v['solidFatContent'],
      }));
    case 'doughState':
      return run('cold.doughState', renamed(i, { T: 'temperatureC' }));
    case 'laminate':
      return run(
        'cold.laminate',
        { material: materialOf(i['material']), temperatureC: i['T'] },
        (v: Record<string, unknown>) => ({
          rho: v['densityKgM3'],
          phiFat: v['phiFat'],
          kAcross: v['acrossLayers'],
          kAlong: v['alongLayers'],
        }),
      );
    case 'mixForward':
      return run('cold.mix', mixOf(i), (v: Record<string, unknown>) => ({
        T: v['temperatureC'],
        unmelted: v['unmeltedKg'],
        mass: v['massKg'],
        stages: (v['stages'] as Record<string, unknown>[]).map((s) => ({
          Tstart: s['startC'],
          Tend: s['endC'],
          unmelted: s['unmeltedKg'],
        })),
      }));
    case 'mixSolve':
      return run(
        'cold.mixWater',
        {
          ...mixOf(i),
          ...definedOnly({
            targetC: i['target'],
            tapMinC: i['tapMin'],
            waterMaxC: i['waterMax'],
            iceC: i['iceT'],
            maxIceShare: i['maxIce'],
          }),
        },
        (v: Record<string, unknown>) => ({
          status: v['status'],
          T: v['temperatureC'],
          waterT: v['waterC'],
          ice: v['iceKg'],
          water: v['waterKg'],
          chillOthersTo: v['chillOthersToC'],
        }),
      );
    case 'simulate':
      return run(
        'cold.chill',
        definedOnly({ ...bodyOf(i), phases: phasesOf(i['phases']), until: i['until'], cells: i['grid'] }),
        (v: Record<string, unknown>) => ({ ...v, heatIn: v['heatInJ'] }),
      );
    case 'workWindow':
      return run(
        'cold.workWindow',
        definedOnly({
          ...bodyOf(i),
          fat: i['fat'],
          environment: environmentOf(i['env']),
          maxMinutes: i['maxMinutes'],
          shiftK: i['shiftK'],
        }),
        (v: Record<string, unknown>) => ({
          ready: v['readyMin'],
          noLongerBrittle: v['noLongerBrittleMin'],
          idealUntil: v['idealUntilMin'],
          softAt: v['softAtMin'],
          surfaceSoftAt: v['surfaceSoftAtMin'],
          leakAt: v['leakAtMin'],
        }),
      );
    case 'calibrateEnv':
      return run('cold.calibrateEnvironment', {
        ...bodyOf(i),
        environment: environmentOf(i['env']),
        minutes: i['minutes'],
        where: i['where'],
        measuredC: i['measured'],
      });
    case 'rollSheet':
      return run(
        'cold.roll',
        { ...renamed(i, sheetNames), material: materialOf(i['material']) },
        (v: Record<string, unknown>) => ({
          ...record(v['final']),
          thickness: record(v['final'])['thicknessM'],
          hit: v['hitMin'] === null ? null : (v['hitMin'] as number) * 60,
        }),
      );
    case 'benchMinutes':
      return run(
        'cold.benchMinutes',
        {
          ...renamed(i, { ...sheetNames, thickness0: 'thicknessM', limit: 'limitC' }),
          material: materialOf(i['material']),
        },
        (v: Record<string, unknown>) => ({ minutes: v['minutes'], limit: v['limitC'], final: v['finalC'] }),
      );
    case 'layers':
      return run(
        'lamination.layers',
        i,
        (v: { steps: never[]; fatOutside: boolean } & Parameters<typeof counts>[0]) => ({
          ...counts(v),
          fatOutside: v.fatOutside,
          steps: v.steps.map(counts).map((s) => ({ F: s.fat, D: s.dough, total: s.total, naive: s.naive })),
        }),
      );
    case 'layerThickness':
      return run(
        'lamination.layerThickness',
        renamed(i, { thickness: 'thicknessM' }),
        (v: Record<string, unknown> & Parameters<typeof counts>[0]) => ({ ...v, ...counts(v), dist: v['spread'] }),
      );
    case 'phiFromMass':
      return run('lamination.fatVolumeShare', renamed(i, { rhoFat: 'fatDensity', rhoDough: 'doughDensity' }));
    case 'passes':
      return run('lamination.passes', i);
    case 'springback':
      return run('lamination.springBack', {
        ...renamed(i, { target: 'targetShrink', restT: 'restC', tau: 'tau20' }),
        events: (i['events'] as unknown[]).map((e) => renamed(e, { T: 'restC' })),
      });
    case 'calibrate':
      return run('lamination.calibrateSpring', i);
    case 'calibrateTau':
      return run('lamination.calibrateRelaxation', i, (v: Record<string, unknown>) => ({ tau: v['tauMin'] }));
    case 'planSheet':
      return run(
        'lamination.planSheet',
        renamed(i, {
          L: 'lengthM',
          W: 'widthM',
          thickness: 'thicknessM',
          trim: 'trimM',
          rhoFat: 'fatDensity',
          rhoDough: 'doughDensity',
          workThickness: 'workThicknessM',
          blockThickness: 'blockThicknessM',
          maxBench: 'maxBenchM',
        }),
        (v: SheetOut) => ({
          ...v,
          rolled: metres(v.rolled),
          volume: v['volumeM3'],
          mass: v['massKg'],
          dough: v['doughKg'],
          fat: v['fatKg'],
          block: metres(v.fatBlock),
          doughSheet: metres(v.doughSheet),
          packet: { side: v.packet.sideM, thickness: v.packet.thicknessM },
          turns: v.turns.map((t) => ({
            fold: t.fold,
            from: metres(t.from),
            rolled: metres(t.rolled),
            ratio: t.ratio,
            folded: metres(t.folded),
          })),
        }),
      );
    case 'roughPuff':
      return run(
        'lamination.roughPuff',
        renamed(i, { lump: 'lumpM', startThickness: 'startThicknessM', finalThickness: 'finalThicknessM' }),
        (v: Record<string, unknown>) => ({ reduction: v['reduction'], streak: v['streakM'], spread: v['spreadM'] }),
      );
    case 'roughPuffFolds':
      return run(
        'lamination.roughPuffFolds',
        renamed(i, {
          lump: 'lumpM',
          startThickness: 'startThicknessM',
          finalThickness: 'finalThicknessM',
          target: 'targetM',
        }),
      );
    case 'crumbMix':
      return run(
        'lamination.crumbMix',
        renamed(i, {
          flour: 'flourKg',
          fat: 'fatKg',
          rhoFat: 'fatDensity',
          lump: 'lumpM',
          discThickness: 'discThicknessM',
          sheetThickness: 'sheetThicknessM',
          surface: 'surfaceM2Kg',
        }),
      );
    case 'filoFat':
      return run(
        'cold.filoFat',
        renamed(i, { length: 'lengthM', width: 'widthM', gPerM2: 'fatGramsPerM2', areal: 'arealGramsPerM2' }),
        (v: Record<string, unknown>) => ({
          ...v,
          area: v['areaM2'],
          perSheet: v['perSheetG'],
          applied: v['appliedG'],
          fat: v['fatG'],
          dough: v['doughG'],
          flour: v['flourG'],
        }),
      );
    case 'filoDry':
      return run(
        'cold.filoDrying',
        renamed(i, {
          T: 'airC',
          RH: 'humidity',
          areal: 'arealGramsPerM2',
          moisture: 'moistureWetBasis',
          hc: 'convective',
          hr: 'radiative',
          hBase: 'baseH',
          limitDry: 'limitDryBasis',
        }),
        (v: Record<string, unknown>) => ({
          ...v,
          M0: v['startDryBasis'],
          M: v['finalDryBasis'],
          moisture: v['finalWetBasis'],
          lossInitial_g_m2_min: v['initialLossGramsPerM2Min'],
          surfaceT: v['surfaceC'],
        }),
      );
    case 'gab':
      return run('cold.sorption', renamed(i, { aw: 'waterActivity' }), (v: Record<string, unknown>) => ({
        M: v['moistureDryBasis'],
        aw: v['waterActivity'],
      }));
    case 'coolFilling':
      return run(
        'cold.coolFilling',
        definedOnly({ ...bodyOf(i), phases: phasesOf(i['phases']), metric: i['metric'] }),
        (v: Record<string, unknown>) => ({
          ...v,
          to60: v['to60Min'],
          to21: v['to21Min'],
          to5: v['to5Min'],
          stage60to21: v['stage60to21Min'],
          stage21to5: v['stage21to5Min'],
          final: v['finalC'],
        }),
      );
    case 'maxFillingTemp':
      return run(
        'cold.hottestFilling',
        {
          ...renamed(i, {
            fillingThickness: 'fillingThicknessM',
            pastryThickness: 'pastryThicknessM',
            pastryT: 'pastryC',
            TmeanLimit: 'meanLimitC',
            TfaceLimit: 'faceLimitC',
          }),
          filling: materialOf(i['filling']),
          pastry: materialOf(i['pastry']),
        },
        (v: Record<string, unknown>) => ({
          max: v['maxC'],
          byMean: v['byMeanC'],
          byFace: v['byFaceC'],
          limitedBy: v['limitedBy'],
        }),
      );
    default:
      return null;
  }
};

const mixOf = (i: Record<string, unknown>) =>
  definedOnly({ stages: stagesOf(i['stages']), roomC: i['room'], vessel: vesselOf(i['vessel']) });

function definedOnly(value: Record<string, unknown>): Record<string, unknown> {
  return Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined && v !== null));
}
