import type { Label } from '@crustallum/core/ingredients/label';
import { Column, Entity, PrimaryColumn } from 'typeorm';
import { Versioned } from '../database/versioned';

@Entity('larder')
export class LarderItem extends Versioned {
  @Column({ type: 'text' }) name!: string;
  @Column({ type: 'real' }) grams!: number;
  /** Place letter: A–D fridge, E–G freezer, H and I shelf, J porch. */
  @Column({ type: 'text' }) shelf!: string;
  @Column({ type: 'text' }) note!: string;
  @Column({ type: 'text', nullable: true }) ingredient!: string | null;
  @Column({ type: 'real', nullable: true }) pricePerKg!: number | null;
  @Column({ type: 'text', nullable: true }) bestBefore!: string | null;
  @Column({ type: 'simple-json', nullable: true }) label!: Label | null;
  @Column({ type: 'simple-json', nullable: true }) cupsG!: number[] | null;
}

/** What a weighing took from the larder; undone, it is put back and stays here as a trace. */
@Entity('larder_draws')
export class LarderDraw {
  @PrimaryColumn({ type: 'text' }) id!: string;
  @Column({ type: 'text' }) at!: string;
  /** What was really taken: never more than there was. */
  @Column({ type: 'simple-json' }) takes!: { larderId: string; grams: number }[];
  @Column({ type: 'text', nullable: true }) undoneAt!: string | null;
}
