import { IsBoolean } from 'class-validator';
import { model } from '../quantities/model';
import { NumberIn, OneOf, Optional } from '../quantities/rules';
import { crimps, glues, sealStrength, ventArea, vents, type Crimp, type Glue, type VentSpec } from './seals';

export class VentsInput {
  @NumberIn(1e-6, 5, 'm²') areaM2!: number;
  @NumberIn(0, 2, '') wet!: number;
  @Optional() @NumberIn(0, 1000, 'g/min') steamMaxGMin?: number;
  @NumberIn(0, 1e6, 'mm²') ventMm2!: number;
  @Optional() @NumberIn(0.1, 3, '') sealStrength?: number;
  @Optional() @NumberIn(0, 3, '') fillRatio?: number;
  @Optional() @NumberIn(0, 240, 'min') boilBeforeEndMin?: number;
}

export class VentAreaInput {
  @OneOf(['slits', 'holes', 'chimney', 'lattice', 'none']) kind!: VentSpec['kind'];
  @Optional() @NumberIn(0, 100, '', { integer: true }) n?: number;
  @Optional() @NumberIn(0, 500, 'mm') lengthMm?: number;
  @Optional() @NumberIn(0, 20, 'mm') openMm?: number;
  @Optional() @NumberIn(0, 200, 'mm') dMm?: number;
  @Optional() @NumberIn(0, 1, '') openShare?: number;
  @Optional() @NumberIn(0, 1e7, 'mm²') areaMm2?: number;
}

export class SealStrengthInput {
  @OneOf(Object.keys(glues)) glue!: Glue;
  @OneOf(Object.keys(crimps)) crimp!: Crimp;
  @Optional() @NumberIn(0, 200, 'mm') rimMm?: number;
  /** Filling or fat got on the rim. */
  @Optional() @IsBoolean() soiled?: boolean;
}

const source = 'Orifice flow at the pressure that lifts a lid; allowances and leak index are estimates';

export const sealingModels = [
  model({
    name: 'sealing.vents',
    summary: 'Vents against steam and the chance of a leak',
    units: 'm², mm², g/min',
    source,
    certainty: 'estimate',
    input: VentsInput,
    run: vents,
  }),
  model({
    name: 'sealing.ventArea',
    summary: 'Open area of vents',
    units: 'mm',
    source,
    certainty: 'exact',
    input: VentAreaInput,
    run: (i) => ({ areaMm2: ventArea(i as VentSpec) }),
  }),
  model({
    name: 'sealing.strength',
    summary: 'Relative strength of a seam',
    units: 'ratio',
    source,
    certainty: 'estimate',
    input: SealStrengthInput,
    run: (i) => ({ strength: sealStrength(i.glue, i.crimp, i) }),
  }),
];
