import { Column, Entity, Index } from 'typeorm';
import { Versioned } from '../database/versioned';
import type { MealInput } from '@crustallum/core/contracts/meal';

@Entity('bakes')
@Index('bakes_by_serving', ['removedAt', 'serveAt'])
export class Bake extends Versioned {
  @Column({ type: 'text' }) title!: string;
  @Column({ type: 'text' }) serveAt!: string;
  @Column({ type: 'simple-json' }) meal!: MealInput;
  @Column({ type: 'text' }) createdAt!: string;
}
