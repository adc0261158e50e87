import dayjs from 'dayjs';
import type { Session } from '../../../../../core/session/plan/session';
import { nowMs } from '../../../../app/machine/clock';
import { freshId } from '../../../../app/machine/freshId';
import { api } from '../../../../app/server/api';

/** A title of a class says by itself where it came from. */
const TITLE_LENGTH = 120;

export interface PuttingAside {
  /** Answers whether the version is safe; only then may another take its place. */
  readonly putAside: (session: Session) => Promise<boolean>;
  readonly isBusy: boolean;
  readonly isRefused: boolean;
}

/** Keeps a version of a class under Sessions, as a class of its own and of no course. */
export function usePutAside(): PuttingAside {
  const [addSession, { isLoading, isError }] = api.useAddSessionMutation();
  return {
    putAside: async (session) => {
      const title = `${session.title} (put aside ${dayjs(nowMs()).format('D MMM, HH:mm')})`.slice(0, TITLE_LENGTH);
      return (await addSession({ ...session, id: freshId('class'), title, course: null })).data !== undefined;
    },
    isBusy: isLoading,
    isRefused: isError,
  };
}
