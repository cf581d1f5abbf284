import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/commissioner/full.css';
import '@fontsource-variable/literata/wght-italic.css';
import './design/app.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router';
import { dropOldAnswers } from './api/offlineCache';
import { applyLight } from './design/light';
import { loadRoom, makeRouter } from './shell/routes';
import { openFirst } from './desk/openFirst';
import { store } from './desk/store';

loadRoom(location.pathname);
void openFirst(store.dispatch, location.pathname);
void dropOldAnswers();
applyLight();
setInterval(applyLight, 5 * 60_000);

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={makeRouter()} />
    </Provider>
  </StrictMode>,
);
