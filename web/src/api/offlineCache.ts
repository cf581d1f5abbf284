import { version } from '../../package.json';

/** Where the service worker keeps the server's last answers: another version of the application does not read them. */
export const apiCache = `api-${version}`;
export const apiCacheDays = 30;

const caches = (): CacheStorage | undefined => (globalThis as { caches?: CacheStorage }).caches;

/** Puts a document as it was stored last in the place of the answer first fetched: offline, a reload shows that one. */
export async function keepAnswer(path: string, document: unknown): Promise<void> {
  const cache = await caches()?.open(apiCache);
  const answer = new Response(JSON.stringify(document), { headers: { 'content-type': 'application/json' } });
  await cache?.put(new URL(`/api/${path}`, location.origin).href, answer);
}

/** Lets go what other versions kept. */
export async function dropOldAnswers(): Promise<void> {
  const old = ((await caches()?.keys()) ?? []).filter((name) => name.startsWith('api') && name !== apiCache);
  for (const name of old) await caches()?.delete(name);
}
