import { Column, PrimaryColumn, VersionColumn } from 'typeorm';

/** A stored document: its id, and a version that every write must name and raises. */
export abstract class Versioned {
  @PrimaryColumn({ type: 'text' })
  id!: string;

  @VersionColumn()
  version!: number;

  /** ISO time of removal; null while it is there. Removed rows stay, so that a removal can be undone. */
  @Column({ type: 'text', nullable: true })
  removedAt!: string | null;
}
