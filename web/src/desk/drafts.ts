import type { StoredItem } from '../api/api';

const place = 'crustallum.drafts';

/** Changes not yet stored by the server, kept on the device so that a reload loses nothing. */
export function readDrafts(): Record<string, StoredItem> {
  try {
    return JSON.parse(localStorage.getItem(place) ?? '{}') as Record<string, StoredItem>;
  } catch {
    return {};
  }
}

export function writeDrafts(items: readonly StoredItem[], unsaved: readonly string[]): void {
  const drafts = Object.fromEntries(items.filter((i) => unsaved.includes(i.id)).map((i) => [i.id, i]));
  try {
    localStorage.setItem(place, JSON.stringify(drafts));
  } catch {
    // a full or forbidden store only loses the reload safety, not the change
  }
}
