import { createSelector } from '@reduxjs/toolkit';
import { useSelector, useStore } from 'react-redux';
import type { Session } from '../../../../core/session/plan/session';
import type { Timeline } from '../../../../core/session/timeline/segment';
import { repertoireIn } from '../../../app/repertoire';
import { addToStore, type State, type store } from '../../../app/store';
import { timelineOfKnown } from '../../../class/timelineOfKnown';
import { type ClassDraft, draftReducer } from './draft';
import { draftSync } from './draftSync';
import { handReducer } from './hand';

addToStore('draft', draftReducer, draftSync);
addToStore('hand', handReducer);

/** The store with the classes that are edited, and what the hand is on. */
export type DeskState = State & {
  readonly draft: ReturnType<typeof draftReducer>;
  readonly hand: ReturnType<typeof handReducer>;
};
type DeskStore = Omit<typeof store, 'getState'> & { readonly getState: () => DeskState };

export const useDeskSelector = useSelector.withTypes<DeskState>();
export const useDeskStore = useStore.withTypes<DeskStore>();

/** The class that lies open, with its history and how it is saved; null while there is none. */
export const selectDraft = ({ draft }: DeskState): ClassDraft | null =>
  draft.openId === null ? null : (draft.classes[draft.openId] ?? null);

/** The class that lies open; null while there is none. */
export const selectSession = (state: DeskState): Session | null => selectDraft(state)?.history.present ?? null;

/** The class that lies open, laid out in time; null while it, or the repertoire, is still on its way. */
export const selectTimeline = (state: DeskState): Timeline | null => {
  const [session, repertoire] = [selectSession(state), repertoireIn(state)];
  return session && repertoire && timelineOfKnown(session, repertoire);
};

/** The lines that are chosen and still there, in the order of the class; the same set as long as it is the same lines. */
export const selectChosen = createSelector(
  [selectSession, ({ hand }: DeskState) => hand.chosen],
  (session, chosen): ReadonlySet<string> => {
    if (chosen.length === 0) return NONE;
    const wanted = new Set(chosen);
    return new Set(session?.sections.flatMap(({ items }) => items.map(({ id }) => id)).filter((id) => wanted.has(id)));
  },
);
const NONE: ReadonlySet<string> = new Set();
