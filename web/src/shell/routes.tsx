import { lazy, useState, type ComponentType } from 'react';
import { createBrowserRouter, type RouteObject } from 'react-router';
import { Today } from '../today/Today';
import { OpenDay } from './OpenDay';
import { NotFound } from './NotFound';
import { loadedRooms, rooms, type RoomWord } from './rooms';
import { Shell } from './Shell';

const lazyRooms = Object.fromEntries(
  Object.entries(rooms).map(([word, load]) => [word, lazy(async () => ({ default: (await load()) as ComponentType }))]),
) as unknown as Record<RoomWord, ComponentType>;

/** The room of a word. */
function Room({ of }: { of: RoomWord }) {
  // the one it began with stays: another component in its place would begin anew
  const [Component] = useState(() => loadedRooms.get(of) ?? lazyRooms[of]);
  return <Component />;
}

/** A route to a room; a room of its own even where two follow one another in one place. */
const room = (word: RoomWord, path: string = word): RouteObject => ({ path, element: <Room key={word} of={word} /> });

const stations = ['brief', 'eaters', 'dough', 'folds', 'filling', 'cut', 'seal', 'oven', 'clock'] as const;

export const routes: RouteObject[] = [
  room('bench', '/bench'),
  {
    path: '/',
    element: <Shell />,
    children: [
      { index: true, element: <Today /> },
      room('new'),
      room('days'),
      room('setup'),
      { path: 'bakes/:bakeId', element: <OpenDay /> },
      { path: 'bakes/:bakeId/:itemId', children: stations.map((word) => room(word)) },
      room('log'),
      room('log', 'log/:entryId'),
      room('recipe'),
      room('larder'),
      room('door'),
      { path: '*', element: <NotFound /> },
    ],
  },
];

export const makeRouter = () => createBrowserRouter(routes);
