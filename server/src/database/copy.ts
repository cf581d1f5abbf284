import Database from 'better-sqlite3';
import { existsSync, mkdirSync, readdirSync, statSync, unlinkSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

const copiesKept = 7;

export const backupFolder = (file: string): string => join(dirname(file), 'backups');

/** The copies there are of a data file, oldest first. */
export const backups = (file: string): string[] => {
  const folder = backupFolder(file);
  if (!existsSync(folder)) return [];
  const stem = `${basename(file)}-`;
  return readdirSync(folder)
    .filter((name) => name.startsWith(stem))
    .sort()
    .map((name) => join(folder, name));
};

async function copyTo(file: string, target: string): Promise<string> {
  mkdirSync(backupFolder(file), { recursive: true });
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

const dated = (file: string, today: Date, why = ''): string =>
  join(backupFolder(file), `${basename(file)}-${today.toISOString().slice(0, 10)}${why}`);

/** One copy a day through SQLite's own backup, the last seven kept. */
export const backUp = (file: string, today: Date): Promise<string> => copyTo(file, dated(file, today));

/** Names of the migrations a data file has been through; none for a file that is new. */
function wentThrough(file: string): Set<string> {
  const db = new Database(file, { readonly: true, fileMustExist: true });
  try {
    const kept = db.prepare(`SELECT name FROM sqlite_master WHERE type = 'table' AND name = 'migrations'`).get();
    if (!kept) return new Set();
    return new Set((db.prepare('SELECT name FROM migrations').all() as { name: string }[]).map((row) => row.name));
  } finally {
    db.close();
  }
}

/** Before a file of an older version is carried on, it is copied as it was. Null where nothing is to be carried on. */
export async function copyBeforeMigrations(
  file: string,
  migrations: readonly { name: string }[],
  today: Date,
): Promise<string | null> {
  if (!existsSync(file) || statSync(file).size === 0) return null;
  const done = wentThrough(file);
  if (done.size === 0 || migrations.every(({ name }) => done.has(name))) return null;
  return copyTo(file, dated(file, today, `-before-${migrations[migrations.length - 1]?.name}`));
}
