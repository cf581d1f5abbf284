import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/commissioner/full.css';
import '@fontsource-variable/literata/wght-italic.css';
import './design/app.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router';
import { api } from './api/api';
import { dropOldAnswers } from './api/offlineCache';
import { applyLight } from './design/light';
import { makeRouter } from './shell/routes';
import { store } from './desk/store';

void dropOldAnswers();
// what every page opens with is asked for before the first of them is drawn: the device's store holds
// the drafts and the last plan
void import('./desk/deskStore').then(({ deskStore }) => deskStore.open()).catch(() => undefined);
void store.dispatch(api.endpoints.bakes.initiate(undefined, { subscribe: false }));
void store.dispatch(api.endpoints.kitchen.initiate(undefined, { subscribe: false }));
void store.dispatch(api.endpoints.larder.initiate(undefined, { subscribe: false }));
applyLight();
setInterval(applyLight, 5 * 60_000);

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={makeRouter()} />
    </Provider>
  </StrictMode>,
);
