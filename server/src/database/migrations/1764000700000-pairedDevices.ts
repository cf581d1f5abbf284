import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Screens of the house that were let in; of their tokens only what they hash to is kept. */
export class PairedDevices1764000700000 implements MigrationInterface {
  name = 'PairedDevices1764000700000';

  async up(q: QueryRunner): Promise<void> {
    await q.query(
      `CREATE TABLE devices (id TEXT PRIMARY KEY NOT NULL, name TEXT NOT NULL, tokenHash TEXT NOT NULL, pairedAt TEXT NOT NULL, usedAt TEXT, shutOutAt TEXT)`,
    );
    await q.query(`CREATE UNIQUE INDEX devices_by_token ON devices (tokenHash)`);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP TABLE devices`);
  }
}
