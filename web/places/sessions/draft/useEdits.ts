import { nanoid } from '@reduxjs/toolkit';
import { App } from 'antd';
import { useCallback } from 'react';
import type { ClassEdit, EditRequest } from '../../../../core/session/edit/edit';
import { resolveEdits } from '../../../../core/session/edit/resolveEdits';
import type { Session } from '../../../../core/session/plan/session';
import { useRepertoire } from '../../../app/repertoire';
import { useAppDispatch } from '../../../app/store';
import { edited } from './draft';
import { useDeskSelector, useDeskStore } from './draftStore';

const freshId = (): string => nanoid(8);

/**
 * Makes edits of a class as one step. It answers them with their values and ids, none where they change nothing; where they cannot be
 * made it says why and answers null.
 * @param madeFor the class they were worked out for: where it has moved on since, they are not made
 */
export type MakeEdits = (asked: readonly EditRequest[], madeFor?: Session) => readonly ClassEdit[] | null;

/** Edits of the class that lay open when this was drawn, whatever lies open when they are made. */
export function useEdits(): MakeEdits {
  const store = useDeskStore();
  const dispatch = useAppDispatch();
  const { find } = useRepertoire();
  const { message } = App.useApp();
  const classId = useDeskSelector(({ draft }) => draft.openId);
  return useCallback(
    (asked, madeFor) => {
      const session = classId === null ? undefined : store.getState().draft.classes[classId]?.history.present;
      if (classId === null || !session) return null;
      if (madeFor && madeFor !== session) {
        message.error('This class has changed since that was worked out. Ask again.');
        return null;
      }
      const resolved = resolveEdits(session, asked, { find, freshId });
      if (!resolved.ok) {
        message.error(resolved.reason);
        return null;
      }
      if (resolved.edits.length > 0) dispatch(edited({ classId, edits: resolved.edits }));
      return resolved.edits;
    },
    [store, dispatch, find, message, classId],
  );
}
