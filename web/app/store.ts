import {
  combineSlices,
  configureStore,
  createDynamicMiddleware,
  type Middleware,
  type Reducer,
  type UnknownAction,
} from '@reduxjs/toolkit';
import { useDispatch } from 'react-redux';
import { api } from './server/api';
import { serverState } from './server/serverState';

const rootReducer = combineSlices(api, serverState);
const addedMiddleware = createDynamicMiddleware();

/** What the whole house keeps: the answers of the server. A place adds what it keeps itself when it is loaded. */
export const store = configureStore({
  reducer: rootReducer,
  middleware: (defaults) => defaults().prepend(addedMiddleware.middleware).concat(api.middleware),
});

export type State = ReturnType<typeof store.getState>;
export type Dispatch = typeof store.dispatch;

export const useAppDispatch = useDispatch.withTypes<Dispatch>();

/**
 * Adds a place's part to the store, once the place has been loaded. Called from the module in which the part's hooks stand, so
 * that nobody can read what is not there yet.
 * @param path its name in the store
 * @param middleware what listens to its actions
 */
export function addToStore<Part>(
  path: string,
  reducer: Reducer<Part, UnknownAction>,
  ...middleware: readonly Middleware[]
): void {
  rootReducer.inject({ reducerPath: path, reducer });
  addedMiddleware.addMiddleware(...middleware);
  // What was added begins with the next action: this is one.
  store.dispatch({ type: `${path}/added` });
}
