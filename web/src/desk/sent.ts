import { contentText, type Draft, type Theirs } from './draft';

/** Where a device keeps what it sent and was not answered for: a page that is reloaded meanwhile must know its own words again. */
const place = 'crustallum.sent';
/** So many of one document: more are never under way. */
const mostKept = 4;

type Sent = Record<string, string[]>;

function read(): Sent {
  try {
    const kept = JSON.parse(localStorage.getItem(place) ?? '{}') as unknown;
    return typeof kept === 'object' && kept !== null && !Array.isArray(kept) ? (kept as Sent) : {};
  } catch {
    return {};
  }
}
function write(sent: Sent): void {
  try {
    localStorage.setItem(place, JSON.stringify(sent));
  } catch {
    // a full store only means that the cook may be asked once too often
  }
}

/** Notes what is about to be sent, before it is. */
export function noteSent(draft: Draft): void {
  const sent = read();
  const text = contentText(draft);
  write({ ...sent, [draft.id]: [...(sent[draft.id] ?? []).filter((t) => t !== text), text].slice(-mostKept) });
}

/** The server has answered for a document: nothing of it is under way. */
export function noteAnswered(id: string): void {
  const { [id]: _, ...rest } = read();
  write(rest);
}

/** What of a document was sent and not answered, as text. */
export const sentOf = (id: string): string[] => read()[id] ?? [];

/** Whether what the server has is what this device sent, though the answer never came. */
export const wasSent = (id: string, theirs: Theirs): boolean => sentOf(id).includes(contentText(theirs));
