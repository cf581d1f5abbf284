import type { LogAnswersInput } from '@crustallum/core/contracts/log';
import { Column, Entity, Index } from 'typeorm';
import { Versioned } from '../database/versioned';

/** What came out, and a dated snapshot of what had been worked out. */
@Entity('log_entries')
@Index('log_by_date', ['date'])
export class LogRow extends Versioned {
  @Column({ type: 'text', nullable: true }) bakeId!: string | null;
  @Column({ type: 'text', nullable: true }) runId!: string | null;
  @Column({ type: 'text' }) date!: string;
  @Column({ type: 'text' }) title!: string;
  @Column({ type: 'simple-json' }) answers!: LogAnswersInput;
  @Column({ type: 'simple-json' }) snapshot!: Record<string, unknown>;
}
