import { Column, Entity } from 'typeorm';
import { Versioned } from '../storage/versioned';

@Entity('larder')
export class LarderItem extends Versioned {
  @Column({ type: 'text' }) name!: string;
  @Column({ type: 'real' }) grams!: number;
  /** Place letter: A–D fridge, E–G freezer, H and I shelf, J porch. */
  @Column({ type: 'text' }) shelf!: string;
  @Column({ type: 'text' }) note!: string;
}
