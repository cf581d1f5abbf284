import type { RunEventType } from '@crustallum/core/contracts/run';
import { Column, Entity, ForeignKey, Index, PrimaryColumn } from 'typeorm';
import { Bake } from '../bakes/bake.entity';

/** One time at the bench. The plan is the copy it was started from; what happened is in its events. */
@Entity('runs')
export class Run {
  @PrimaryColumn({ type: 'text' }) id!: string;
  @Column({ type: 'text' }) @ForeignKey(() => Bake, { name: 'runs_of_bake' }) bakeId!: string;
  @Column({ type: 'text' }) startedAt!: string;
  @Column({ type: 'text', nullable: true }) finishedAt!: string | null;
  @Column({ type: 'simple-json' }) plan!: Record<string, unknown>;
}

/** Append only; the id comes from the device and is the idempotency key. */
@Entity('run_events')
@Index('events_by_run', ['runId', 'number'], { unique: true })
export class RunEvent {
  @PrimaryColumn({ type: 'text' }) id!: string;
  @Column({ type: 'text' }) @ForeignKey(() => Run, { name: 'events_of_run' }) runId!: string;
  @Column({ type: 'text' }) type!: RunEventType;
  @Column({ type: 'text' }) at!: string;
  @Column({ type: 'simple-json' }) data!: Record<string, unknown>;
  /** The device that wrote it, and its place among what that device wrote. */
  @Column({ type: 'text', default: '' }) device!: string;
  @Column({ type: 'integer', default: 0 }) sequence!: number;
  @Column({ type: 'integer', default: 0 }) lamport!: number;
  @Column({ type: 'integer', default: 0 }) skewMs!: number;
  @Column({ type: 'text', default: '' }) cook!: string;
  /** Its place among those of its run, in the order in which they came. */
  @Column({ type: 'integer', default: 0 }) number!: number;
}
