import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Removals that can be undone: rows are marked, not deleted. */
export class Removable1764000100000 implements MigrationInterface {
  name = 'Removable1764000100000';
  private readonly tables = ['bakes', 'items', 'kitchens', 'tools', 'larder', 'log_entries'];

  async up(q: QueryRunner): Promise<void> {
    for (const table of this.tables) await q.query(`ALTER TABLE ${table} ADD COLUMN removedAt TEXT`);
    await q.query(`CREATE INDEX bakes_by_serving ON bakes (removedAt, serveAt)`);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP INDEX bakes_by_serving`);
    for (const table of this.tables) await q.query(`ALTER TABLE ${table} DROP COLUMN removedAt`);
  }
}
