import { within } from '../quantities/refusal';
import { panelCount, type Fold } from './layers';

/** Streak and spread of fat lumps through a rough puff's folds (estimate; eta 0.9, 0.7 for brittle fat). Lengths in metres. */
export function roughPuff(o: {
  lumpM: number;
  startThicknessM: number;
  folds: readonly Fold[];
  finalThicknessM: number;
  eta?: number;
}) {
  const lump = within(o.lumpM, 1e-4, 0.1, 'lumpM');
  const start = within(o.startThicknessM, 1e-3, 0.3, 'startThicknessM');
  const final = within(o.finalThicknessM, 2e-4, 0.1, 'finalThicknessM');
  const reduction = (start * o.folds.reduce<number>((product, fold) => product * panelCount(fold), 1)) / final;
  const streakM = lump * reduction ** -(o.eta ?? 0.9);
  return { reduction, streakM, spreadM: lump * Math.sqrt(lump / streakM) };
}

/** Folds needed until the streaks are at most `targetM` thick. */
export function roughPuffFolds(o: {
  lumpM: number;
  startThicknessM: number;
  finalThicknessM: number;
  fold?: number;
  targetM: number;
  eta?: number;
}): { folds: number } {
  const target = within(o.targetM, 1e-6, 0.1, 'targetM');
  const needed =
    Math.log(((o.lumpM / target) ** (1 / (o.eta ?? 0.9)) * o.finalThicknessM) / o.startThicknessM) /
    Math.log(o.fold ?? 3);
  return { folds: Math.max(0, Math.ceil(needed - 1e-9)) };
}

/** Two-size fat in a shortcrust: film on the flour, coverage (tender), lumps and their streak in the rolled sheet (estimates). kg and metres. */
export function crumbMix(o: {
  flourKg: number;
  fatKg: number;
  fatDensity?: number;
  coatedShare: number;
  lumpM: number;
  discThicknessM: number;
  sheetThicknessM: number;
  surfaceM2Kg?: number;
}) {
  const flour = within(o.flourKg, 1e-4, 100, 'flourKg');
  const fatVolume = within(o.fatKg, 1e-5, 100, 'fatKg') / (o.fatDensity ?? 920);
  const coated = within(o.coatedShare, 0, 1, 'coatedShare');
  const lump = within(o.lumpM, 1e-4, 0.05, 'lumpM');
  const coatUm = ((coated * fatVolume) / (flour * (o.surfaceM2Kg ?? 300))) * 1e6;
  return {
    coatUm,
    coverage: 1 - Math.exp(-coatUm / 0.6),
    lumps: ((1 - coated) * fatVolume) / ((Math.PI * lump ** 3) / 6),
    streakMm: lump * 1000 * Math.min(1, o.sheetThicknessM / o.discThicknessM),
  };
}
