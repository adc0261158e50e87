import { useSelector, useStore } from 'react-redux';
import { addToStore, type State, type store } from '../../../app/store';
import { draftReducer } from './draft';
import { draftSync } from './draftSync';

addToStore('draft', draftReducer, draftSync.middleware);

/** The store with the class on the desk in it. */
export type DeskState = State & { readonly draft: ReturnType<typeof draftReducer> };
type DeskStore = Omit<typeof store, 'getState'> & { readonly getState: () => DeskState };

export const useDeskSelector = useSelector.withTypes<DeskState>();
export const useDeskStore = useStore.withTypes<DeskStore>();
