import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A screen of the house that was let in. */
@Entity('devices')
export class Device {
  @PrimaryColumn({ type: 'text' }) id!: string;
  @Column({ type: 'text' }) name!: string;
  /** SHA-256 of its token; the token itself is on the device only. */
  @Column({ type: 'text' }) @Index('devices_by_token', { unique: true }) tokenHash!: string;
  @Column({ type: 'text' }) pairedAt!: string;
  @Column({ type: 'text', nullable: true }) usedAt!: string | null;
  /** Taken back then: it is known, so that it can be told to forget what it kept. */
  @Column({ type: 'text', nullable: true }) shutOutAt!: string | null;
}
