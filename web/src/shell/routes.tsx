import { lazy } from 'react';
import { createBrowserRouter, type RouteObject } from 'react-router';
import { Today } from '../today/Today';
import { NotFound } from './NotFound';
import { Shell } from './Shell';

const NewDay = lazy(() => import('../today/NewDay').then((m) => ({ default: m.NewDay })));
const Brief = lazy(() => import('../stations/brief/BriefStation').then((m) => ({ default: m.BriefStation })));
const Eaters = lazy(() => import('../stations/brief/eaters/EatersStation').then((m) => ({ default: m.EatersStation })));
const Dough = lazy(() => import('../stations/dough/DoughStation').then((m) => ({ default: m.DoughStation })));
const Folds = lazy(() => import('../stations/folds/FoldsStation').then((m) => ({ default: m.FoldsStation })));
const Filling = lazy(() => import('../stations/filling/FillingStation').then((m) => ({ default: m.FillingStation })));
const Cut = lazy(() => import('../stations/cut/CutStation').then((m) => ({ default: m.CutStation })));
const Seal = lazy(() => import('../stations/seal/SealStation').then((m) => ({ default: m.SealStation })));
const Oven = lazy(() => import('../stations/oven/OvenStation').then((m) => ({ default: m.OvenStation })));
const Clock = lazy(() => import('../stations/clock/ClockStation').then((m) => ({ default: m.ClockStation })));
const Bench = lazy(() => import('../bench/Bench').then((m) => ({ default: m.Bench })));
const Log = lazy(() => import('../log/Log').then((m) => ({ default: m.Log })));
const Recipe = lazy(() => import('../recipe/Recipe').then((m) => ({ default: m.Recipe })));
const Larder = lazy(() => import('../larder/Larder').then((m) => ({ default: m.Larder })));

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
