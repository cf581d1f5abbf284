import Database from 'better-sqlite3';
import { existsSync, mkdirSync, readdirSync, statSync, unlinkSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

const copiesKept = 7;

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

export const backupFolder = (file: string): string => join(dirname(file), 'backups');

const backups = (file: string): string[] => {
  const folder = backupFolder(file);
  if (!existsSync(folder)) return [];
  const stem = `${basename(file)}-`;
  return readdirSync(folder)
    .filter((name) => name.startsWith(stem))
    .sort()
    .map((name) => join(folder, name));
};

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

/** One copy a day through SQLite's own backup, the last seven kept. */
export async function backUp(file: string, today: Date): Promise<string> {
  const folder = backupFolder(file);
  mkdirSync(folder, { recursive: true });
  const target = join(folder, `${basename(file)}-${today.toISOString().slice(0, 10)}`);
  if (!existsSync(target)) {
    const db = new Database(file, { readonly: true });
    try {
      await db.backup(target);
    } finally {
      db.close();
    }
  }
  for (const old of backups(file).slice(0, -copiesKept)) unlinkSync(old);
  return target;
}
