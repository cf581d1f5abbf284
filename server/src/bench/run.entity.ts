import { Column, Entity, PrimaryColumn } from 'typeorm';

/** One time at the bench. The plan is the copy it was started from; what happened is in its events. */
@Entity('runs')
export class Run {
  @PrimaryColumn({ type: 'text' }) id!: string;
  @Column({ type: 'text' }) bakeId!: string;
  @Column({ type: 'text' }) startedAt!: string;
  @Column({ type: 'text', nullable: true }) finishedAt!: string | null;
  @Column({ type: 'simple-json' }) plan!: Record<string, unknown>;
}

/** Append only; the id comes from the device and is the idempotency key. */
@Entity('run_events')
export class RunEvent {
  @PrimaryColumn({ type: 'text' }) id!: string;
  @Column({ type: 'text' }) runId!: string;
  @Column({ type: 'text' }) type!: string;
  @Column({ type: 'text' }) at!: string;
  @Column({ type: 'simple-json' }) data!: Record<string, unknown>;
}
