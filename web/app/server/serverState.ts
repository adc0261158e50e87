import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

interface ServerState {
  /** The last thing asked of the server was not answered by it. */
  readonly isAway: boolean;
}

/** Whether the server answers: every question tells. */
export const serverState = createSlice({
  name: 'server',
  initialState: { isAway: false } as ServerState,
  reducers: { heard: (_, { payload }: PayloadAction<{ isAway: boolean }>) => payload },
});

export const { heard } = serverState.actions;
