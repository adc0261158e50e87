import equal from 'fast-deep-equal';
import { BackupSummary, type Keeping } from '../../core/formats/api/keepingApi';
import { now, today } from '../clock/clock';
import { newestDaily } from '../store/keeping/dailyBackups';
import { inTurn } from '../store/keeping/inTurn';
import { writtenState } from '../store/keeping/writtenState';
import { contentOf } from '../workedOut/figure';
import type { FigureStore } from '../workedOut/figureStore';
import type { KeepingThread } from './keepingInThread';

const KIND = 'backed up';

/** Backs a folder up, one backup after the other, and remembers where the last one failed. */
export function backupKeeper(dataFolder: string, thread: KeepingThread, figures: FigureStore) {
  let failure: Keeping['failure'] = null;
  const remember = (state: string) => figures.keep(KIND, 'data', contentOf(state), newestDaily(dataFolder));
  /** Whether nothing was written since the last backup, by the files alone: comparing all they hold takes seconds. */
  const isUnchanged = (state: string): boolean => {
    const there = BackupSummary.safeParse(figures.find(KIND, 'data', contentOf(state))).data;
    return there !== undefined && equal(there, newestDaily(dataFolder));
  };
  return {
    /** Answers the name of the backup; null where nothing had changed since the last. */
    make: (): Promise<string | null> =>
      inTurn(dataFolder, async () => {
        const state = writtenState(dataFolder);
        if (isUnchanged(state)) {
          failure = null;
          return null;
        }
        try {
          const name = await thread.work('back-up', dataFolder, { today: today() });
          failure = null;
          remember(state);
          return name;
        } catch (error) {
          failure = { at: now().toISOString(), why: error instanceof Error ? error.message : String(error) };
          throw error;
        }
      }),
    failure: () => failure,
    /** Closes the data: what is written from its journal into its file is no change. */
    whileClosing: (close: () => void) => {
      const isBackedUp = isUnchanged(writtenState(dataFolder));
      close();
      if (isBackedUp) remember(writtenState(dataFolder));
    },
  };
}
export type BackupKeeper = ReturnType<typeof backupKeeper>;
