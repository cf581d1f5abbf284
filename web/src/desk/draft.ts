import type { MealInput } from '@crustallum/core/contracts/meal';
import type { StoredItem } from '@crustallum/core/contracts/bake';

/** Id under which the meal of a bake is kept and sent; items go by their own. */
export const mealId = (bakeId: string): string => `meal:${bakeId}`;

/** A document as it stands on this device, and the version on the server it was made on. */
export type Draft = { id: string; bakeId: string; title: string; version: number } & (
  { kind: 'item'; item: Pick<StoredItem, 'document' | 'settled' | 'undone'> } | { kind: 'meal'; meal: MealInput }
);

/** The same document on the server: what a stale write is answered with. */
export type Theirs = { version: number } & (
  { kind: 'item'; item: Pick<StoredItem, 'document' | 'settled' | 'undone'> } | { kind: 'meal'; meal: MealInput }
);

/** Text of plain JSON whatever the order of its keys; what is undefined is left out, as it would be when sent. */
function canonical(value: unknown): string {
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  const entries = Object.entries(value)
    .filter(([, v]) => v !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1));
  return `{${entries.map(([k, v]) => `${JSON.stringify(k)}:${canonical(v)}`).join(',')}}`;
}

const contentOf = (of: Draft | Theirs): unknown =>
  of.kind === 'meal' ? of.meal : { document: of.item.document, settled: of.item.settled, undone: of.item.undone };

/** What a state of a document says, as text, whatever its version. */
export const contentText = (of: Draft | Theirs): string => canonical(contentOf(of));

/** Whether two states of a document say the same, whatever their versions. */
export const sameContent = (a: Draft | Theirs, b: Draft | Theirs): boolean =>
  a.kind === b.kind && contentText(a) === contentText(b);
