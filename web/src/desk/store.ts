import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from '../api/api';
import { allDrafts, desk } from './desk';
import { deskListener, listenToTabs } from './listeners';
import { keepLast } from './drafts';
import { askedLine } from './lines';
import { history } from './history';
import { notice } from './notices';

export const makeStore = () =>
  configureStore({
    reducer: {
      [api.reducerPath]: api.reducer,
      desk: desk.reducer,
      notice: notice.reducer,
      askedLine: askedLine.reducer,
      history: history.reducer,
    },
    // the plan is a large plain object made by the worker; walking it at every action would cost more than drawing it
    middleware: (defaults) =>
      defaults({ immutableCheck: false, serializableCheck: false })
        .prepend(deskListener.middleware)
        .concat(api.middleware),
  });

export const store = makeStore();

// a page that is left or reloaded keeps on the device what the drafts had not written yet
window.addEventListener('pagehide', () => keepLast(allDrafts(store.getState().desk)));
listenToTabs(store.dispatch);

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
