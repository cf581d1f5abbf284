import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Events of a run are numbered as they come, and carry what puts those of several devices in one order. */
export class EventsOfSeveralDevices1764000600000 implements MigrationInterface {
  name = 'EventsOfSeveralDevices1764000600000';

  async up(q: QueryRunner): Promise<void> {
    await q.query(`ALTER TABLE run_events ADD COLUMN lamport INTEGER NOT NULL DEFAULT (0)`);
    await q.query(`ALTER TABLE run_events ADD COLUMN skewMs INTEGER NOT NULL DEFAULT (0)`);
    await q.query(`ALTER TABLE run_events ADD COLUMN cook TEXT NOT NULL DEFAULT ('')`);
    await q.query(`ALTER TABLE run_events ADD COLUMN number INTEGER NOT NULL DEFAULT (0)`);
    await q.query(
      `UPDATE run_events SET number = (SELECT COUNT(*) FROM run_events e WHERE e.runId = run_events.runId
       AND (e.at, e.device, e.sequence, e.id) <= (run_events.at, run_events.device, run_events.sequence, run_events.id))`,
    );
    await q.query(`DROP INDEX events_by_run`);
    await q.query(`CREATE UNIQUE INDEX events_by_run ON run_events (runId, number)`);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`DROP INDEX events_by_run`);
    for (const column of ['number', 'cook', 'skewMs', 'lamport'])
      await q.query(`ALTER TABLE run_events DROP COLUMN ${column}`);
    await q.query(`CREATE INDEX events_by_run ON run_events (runId, at, device, sequence)`);
  }
}
