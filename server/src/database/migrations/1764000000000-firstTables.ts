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
