import Database from 'better-sqlite3';
import { existsSync, mkdirSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import { backups } from './copy';

/** The data file cannot be read as SQLite. It is left untouched; the newest backup is named. */
export class CorruptDataFile extends Error {
  constructor(
    readonly file: string,
    readonly newestBackup: string | null,
    cause: string,
  ) {
    super(
      `The data file ${file} cannot be read (${cause}). It has been left as it is. ${newestBackup ? `Newest backup: ${newestBackup}` : 'There is no backup yet.'}`,
    );
    this.name = 'CorruptDataFile';
  }
}

/** Checks an existing data file before anything opens it for writing; makes the folder of a new one. */
export function checkDataFile(file: string): void {
  mkdirSync(dirname(file), { recursive: true });
  if (!existsSync(file) || statSync(file).size === 0) return;
  let fault: string | null = null;
  try {
    const db = new Database(file, { readonly: true, fileMustExist: true });
    try {
      const answer = db.pragma('quick_check', { simple: true }) as string;
      if (answer !== 'ok') fault = answer;
    } finally {
      db.close();
    }
  } catch (error) {
    fault = error instanceof Error ? error.message : String(error);
  }
  if (fault) throw new CorruptDataFile(file, backups(file).pop() ?? null, fault);
}
