import { createAction, createSlice, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import undoable, { newHistory, type StateWithHistory } from 'redux-undo';
import type { PostureChange } from '../../../../core/body/written/posture';
import {
  changePhase,
  insertPhase,
  joinChanges,
  movePhase,
  type PhasePlace,
  removePhase,
} from '../../../../core/movement/edit/editMovement';
import type { Movement } from '../../../../core/movement/schema/movement';
import type { Phase } from '../../../../core/movement/schema/phase';

/** The movement that is open in the editor. Every change goes through here, so that every change can be undone. */
const movementDraft = createSlice({
  name: 'movementDraft',
  initialState: null as Movement | null,
  reducers: {
    described: (movement, { payload }: PayloadAction<Partial<Movement>>) => movement && { ...movement, ...payload },
    startChanged: (movement, { payload }: PayloadAction<PostureChange>) =>
      movement && { ...movement, start: joinChanges(movement.start, payload) as Movement['start'] },
    phaseAdded: (movement, { payload }: PayloadAction<{ at: PhasePlace; phase: Phase }>) =>
      movement && insertPhase(movement, payload.at, payload.phase),
    phaseChanged: (movement, { payload }: PayloadAction<{ at: PhasePlace; change: Partial<Phase> }>) =>
      movement && changePhase(movement, payload.at, (phase) => ({ ...phase, ...payload.change })),
    postureChanged: (movement, { payload }: PayloadAction<{ at: PhasePlace; to: PostureChange }>) =>
      movement && changePhase(movement, payload.at, (phase) => ({ ...phase, to: joinChanges(phase.to, payload.to) })),
    phaseMoved: (movement, { payload }: PayloadAction<{ at: PhasePlace; by: 1 | -1 }>) =>
      movement && movePhase(movement, payload.at, payload.by),
    phaseRemoved: (movement, { payload }: PayloadAction<PhasePlace>) => movement && removePhase(movement, payload),
  },
});

export const { described, startChanged, phaseAdded, phaseChanged, postureChanged, phaseMoved, phaseRemoved } =
  movementDraft.actions;

/** A movement is laid on the bench: nothing of another one can be undone into it. */
export const movementOpened = createAction<Movement>('movementDraft/movementOpened');
export const draftUndone = createAction('movementDraft/undone');
export const draftRedone = createAction('movementDraft/redone');

const editing = undoable(movementDraft.reducer, {
  limit: 300,
  undoType: draftUndone.type,
  redoType: draftRedone.type,
  // A slider drawn along or a name typed is one step, not one for each value on the way.
  groupBy: (action) => {
    if (described.match(action)) return `described ${Object.keys(action.payload).join()}`;
    if (startChanged.match(action)) return `start ${Object.keys(action.payload).join()}`;
    if (postureChanged.match(action)) {
      const { at, to } = action.payload;
      return `posture ${at.part} ${at.index} ${Object.keys(to).join()}`;
    }
    if (phaseChanged.match(action)) {
      const { at, change } = action.payload;
      return `phase ${at.part} ${at.index} ${Object.keys(change).join()}`;
    }
    return null;
  },
});

type Draft = StateWithHistory<Movement | null>;

export const movementDraftReducer = (state: Draft | undefined, action: UnknownAction): Draft =>
  movementOpened.match(action) ? newHistory([], action.payload, []) : editing(state, action);
