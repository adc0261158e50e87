import type { Keeping } from '../../core/formats/api/keepingApi';
import { now, today } from '../clock/clock';
import { inTurn } from '../store/keeping/inTurn';
import type { KeepingThread } from './keepingInThread';

/** Backs a folder up, one backup after the other, and remembers where the last one failed. */
export function backupKeeper(dataFolder: string, thread: KeepingThread) {
  let failure: Keeping['failure'] = null;
  return {
    /** Answers the name of the backup; null where nothing had changed since the last. */
    make: (): Promise<string | null> =>
      inTurn(dataFolder, async () => {
        try {
          const name = await thread.work('back-up', dataFolder, { today: today() });
          failure = null;
          return name;
        } catch (error) {
          failure = { at: now().toISOString(), why: error instanceof Error ? error.message : String(error) };
          throw error;
        }
      }),
    failure: () => failure,
  };
}
export type BackupKeeper = ReturnType<typeof backupKeeper>;
