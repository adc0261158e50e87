import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What helps with the whole class, opened beside it: fitting it, proposing a part of it, who needs what in it, and how it fits the hall. */
export type Drawer = 'fit' | 'propose' | 'warm-up' | 'cool-down' | 'needs' | 'hall';

/** What the instructor's hand is on: the line that has the keyboard, the one pointed at on the tide, and those that are chosen. */
interface Hand {
  readonly inHand: string | null;
  readonly pointed: string | null;
  readonly chosen: readonly string[];
  /** The line that was chosen last: choosing on goes from there. */
  readonly lastChosen: string | null;
  /** The drawer that is open; null where none is. */
  readonly drawer: Drawer | null;
  /** Whether who needs what stands beside the lines. */
  readonly isNeedsBeside: boolean;
}

const EMPTY: Hand = { inHand: null, pointed: null, chosen: [], lastChosen: null, drawer: null, isNeedsBeside: false };

const hand = createSlice({
  name: 'hand',
  initialState: EMPTY,
  reducers: {
    taken: (now, { payload }: PayloadAction<string | null>) => ({ ...now, inHand: payload }),
    pointedAt: (now, { payload }: PayloadAction<string | null>) => ({ ...now, pointed: payload }),
    chosenToo: (now, { payload }: PayloadAction<string>) => ({
      ...now,
      lastChosen: payload,
      chosen: now.chosen.includes(payload) ? now.chosen.filter((id) => id !== payload) : [...now.chosen, payload],
    }),
    chosenInstead: (now, { payload }: PayloadAction<{ readonly ids: readonly string[]; readonly from: string }>) => ({
      ...now,
      chosen: payload.ids,
      lastChosen: now.lastChosen ?? payload.from,
    }),
    letGo: (now) => ({ ...now, chosen: [], lastChosen: null }),
    drawerOpened: (now, { payload }: PayloadAction<Drawer | null>) => ({ ...now, drawer: payload }),
    needsBeside: (now, { payload }: PayloadAction<boolean>) => ({ ...now, isNeedsBeside: payload }),
    /** Another class lies on the desk. */
    emptied: () => EMPTY,
  },
});

export const { taken, pointedAt, chosenToo, chosenInstead, letGo, drawerOpened, needsBeside, emptied } = hand.actions;
export const handReducer = hand.reducer;
