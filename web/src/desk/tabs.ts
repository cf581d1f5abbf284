import { v4 as newId } from 'uuid';
/** This page among the open ones of the application. */
export const thisTab = newId();

const lockOf = (tab: string) => `crustallum-page-${tab}`;
// `navigator.locks` is missing where the page is not secure, and in tests
const locks = (): LockManager | undefined => navigator.locks;

// held as long as this page is open, so that others know that it sends its own drafts
void locks()?.request(lockOf(thisTab), () => new Promise<void>(() => undefined));

/** The pages open now; none where that cannot be known. */
export async function livingTabs(): Promise<Set<string>> {
  const held = (await locks()?.query())?.held ?? [];
  const prefix = lockOf('');
  return new Set(held.flatMap(({ name }) => (name?.startsWith(prefix) ? [name.slice(prefix.length)] : [])));
}

/** What one page tells the others of a document: values that changed by dotted path, or that it is stored. */
export type TabMessage =
  { kind: 'changed'; id: string; changes: Record<string, unknown> } | { kind: 'saved'; id: string; version: number };

const channel = new BroadcastChannel('crustallum-desk');
(channel as { unref?: () => void }).unref?.();

export const tellTabs = (message: TabMessage): void => channel.postMessage(message);

export const onTabs = (heard: (message: TabMessage) => void): void =>
  channel.addEventListener('message', (event: MessageEvent<TabMessage>) => heard(event.data));
