import type { ComponentType } from 'react';

/** Each room by the word its address ends with, loaded when it is first entered. */
export const rooms = {
  new: () => import('../today/NewDay').then((m) => m.NewDay),
  brief: () => import('../stations/brief/BriefStation').then((m) => m.BriefStation),
  eaters: () => import('../stations/brief/eaters/EatersStation').then((m) => m.EatersStation),
  dough: () => import('../stations/dough/DoughStation').then((m) => m.DoughStation),
  folds: () => import('../stations/folds/FoldsStation').then((m) => m.FoldsStation),
  filling: () => import('../stations/filling/FillingStation').then((m) => m.FillingStation),
  cut: () => import('../stations/cut/CutStation').then((m) => m.CutStation),
  seal: () => import('../stations/seal/SealStation').then((m) => m.SealStation),
  oven: () => import('../stations/oven/OvenStation').then((m) => m.OvenStation),
  clock: () => import('../stations/clock/ClockStation').then((m) => m.ClockStation),
  bench: () => import('../bench/Bench').then((m) => m.Bench),
  setup: () => import('../setup/Setup').then((m) => m.default),
  days: () => import('../days/Days').then((m) => m.Days),
  log: () => import('../log/Log').then((m) => m.Log),
  recipe: () => import('../recipe/Recipe').then((m) => m.Recipe),
  door: () => import('../door/Door').then((m) => m.Door),
  larder: () => import('../larder/Larder').then((m) => m.Larder),
} satisfies Record<string, () => Promise<ComponentType>>;

export type RoomWord = keyof typeof rooms;

/** What was loaded before it is drawn: a lazy one would show its waiting page first, and that stands for a third of a second. */
export const loadedRooms = new Map<RoomWord, ComponentType>();

/** Loads the room an address names, before anything is drawn. */
export async function loadRoom(path: string): Promise<void> {
  const word = path.split('/').findLast((part): part is RoomWord => part in rooms);
  if (!word) return;
  await rooms[word]()
    .then((room) => loadedRooms.set(word, room))
    .catch(() => undefined);
}
