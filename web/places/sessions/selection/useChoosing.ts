import { useMemo } from 'react';
import { useAppDispatch } from '../../../app/store';
import { selectChosen, selectSession, useDeskSelector, useDeskStore } from '../draft/draftStore';
import { chosenInstead, chosenToo, letGo } from '../draft/hand';

export interface Choosing {
  readonly toggle: (itemId: string) => void;
  /** Everything from the line that was chosen last to this one. */
  readonly extendTo: (itemId: string) => void;
  readonly letGo: () => void;
}

/** How lines are chosen to be done something with together. */
export function useChoosing(): Choosing {
  const dispatch = useAppDispatch();
  const store = useDeskStore();
  return useMemo(
    () => ({
      toggle: (itemId) => dispatch(chosenToo(itemId)),
      extendTo: (itemId) => {
        const state = store.getState();
        const order = selectSession(state)?.sections.flatMap(({ items }) => items.map(({ id }) => id)) ?? [];
        const [from, to] = [order.indexOf(state.hand.lastChosen ?? itemId), order.indexOf(itemId)];
        const first = from < 0 ? to : Math.min(from, to);
        dispatch(chosenInstead({ ids: order.slice(first, Math.max(from, to) + 1), from: itemId }));
      },
      letGo: () => dispatch(letGo()),
    }),
    [dispatch, store],
  );
}

/** The lines that are chosen. */
export const useChosenIds = (): ReadonlySet<string> => useDeskSelector(selectChosen);
