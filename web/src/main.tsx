import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/commissioner/full.css';
import '@fontsource-variable/literata/wght-italic.css';
import './design/app.css';
import { StrictMode, useSyncExternalStore } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router';
import { dropOldAnswers } from './api/offlineCache';
import { applyLight } from './design/light';
import { letGoOfPicture } from './shell/keptPicture';
import { loadRoom } from './shell/rooms';
import { makeRouter } from './shell/routes';
import { openFirst } from './desk/openFirst';
import { store } from './desk/store';
import { Enter } from './door/Enter';
import { useShut } from './door/shut';
import { onUnits, units } from './wording/units';

const router = makeRouter();
/** Everything, drawn anew when the cook reads in other units. */
function AsRead() {
  const read = useSyncExternalStore(onUnits, units);
  const shut = useShut();
  if (shut) return <Enter why={shut} />;
  return <RouterProvider key={JSON.stringify(read)} router={router} />;
}

const room = loadRoom(location.pathname);
const opened = openFirst(store.dispatch, location.pathname).catch(() => undefined);
void dropOldAnswers();
applyLight();
setInterval(applyLight, 5 * 60_000);

/** What a device that was here before needs to have its last plan on the desk; a slower answer finds the page drawn without it. */
const drawAtLatestMs = 500;

// not awaited here: the rooms' own files wait for this one
void Promise.race([Promise.all([opened, room]), new Promise((late) => setTimeout(late, drawAtLatestMs))]).then(() => {
  createRoot(document.getElementById('root') as HTMLElement).render(
    <StrictMode>
      <Provider store={store}>
        <AsRead />
      </Provider>
    </StrictMode>,
  );
  letGoOfPicture();
});
