import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The larder knows what its things are, what they cost and how long they keep; what a weighing took can be put back. */
export class LarderDetails1764000200000 implements MigrationInterface {
  name = 'LarderDetails1764000200000';
  private readonly columns = ['ingredient TEXT', 'pricePerKg REAL', 'bestBefore TEXT', 'label TEXT', 'cupsG TEXT'];

  async up(q: QueryRunner): Promise<void> {
    for (const column of this.columns) await q.query(`ALTER TABLE larder ADD COLUMN ${column}`);
    await q.query(
      `CREATE TABLE larder_draws (id TEXT PRIMARY KEY NOT NULL, at TEXT NOT NULL, takes TEXT NOT NULL, undoneAt TEXT)`,
    );
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP TABLE larder_draws`);
    for (const column of this.columns) await q.query(`ALTER TABLE larder DROP COLUMN ${column.split(' ')[0]}`);
  }
}
