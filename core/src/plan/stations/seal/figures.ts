import type { ItemInput } from '../../../contracts/item';
import { washFactors } from '../../../oven/tables';
import { crimps } from '../../../sealing/seals';
import { figure, type Figure } from '../../figure';
import type { CutPlan } from '../cut/station';
import type { OvenPlan } from '../oven/station';
import type { Closing, SealResult } from './result';

export type SealFigures = Record<'pinches' | 'strength' | 'vents' | 'wash' | 'time', Figure>;

const ventReason: Record<Closing, string> = {
  seam: 'seal.vents',
  lid: 'seal.vents',
  lattice: 'seal.betweenStrips',
  laps: 'seal.prick',
  open: 'seal.open',
};

/** What the Seal shows, each with its reason. */
export function sealFigures(item: ItemInput, cut: CutPlan, oven: OvenPlan, r: SealResult): SealFigures {
  const { pieces } = cut;
  const strip = cut.leaves?.made;
  const { seal } = item;
  const { need, closing } = r;
  const { pitchMm } = crimps[seal.crimp];
  return {
    pinches: strip
      ? figure(
          strip.folds,
          '',
          'seal.strip',
          { seamCm: r.seamMm / 10, kind: strip.kind, stripCm: strip.stripMm / 10, lengthCm: strip.stripLengthMm / 10 },
          'estimate',
          'filling.leafPieces',
        )
      : closing === 'laps'
        ? figure(r.seamMm / 10, 'cm', 'seal.laps', { seamCm: r.seamMm / 10 }, 'exact', 'cutting.piece')
        : figure(
            r.pinches,
            '',
            'seal.pinches',
            { seamCm: r.seamMm / 10, pitchMm, crimp: seal.crimp, pieces },
            'exact',
            'cutting.piece',
          ),
    strength: figure(
      need ? r.strength : null,
      '',
      need ? 'seal.strength' : 'seal.open',
      need
        ? {
            glue: seal.glue,
            crimp: seal.crimp,
            rimMm: seal.rimMm,
            leak: need.leak,
            index: need.leakIndex * 100,
            cause: need.causes[0]?.cause ?? 'seam',
          }
        : {},
      'estimate',
      'sealing.strength',
    ),
    vents: figure(
      need ? r.ventMm2 : null,
      'mm²',
      ventReason[closing],
      {
        n: seal.slits,
        length: seal.slitMm,
        need: r.wantedMm2,
        layered: need && r.wantedMm2 > need.needMm2 ? 1 : 0,
        steam: need?.steamDesignGMin ?? 0,
      },
      'estimate',
      'sealing.vents',
    ),
    wash: figure(
      closing === 'open' ? null : oven.bake.times.golden,
      'min',
      closing === 'open' ? 'seal.washRim' : 'seal.wash',
      { wash: seal.wash, factor: washFactors[seal.wash], grams: r.washG },
      'estimate',
      'oven.bake',
    ),
    time: figure(
      r.benchMin,
      'min',
      'seal.time',
      { pieces, each: r.benchMin / Math.max(1, pieces) },
      'estimate',
      'plan.item',
    ),
  };
}
