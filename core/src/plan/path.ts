import { RefusedInput } from '../quantities/refusal';

type Fields = Record<string, unknown>;

/** Names that lead out of a document into what every object shares. */
const shared = new Set(['__proto__', 'prototype', 'constructor']);

const own = (at: unknown, name: string): unknown =>
  typeof at === 'object' && at !== null && !shared.has(name) && Object.hasOwn(at, name)
    ? (at as Fields)[name]
    : undefined;

/**
 * The value at a dotted path of a document (`folds.turns`, `cut.outline.2.x`), by its own properties only.
 * @returns `undefined` where there is nothing.
 * @example readPath({ folds: { turns: 4 } }, 'folds.turns') // 4
 */
export const readPath = (document: object, path: string): unknown =>
  path.split('.').reduce<unknown>((at, name) => own(at, name), document);

/**
 * The document with the value at a dotted path replaced, copying only what changes. Every name but the last must be there
 * already, as the document's own property, and so must a place in a list; refuses any other path and every name all objects share.
 * @example writePath({ folds: { turns: 4 } }, 'folds.turns', 5) // { folds: { turns: 5 } }
 */
export function writePath<Document extends object>(document: Document, path: string, value: unknown): Document {
  return put(document, path.split('.'), path, value) as Document;
}

/**
 * The document with several paths written, one after the other.
 * @example writePaths({ folds: { turns: 4, fold: 3 } }, { 'folds.turns': 5 }) // { folds: { turns: 5, fold: 3 } }
 */
export const writePaths = <Document extends object>(document: Document, changes: Record<string, unknown>): Document =>
  Object.entries(changes).reduce((made, [path, value]) => writePath(made, path, value), document);

function put(at: object, names: readonly string[], path: string, value: unknown): object {
  const [name, ...rest] = names as [string, ...string[]];
  const inner = own(at, name);
  const noPlace = Array.isArray(at) && !(/^\d+$/.test(name) && Number(name) < at.length);
  if (noPlace || shared.has(name) || name === '' || (rest.length > 0 && (typeof inner !== 'object' || inner === null)))
    throw new RefusedInput({ field: `changes.${path}`, code: 'unknown', value, allowed: 'an input of the item' });
  const next = rest.length > 0 ? put(inner as object, rest, path, value) : value;
  return Array.isArray(at) ? at.with(Number(name), next) : { ...at, [name]: next };
}
