import { lazy } from 'react';
import { createBrowserRouter, type RouteObject } from 'react-router';
import { Today } from '../today/Today';
import { NotFound } from './NotFound';
import { Shell } from './Shell';

/** Each room by the word its address ends with, loaded when it is first entered. */
const rooms = {
  new: () => import('../today/NewDay').then((m) => ({ default: m.NewDay })),
  brief: () => import('../stations/brief/BriefStation').then((m) => ({ default: m.BriefStation })),
  eaters: () => import('../stations/brief/eaters/EatersStation').then((m) => ({ default: m.EatersStation })),
  dough: () => import('../stations/dough/DoughStation').then((m) => ({ default: m.DoughStation })),
  folds: () => import('../stations/folds/FoldsStation').then((m) => ({ default: m.FoldsStation })),
  filling: () => import('../stations/filling/FillingStation').then((m) => ({ default: m.FillingStation })),
  cut: () => import('../stations/cut/CutStation').then((m) => ({ default: m.CutStation })),
  seal: () => import('../stations/seal/SealStation').then((m) => ({ default: m.SealStation })),
  oven: () => import('../stations/oven/OvenStation').then((m) => ({ default: m.OvenStation })),
  clock: () => import('../stations/clock/ClockStation').then((m) => ({ default: m.ClockStation })),
  bench: () => import('../bench/Bench').then((m) => ({ default: m.Bench })),
  log: () => import('../log/Log').then((m) => ({ default: m.Log })),
  recipe: () => import('../recipe/Recipe').then((m) => ({ default: m.Recipe })),
  larder: () => import('../larder/Larder').then((m) => ({ default: m.Larder })),
} as const;

const NewDay = lazy(rooms.new);
const Brief = lazy(rooms.brief);
const Eaters = lazy(rooms.eaters);
const Dough = lazy(rooms.dough);
const Folds = lazy(rooms.folds);
const Filling = lazy(rooms.filling);
const Cut = lazy(rooms.cut);
const Seal = lazy(rooms.seal);
const Oven = lazy(rooms.oven);
const Clock = lazy(rooms.clock);
const Bench = lazy(rooms.bench);
const Log = lazy(rooms.log);
const Recipe = lazy(rooms.recipe);
const Larder = lazy(rooms.larder);

/** Begins to load the room an address names, before anything is drawn. */
export function loadRoom(path: string): void {
  const word = path.split('/').findLast((part) => part in rooms);
  if (word) void rooms[word as keyof typeof rooms]().catch(() => undefined);
}

export const routes: RouteObject[] = [
  { path: '/bench', element: <Bench /> },
  {
    path: '/',
    element: <Shell />,
    children: [
      { index: true, element: <Today /> },
      { path: 'new', element: <NewDay /> },
      {
        path: 'bakes/:bakeId/:itemId',
        children: [
          { path: 'brief', element: <Brief /> },
          { path: 'eaters', element: <Eaters /> },
          { path: 'dough', element: <Dough /> },
          { path: 'folds', element: <Folds /> },
          { path: 'filling', element: <Filling /> },
          { path: 'cut', element: <Cut /> },
          { path: 'seal', element: <Seal /> },
          { path: 'oven', element: <Oven /> },
          { path: 'clock', element: <Clock /> },
        ],
      },
      { path: 'log', element: <Log /> },
      { path: 'log/:entryId', element: <Log /> },
      { path: 'recipe', element: <Recipe /> },
      { path: 'larder', element: <Larder /> },
      { path: '*', element: <NotFound /> },
    ],
  },
];

export const makeRouter = () => createBrowserRouter(routes);
