import { useCallback } from 'react';
import { useAppDispatch } from '../../../../app/store';
import { redone, undone } from '../draft';
import { useDeskSelector } from '../draftStore';

/** Takes the last step of the class that lies open back, or does it again. */
export function useUndo(): { readonly undo: () => void; readonly redo: () => void } {
  const dispatch = useAppDispatch();
  const classId = useDeskSelector(({ draft }) => draft.openId);
  return {
    undo: useCallback(() => void (classId !== null && dispatch(undone({ classId }))), [dispatch, classId]),
    redo: useCallback(() => void (classId !== null && dispatch(redone({ classId }))), [dispatch, classId]),
  };
}
