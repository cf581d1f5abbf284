import type { KitchenInput } from '@crustallum/core/plan/inputs';
import { Column, Entity } from 'typeorm';
import { Versioned } from '../storage/versioned';

@Entity('kitchens')
export class Kitchen extends Versioned {
  @Column({ type: 'simple-json' }) document!: KitchenInput;
}
