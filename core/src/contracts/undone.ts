import { OneOf } from '../quantities/rules';
import { stations, type Station } from './stations';
import { IsString, MaxLength } from 'class-validator';

/** What is stored beside an item's inputs: which edges are crimped, and why others came undone. */
export class UndoneInput {
  @OneOf(stations) station!: Station;
  @OneOf(stations) because!: Station;
  @IsString() @MaxLength(60) field!: string;
  @IsString() @MaxLength(60) from!: string;
  @IsString() @MaxLength(60) to!: string;
}
