import type { Unread } from '../../core/formats/api/api';
import { KeepingProgress, type TableDifference } from '../../core/formats/api/keepingApi';
import type { Mention } from '../../core/formats/api/peopleApi';
import { NoBackupError } from '../store/keeping/examineBackup';
import { besideServer } from './askThread';

/** What is to be brought back: a backup by its file, or an archive by what it holds. */
export type Source = { readonly backup: string } | { readonly archive: Uint8Array };

/** Other data laid beside what is there, ready to take its place. */
export interface Staged {
  /** How it differs from what is there. */
  readonly tables: TableDifference[];
  /** What of it this version cannot read: it comes along word for word, and shows nowhere. */
  readonly unread: Unread[];
}

/** All that concerns the whole of a folder's data. */
export interface KeepingWork {
  'back-up': { readonly order: { readonly today: string }; readonly answer: string | null };
  archive: { readonly order: object; readonly answer: Uint8Array };
  /** Where a name still stands in words. */
  mentions: { readonly order: { readonly name: string }; readonly answer: Mention[] };
  stage: { readonly order: { readonly source: Source; readonly copy: string }; readonly answer: Staged };
}
export type KeepingKind = keyof KeepingWork;

export interface KeepingOrder<Kind extends KeepingKind = KeepingKind> {
  readonly kind: Kind;
  readonly dataFolder: string;
  readonly order: KeepingWork[Kind]['order'];
}
export type KeepingAnswer =
  | { readonly ok: true; readonly value: KeepingWork[KeepingKind]['answer'] }
  | { readonly ok: false; readonly isRefused: boolean; readonly why: string };

/** What takes more memory than this ends the thread, not the server; megabytes. Five years of use take a fifth of it. */
const MOST_MEMORY = 256;
const DIED = 'That was too much to read at once, or it was stopped. Nothing was changed.';

/** Does what concerns the whole of the data in a thread beside the server, which goes on answering. */
export function keepingBeside() {
  const { ask, end } = besideServer<KeepingOrder, KeepingAnswer>('keepingWorker', DIED, {
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
  });
  return {
    /** @throws NoBackupError for what cannot be brought back */
    async work<Kind extends KeepingKind>(
      kind: Kind,
      dataFolder: string,
      order: KeepingWork[Kind]['order'],
      onProgress: (progress: KeepingProgress) => void = () => undefined,
    ): Promise<KeepingWork[Kind]['answer']> {
      const answer = await ask({ kind, dataFolder, order }, (progress) => onProgress(KeepingProgress.parse(progress)));
      if (answer.ok) return answer.value;
      throw answer.isRefused ? new NoBackupError(answer.why) : new Error(answer.why);
    },
    end,
  };
}
export type KeepingThread = ReturnType<typeof keepingBeside>;
