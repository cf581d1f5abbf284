import type { KitchenInput } from '@crustallum/core/contracts/item';
import { Column, Entity } from 'typeorm';
import { Versioned } from '../database/versioned';

@Entity('kitchens')
export class Kitchen extends Versioned {
  @Column({ type: 'simple-json' }) document!: KitchenInput;
}
