import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { addToStore, type State } from '../../../app/store';

/** How far the classes of a course are drawn up, one after the other. */
export interface TermWork {
  /** How many are done, of how many. */
  readonly done: number;
  readonly of: number;
  /** The number of the class in hand; null where the work has ended. */
  readonly now: number | null;
  /** What is still to be minded, by the number of the class. */
  readonly left: readonly { readonly number: number; readonly what: string }[];
  /** Why it ended before its end; null where it did not. */
  readonly failure: string | null;
}

const initialState: Record<string, TermWork> = {};

const slice = createSlice({
  name: 'termWork',
  initialState,
  reducers: {
    begun: (state, { payload: { id, of } }: PayloadAction<{ id: string; of: number }>) => {
      state[id] = { done: 0, of, now: null, left: [], failure: null };
    },
    reached: (state, { payload: { id, now } }: PayloadAction<{ id: string; now: number }>) => {
      const work = state[id];
      if (work) state[id] = { ...work, now };
    },
    drawn: (state, { payload }: PayloadAction<{ id: string; number: number; left: readonly string[] }>) => {
      const work = state[payload.id];
      if (!work) return;
      const left = payload.left.map((what) => ({ number: payload.number, what }));
      state[payload.id] = { ...work, done: work.done + 1, left: [...work.left, ...left] };
    },
    ended: (state, { payload: { id, failure } }: PayloadAction<{ id: string; failure: string | null }>) => {
      const work = state[id];
      if (work) state[id] = { ...work, now: null, failure };
    },
    forgotten: (state, { payload }: PayloadAction<string>) => {
      delete state[payload];
    },
  },
});
export const { begun, reached, drawn, ended, forgotten } = slice.actions;

addToStore(slice.name, slice.reducer);

/** How far the term of a course is drawn up; null where nobody asked for it. */
export const selectTermWork = (state: State, id: string): TermWork | null =>
  (state as State & { termWork: Record<string, TermWork> }).termWork[id] ?? null;
