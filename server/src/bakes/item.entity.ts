import type { ItemInput } from '@crustallum/core/contracts/item';
import { Column, Entity, ForeignKey, Index } from 'typeorm';
import { Bake } from './bake.entity';
import { Versioned } from '../database/versioned';
import type { Station } from '@crustallum/core/contracts/stations';
import type { UndoneInput } from '@crustallum/core/contracts/undone';

/** One item of a bake: the cook's inputs as a document, the stations settled, and what came undone since. */
@Entity('items')
@Index('items_by_bake', ['bakeId', 'position'])
export class Item extends Versioned {
  @Column({ type: 'text' }) @ForeignKey(() => Bake, { name: 'items_of_bake' }) bakeId!: string;
  @Column({ type: 'integer' }) position!: number;
  @Column({ type: 'text' }) title!: string;
  @Column({ type: 'simple-json' }) document!: ItemInput;
  @Column({ type: 'simple-json' }) settled!: Station[];
  @Column({ type: 'simple-json' }) undone!: UndoneInput[];
}
