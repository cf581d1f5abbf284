import type { RunEventInput } from '../contracts/run';

/** When it happened by the clock of the house, ms since 1970. */
export const happenedAt = (e: Pick<RunEventInput, 'at' | 'skewMs'>): number => Date.parse(e.at) + (e.skewMs ?? 0);

/**
 * The order every device agrees on: by the Lamport number, then device, then the device's own count. Events of before had no
 * number: they come first, by their time.
 */
export function inOrder(a: RunEventInput, b: RunEventInput): number {
  const [x, y] = [a.lamport ?? 0, b.lamport ?? 0];
  if (x !== y) return x - y;
  const byTime = x === 0 ? happenedAt(a) - happenedAt(b) : 0;
  if (byTime) return byTime;
  const byDevice = compared(a.device ?? '', b.device ?? '');
  return byDevice || (a.sequence ?? 0) - (b.sequence ?? 0) || compared(a.id, b.id);
}
const compared = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** Each event once, in the order every device agrees on. */
export function ordered<E extends RunEventInput>(events: readonly E[]): E[] {
  const once = new Map<string, E>();
  for (const e of events) if (!once.has(e.id)) once.set(e.id, e);
  return [...once.values()].sort(inOrder);
}

/**
 * Events that stand: what was taken back is left out, with what came along with it (`data.with`) and with the echoes of the same
 * press from other screens that were there by then. The last word on an event, in order, holds; taking back a taking back is the
 * event again.
 */
export function standing<E extends RunEventInput>(inTurn: readonly E[]): E[] {
  const undos = new Map(inTurn.flatMap((e) => (e.type === 'undo' ? [[e.id, String(e.data['event'])] as const] : [])));
  if (undos.size === 0) return [...inTurn];
  const byId = new Map(inTurn.map((e) => [e.id, e]));
  const gone = new Map<string, boolean>();
  const before: E[] = [];
  for (const e of inTurn) {
    before.push(e);
    if (e.type !== 'undo') continue;
    let target = undos.get(e.id) as string;
    let takesBack = true;
    // an undo may name an undo: each turns the word round; none is followed further than there are undos
    for (let n = 0; undos.has(target) && n < undos.size; n++) {
      target = undos.get(target) as string;
      takesBack = !takesBack;
    }
    gone.set(target, takesBack);
    const meant = byId.get(target);
    if (meant && echoed.has(meant.type))
      for (const b of before)
        if (b.type === meant.type && b.data['step'] === meant.data['step']) gone.set(b.id, takesBack);
  }
  return inTurn.filter((e) => {
    const along = typeof e.data['with'] === 'string' ? e.data['with'] : '';
    return e.type !== 'undo' && !gone.get(e.id) && !gone.get(along);
  });
}
/** Pressed at several screens they are one. */
const echoed = new Set<RunEventInput['type']>(['begin', 'done', 'skip']);
