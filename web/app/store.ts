import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { movementDraftReducer } from '../places/repertoire/editor/movementDraft';
import { draftReducer } from '../places/sessions/draft/draft';
import { draftSync } from '../places/sessions/draft/draftSync';
import { api } from './api';

export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, draft: draftReducer, movementDraft: movementDraftReducer },
  middleware: (defaults) => defaults().prepend(draftSync.middleware).concat(api.middleware),
});

export type State = ReturnType<typeof store.getState>;
export type Dispatch = typeof store.dispatch;

export const useAppSelector = useSelector.withTypes<State>();
export const useAppDispatch = useDispatch.withTypes<Dispatch>();
export const useAppStore = useStore.withTypes<typeof store>();
