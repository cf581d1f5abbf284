import { IsString, MaxLength, MinLength } from 'class-validator';
import { model } from '../model';
import { NumberIn, OneOf, Optional } from '../rules';
import { readAmount } from './readAmount';
import { measureSystems, type Dimension, type MeasureSystem } from './units';
import { writeAmount, type Writing } from './writeAmount';

export class ReadAmountInput {
  @IsString() @MinLength(1) @MaxLength(400) text!: string;
  @Optional() @OneOf(measureSystems) system?: MeasureSystem | null;
}

export class WriteAmountInput {
  @NumberIn(0, 1e6, 'g, ml, mm, °C, gas or pieces') value!: number;
  @OneOf(['mass', 'volume', 'length', 'temperature', 'gas', 'count']) dimension!: Dimension;
  @OneOf(['metric', 'us', 'imperial']) measures!: Writing['measures'];
}

const source = 'International pound (1959), US and imperial gallons; metric cup and spoons by custom';

export const amountModels = [
  model({
    name: 'quantities.readAmount',
    summary: 'An amount as people write it, with every way it can be understood; null where none stands there',
    units: 'text in; g, ml, mm, °C, gas or pieces out',
    source,
    certainty: 'exact',
    input: ReadAmountInput,
    run: ({ text, system }) => readAmount(text, system ?? null),
  }),
  model({
    name: 'quantities.writeAmount',
    summary: 'An amount written as a kitchen would, and what the rounded text says',
    units: 'g, ml, mm, °C, gas or pieces in; text out',
    source,
    certainty: 'exact',
    input: WriteAmountInput,
    run: ({ value, dimension, measures }) => writeAmount(value, dimension, { measures }),
  }),
];
