import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

interface ServerState {
  /** The last thing asked of the server was not answered by it. */
  readonly isAway: boolean;
  /** It has other data than this page began with: a backup was brought back. */
  readonly isOther: boolean;
}

/** Whether the server answers, and with which data: every question tells. */
export const serverState = createSlice({
  name: 'server',
  initialState: { isAway: false, isOther: false } as ServerState,
  reducers: {
    heard: (before, { payload }: PayloadAction<{ isAway: boolean; isOther?: boolean }>) => ({
      isAway: payload.isAway,
      isOther: payload.isOther ?? before.isOther,
    }),
  },
});

export const { heard } = serverState.actions;
