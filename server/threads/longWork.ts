import type { KeepingProgress } from '../../core/formats/api/keepingApi';
import { ThreadEndedError } from './askThread';
import type { KeepingThread, KeepingWork } from './keepingInThread';

/** The kinds that somebody waits for, and may grow tired of. */
type Long = 'archive' | 'stage';

/** Something that takes a while, from when it is asked for until it is done. */
interface Job {
  progress: KeepingProgress;
  isCancelled: boolean;
  isInThread: boolean;
}

const cancelled = () => new ThreadEndedError('Cancelled. Nothing was changed.');

/** What takes a while with all of the data: how far it is, and how it is cancelled. */
export function longWork(thread: KeepingThread, dataFolder: string) {
  const jobs = new Set<Job>();
  /** Asks the thread for a job that may have been cancelled meanwhile. */
  const askFor =
    (job: Job) =>
    async <Kind extends Long>(kind: Kind, order: KeepingWork[Kind]['order']): Promise<KeepingWork[Kind]['answer']> => {
      if (job.isCancelled) throw cancelled();
      job.isInThread = true;
      try {
        const answer = await thread.work(kind, dataFolder, order, (progress) => {
          job.progress = progress;
        });
        // The thread may have answered just as it was cancelled: the answer is not used then.
        if (job.isCancelled) throw cancelled();
        return answer;
      } catch (error) {
        throw job.isCancelled ? cancelled() : error;
      } finally {
        job.isInThread = false;
      }
    };
  return {
    /** How far the first of them is; null where there is none. */
    underway: (): KeepingProgress | null => [...jobs][0]?.progress ?? null,
    /**
     * Carries a job out, which may wait for its turn first.
     * @param act is given what asks the thread; that throws a ThreadEndedError once the job is cancelled
     */
    async carryOut<Answer>(act: (ask: ReturnType<typeof askFor>) => Promise<Answer>): Promise<Answer> {
      const job: Job = { progress: { step: 'waiting', share: 0 }, isCancelled: false, isInThread: false };
      jobs.add(job);
      try {
        return await act(askFor(job));
      } finally {
        jobs.delete(job);
      }
    },
    /** Cancels all of them; answers false where there was none. */
    async cancel(): Promise<boolean> {
      const all = [...jobs];
      for (const job of all) job.isCancelled = true;
      if (all.some(({ isInThread }) => isInThread)) await thread.end();
      return all.length > 0;
    },
  };
}
