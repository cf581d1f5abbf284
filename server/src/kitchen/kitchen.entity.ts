import { Column, Entity } from 'typeorm';
import { Versioned } from '../database/versioned';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';

@Entity('kitchens')
export class Kitchen extends Versioned {
  @Column({ type: 'simple-json' }) document!: KitchenInput;
}
