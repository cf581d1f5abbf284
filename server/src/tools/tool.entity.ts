import { Column, Entity } from 'typeorm';
import { Versioned } from '../database/versioned';
import type { ToolDto } from './tool.dto';

@Entity('tools')
export class Tool extends Versioned {
  @Column({ type: 'text' }) name!: string;
  @Column({ type: 'simple-json' }) document!: ToolDto;
}
