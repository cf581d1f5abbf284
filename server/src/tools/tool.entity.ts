import type { ToolInput } from '@crustallum/core/contracts/tool';
import { Column, Entity } from 'typeorm';
import { Versioned } from '../database/versioned';

@Entity('tools')
export class Tool extends Versioned {
  @Column({ type: 'text' }) name!: string;
  @Column({ type: 'simple-json' }) document!: ToolInput;
}
