import type { Draft } from './draft';
import { sentOf } from './sent';
import { livingTabs, thisTab } from './tabs';

/** Where a page that is left writes what its store may not have had the time for. */
const lastPlace = 'crustallum.drafts';

/** A draft found on the device; `living`: another open page made it and will send it itself. */
export type FoundDraft = Draft & {
  living: boolean;
  /** What of it was sent by a page that was left before the answer came, as text. */
  sent?: string[];
};

/** The store is fetched apart, beside the first drawing. */
const store = () => import('./deskStore').then((m) => m.deskStore);

/** What this page has written, as text: only what changed is written again. */
const written = new Map<string, string>();
let writing: Promise<void> = Promise.resolve();

/** Every change on this device that the server has not had, by document. */
export async function readDrafts(): Promise<FoundDraft[]> {
  await writing;
  const left = readLast();
  const { drafts } = await store();
  if (left.length) await drafts.bulkPut(left.map((d) => ({ ...d, tab: '' })));
  localStorage.removeItem(lastPlace);
  const living = await livingTabs();
  return (await drafts.toArray()).map(({ tab, ...draft }) => {
    const mine = !living.has(tab);
    if (mine) written.set(draft.id, JSON.stringify(draft));
    const sent = sentOf(draft.id);
    return { ...draft, living: !mine, ...(sent.length ? { sent } : {}) };
  });
}

/** Keeps exactly these of this page's drafts on the device, each by its document's id; those of other pages are not touched. */
export function keepDrafts(all: readonly Draft[]): Promise<void> {
  const now = new Map(all.map((d) => [d.id, JSON.stringify(d)]));
  const put = all.filter((d) => written.get(d.id) !== now.get(d.id));
  const gone = [...written.keys()].filter((id) => !now.has(id));
  for (const d of put) written.set(d.id, now.get(d.id) as string);
  for (const id of gone) written.delete(id);
  if (put.length === 0 && gone.length === 0) return writing;
  writing = writing
    .then(async () => {
      const { drafts } = await store();
      if (put.length) await drafts.bulkPut(put.map((d) => ({ ...d, tab: thisTab })));
      if (gone.length) await drafts.bulkDelete(gone);
    })
    .catch(() => undefined); // a full or forbidden store only loses the reload safety, not the change
  return writing;
}

/** What a page that is left has unsent, written at once: the store may not have had the time. */
export function keepLast(all: readonly Draft[]): void {
  try {
    if (all.length) localStorage.setItem(lastPlace, JSON.stringify(all));
  } catch {
    // as above
  }
}

function readLast(): Draft[] {
  try {
    const left = JSON.parse(localStorage.getItem(lastPlace) ?? '[]') as unknown;
    return Array.isArray(left) ? (left as Draft[]).filter((d) => typeof d?.id === 'string') : [];
  } catch {
    return [];
  }
}
