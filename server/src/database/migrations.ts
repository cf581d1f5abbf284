import type { MigrationInterface, QueryRunner } from 'typeorm';

const versioned = `id TEXT PRIMARY KEY NOT NULL, version INTEGER NOT NULL`;

export class FirstTables1764000000000 implements MigrationInterface {
  name = 'FirstTables1764000000000';

  async up(q: QueryRunner): Promise<void> {
    await q.query(
      `CREATE TABLE bakes (${versioned}, title TEXT NOT NULL, serveAt TEXT NOT NULL, meal TEXT NOT NULL, createdAt TEXT NOT NULL)`,
    );
    await q.query(
      `CREATE TABLE items (${versioned}, bakeId TEXT NOT NULL REFERENCES bakes(id), position INTEGER NOT NULL, title TEXT NOT NULL, document TEXT NOT NULL, settled TEXT NOT NULL, undone TEXT NOT NULL)`,
    );
    await q.query(`CREATE TABLE kitchens (${versioned}, document TEXT NOT NULL)`);
    await q.query(`CREATE TABLE tools (${versioned}, name TEXT NOT NULL, document TEXT NOT NULL)`);
    await q.query(
      `CREATE TABLE larder (${versioned}, name TEXT NOT NULL, grams REAL NOT NULL, shelf TEXT NOT NULL, note TEXT NOT NULL)`,
    );
    await q.query(
      `CREATE TABLE runs (id TEXT PRIMARY KEY NOT NULL, bakeId TEXT NOT NULL REFERENCES bakes(id), startedAt TEXT NOT NULL, finishedAt TEXT, plan TEXT NOT NULL)`,
    );
    await q.query(
      `CREATE TABLE run_events (id TEXT PRIMARY KEY NOT NULL, runId TEXT NOT NULL REFERENCES runs(id), type TEXT NOT NULL, at TEXT NOT NULL, data TEXT NOT NULL)`,
    );
    await q.query(
      `CREATE TABLE log_entries (${versioned}, bakeId TEXT, runId TEXT, date TEXT NOT NULL, title TEXT NOT NULL, answers TEXT NOT NULL, snapshot TEXT NOT NULL)`,
    );
    await q.query(`CREATE INDEX items_by_bake ON items (bakeId, position)`);
    await q.query(`CREATE INDEX events_by_run ON run_events (runId, at)`);
    await q.query(`CREATE INDEX log_by_date ON log_entries (date)`);
  }

  async down(q: QueryRunner): Promise<void> {
    for (const table of ['log_entries', 'run_events', 'runs', 'larder', 'tools', 'kitchens', 'items', 'bakes'])
      await q.query(`DROP TABLE ${table}`);
  }
}

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

export const migrations = [FirstTables1764000000000, Removable1764000100000, LarderDetails1764000200000];
