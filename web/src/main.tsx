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
import { makeRouter } from './shell/routes';
import { store } from './desk/store';

void dropOldAnswers();
// the device's store is fetched beside the first answers: drafts and the last plan are wanted with them
void import('./desk/deskStore');
applyLight();
setInterval(applyLight, 5 * 60_000);

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={makeRouter()} />
    </Provider>
  </StrictMode>,
);
