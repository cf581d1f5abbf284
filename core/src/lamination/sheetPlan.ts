import { within } from '../quantities/refusal';
import { lockStack, panelCount, type Fold, type Lock } from './layers';
import { fatVolumeShare } from './thickness';

export interface SheetSize {
  lengthM: number;
  widthM: number;
  thicknessM: number;
}

export interface Turn {
  fold: Fold;
  from: SheetSize;
  rolled: SheetSize;
  ratio: number;
  folded: SheetSize;
}

export type SheetWarning = 'packetThinnerThanWork' | 'longerThanBench' | 'finalThickerThanPacket';

export interface SheetPlan {
  rolled: SheetSize;
  volumeM3: number;
  massKg: number;
  doughKg: number;
  fatKg: number;
  phiFat: number;
  fatBlock: SheetSize;
  doughSheet: SheetSize;
  packet: { sideM: number; thicknessM: number };
  turns: Turn[];
  finalRatio: number;
  warnings: SheetWarning[];
}

export interface SheetPlanOptions {
  lengthM: number;
  widthM: number;
  thicknessM: number;
  trimM?: number;
  shrink?: number;
  /** Laminated fat per dough, by mass. */
  fatToDough: number;
  fatDensity?: number;
  doughDensity?: number;
  lock: Lock;
  folds: readonly Fold[];
  workThicknessM?: number;
  blockThicknessM?: number;
  maxBenchM?: number;
}

/** Plans a laminated sheet backwards from the wanted size: masses, lock-in, and what to roll to at every turn. Volume is conserved at every step. */
export function planSheet(o: SheetPlanOptions): SheetPlan {
  const trim = within(o.trimM ?? 0.01, 0, 0.1, 'trimM');
  const shrink = within(o.shrink ?? 0.05, 0, 0.5, 'shrink');
  const ratio = within(o.fatToDough, 0.01, 3, 'fatToDough');
  const fatDensity = o.fatDensity ?? 940;
  const doughDensity = o.doughDensity ?? 1190;
  const work = within(o.workThicknessM ?? 0.007, 0.001, 0.05, 'workThicknessM');
  const block = within(o.blockThicknessM ?? 0.008, 0.001, 0.05, 'blockThicknessM');
  const maxBench = o.maxBenchM ?? 0.8;
  const rolled: SheetSize = {
    lengthM: (within(o.lengthM, 0.01, 5, 'lengthM') + 2 * trim) / (1 - shrink),
    widthM: (within(o.widthM, 0.01, 5, 'widthM') + 2 * trim) / (1 - shrink),
    thicknessM: within(o.thicknessM, 0.0005, 0.05, 'thicknessM'),
  };
  const volumeM3 = rolled.lengthM * rolled.widthM * rolled.thicknessM;
  const doughKg = volumeM3 / (1 / doughDensity + ratio / fatDensity);
  const fatKg = ratio * doughKg;
  const fatVolume = fatKg / fatDensity;
  const doughVolume = doughKg / doughDensity;

  const fatParts = lockStack(o.lock).filter((s) => s === 'F').length;
  const side = Math.sqrt(fatVolume / (fatParts * block));
  const fatBlock = { lengthM: fatParts * side, widthM: side, thicknessM: block };
  const doughSize =
    o.lock === 'envelope'
      ? { lengthM: 1.02 * Math.SQRT2 * side, widthM: 1.02 * Math.SQRT2 * side }
      : { lengthM: (o.lock === 'twoThirds' ? 3 : o.lock === 'half' ? 2 : 1) * side, widthM: side };
  const doughSheet = { ...doughSize, thicknessM: doughVolume / (doughSize.lengthM * doughSize.widthM) };

  const warnings = new Set<SheetWarning>();
  const packet = { sideM: side, thicknessM: volumeM3 / (side * side) };
  if (packet.thicknessM < work) warnings.add('packetThinnerThanWork');
  let from: SheetSize = { lengthM: side, widthM: side, thicknessM: packet.thicknessM };
  const turns = o.folds.map((fold): Turn => {
    const n = panelCount(fold);
    const start = from;
    const sheet = { lengthM: volumeM3 / (work * start.widthM), widthM: start.widthM, thicknessM: work };
    const folded = { lengthM: sheet.lengthM / n, widthM: start.widthM, thicknessM: n * work };
    if (sheet.lengthM > maxBench) warnings.add('longerThanBench');
    from = { lengthM: folded.widthM, widthM: folded.lengthM, thicknessM: folded.thicknessM };
    return { fold, from: start, rolled: sheet, ratio: start.thicknessM / work, folded };
  });
  if (rolled.thicknessM > from.thicknessM) warnings.add('finalThickerThanPacket');
  return {
    rolled,
    volumeM3,
    massKg: doughKg + fatKg,
    doughKg,
    fatKg,
    phiFat: fatVolumeShare(fatKg, doughKg, fatDensity, doughDensity),
    fatBlock,
    doughSheet,
    packet,
    turns,
    finalRatio: from.thicknessM / rolled.thicknessM,
    warnings: [...warnings],
  };
}
