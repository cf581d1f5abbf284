import { Column, Entity } from 'typeorm';
import { Versioned } from '../database/versioned';
import type { MealInput } from '@crustallum/core/contracts/meal';

@Entity('bakes')
export class Bake extends Versioned {
  @Column({ type: 'text' }) title!: string;
  @Column({ type: 'text' }) serveAt!: string;
  @Column({ type: 'simple-json' }) meal!: MealInput;
  @Column({ type: 'text' }) createdAt!: string;
}
