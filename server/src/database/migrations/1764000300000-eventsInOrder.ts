import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Events know their device and their place in its row; references between tables have names, so that drift can be seen. */
export class EventsInOrder1764000300000 implements MigrationInterface {
  name = 'EventsInOrder1764000300000';

  async up(q: QueryRunner): Promise<void> {
    await rebuilt(q, true);
  }

  async down(q: QueryRunner): Promise<void> {
    await rebuilt(q, false);
  }
}

const itemColumns = 'id, version, bakeId, position, title, document, settled, undone, removedAt';
const runColumns = 'id, bakeId, startedAt, finishedAt, plan';
const eventColumns = 'id, runId, type, at, data';

/** SQLite cannot name a reference afterwards: the three tables are made anew, those that refer before those referred to. */
async function rebuilt(q: QueryRunner, later: boolean): Promise<void> {
  const refers = (name: string, column: string, table: string) =>
    later
      ? `, CONSTRAINT "${name}" FOREIGN KEY ("${column}") REFERENCES "${table}" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION`
      : '';
  const inline = (table: string) => (later ? '' : ` REFERENCES ${table}(id)`);
  const order = later ? `, device TEXT NOT NULL DEFAULT (''), sequence INTEGER NOT NULL DEFAULT (0)` : '';
  await q.query(
    `CREATE TABLE new_items (id TEXT PRIMARY KEY NOT NULL, version INTEGER NOT NULL, bakeId TEXT NOT NULL${inline('bakes')}, position INTEGER NOT NULL, title TEXT NOT NULL, document TEXT NOT NULL, settled TEXT NOT NULL, undone TEXT NOT NULL, removedAt TEXT${refers('items_of_bake', 'bakeId', 'bakes')})`,
  );
  await q.query(
    `CREATE TABLE new_runs (id TEXT PRIMARY KEY NOT NULL, bakeId TEXT NOT NULL${inline('bakes')}, startedAt TEXT NOT NULL, finishedAt TEXT, plan TEXT NOT NULL${refers('runs_of_bake', 'bakeId', 'bakes')})`,
  );
  await q.query(
    `CREATE TABLE new_run_events (id TEXT PRIMARY KEY NOT NULL, runId TEXT NOT NULL${inline('new_runs')}, type TEXT NOT NULL, at TEXT NOT NULL, data TEXT NOT NULL${order}${refers('events_of_run', 'runId', 'new_runs')})`,
  );
  await q.query(`INSERT INTO new_items (${itemColumns}) SELECT ${itemColumns} FROM items`);
  await q.query(`INSERT INTO new_runs (${runColumns}) SELECT ${runColumns} FROM runs`);
  await q.query(`INSERT INTO new_run_events (${eventColumns}) SELECT ${eventColumns} FROM run_events`);
  for (const table of ['run_events', 'runs', 'items']) await q.query(`DROP TABLE ${table}`);
  for (const table of ['items', 'runs', 'run_events']) await q.query(`ALTER TABLE new_${table} RENAME TO ${table}`);
  await q.query(`CREATE INDEX items_by_bake ON items (bakeId, position)`);
  await q.query(
    later
      ? `CREATE INDEX events_by_run ON run_events (runId, at, device, sequence)`
      : `CREATE INDEX events_by_run ON run_events (runId, at)`,
  );
}
