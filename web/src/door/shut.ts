import { useSyncExternalStore } from 'react';

/** Why this screen reaches nothing: it was never let in, or was taken back. */
export type Shut = 'not_let_in' | 'shut_out' | null;
let shut: Shut = null;
const heard = new Set<() => void>();

/** What a refusal says of the door; other refusals say nothing of it. */
export function heardAtDoor(status: number, body: unknown): void {
  const code = (body as { errors?: { code?: string }[] } | null)?.errors?.[0]?.code;
  if (status !== 401 || (code !== 'not_let_in' && code !== 'shut_out') || shut === code) return;
  shut = code;
  if (code === 'shut_out') void forgetAll();
  for (const tell of heard) tell();
}

export const useShut = (): Shut =>
  useSyncExternalStore(
    (tell) => {
      heard.add(tell);
      return () => heard.delete(tell);
    },
    () => shut,
  );

/** What a screen that was taken back had kept for itself goes: days, drafts, runs, answers. */
export async function forgetAll(): Promise<void> {
  localStorage.clear();
  const kept = typeof caches === 'undefined' ? [] : await caches.keys();
  await Promise.all(kept.map((name) => caches.delete(name)));
  const stores = await indexedDB.databases().catch(() => []);
  for (const { name } of stores) if (name) indexedDB.deleteDatabase(name);
}
