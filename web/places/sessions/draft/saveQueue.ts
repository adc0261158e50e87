import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import equal from 'fast-deep-equal';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/server/api';
import { forgetSaved } from '../../../class/kept/keptDraft';
import { type ClassDraft, type Drafts, revisionSet, type SaveState, saveStateChanged } from './draft';
import { saveStateAfter } from './saveStateAfter';

/** How long after the last change a save is sent, and how long until it is tried again when the server is away. */
const SAVE_AFTER_MS = 500;
const TRY_AGAIN_AFTER_MS = 2000;
/** How many saves without an answer are remembered. */
const MOST_UNANSWERED = 20;

/** Whether a save that ended so is sent again and again until it is taken. */
const isTriedAgain = ({ kind }: SaveState): boolean => kind === 'away' || kind === 'failing';

/** What the saves of a class read and say. */
export interface SaveStore {
  readonly getState: () => { readonly draft: Drafts };
  readonly dispatch: ThunkDispatch<unknown, unknown, UnknownAction>;
}

/**
 * The saves of one class, one after the other: each with the class as it then is and the revision the last answer gave. It goes on
 * whatever lies open, until the class is saved, refused or in conflict.
 */
export class SaveQueue {
  #timer: ReturnType<typeof setTimeout> | undefined;
  #isSending = false;
  /** What was sent since the last answer: the server may have taken it though nobody heard. */
  #unanswered: readonly Session[] = [];

  constructor(
    private readonly classId: string,
    private readonly store: SaveStore,
  ) {}

  /** The class has changed: it is sent when nothing more has changed for a while. */
  changed(): void {
    const draft = this.#draft();
    if (!draft || draft.saveState.kind === 'conflict') return;
    if (!isTriedAgain(draft.saveState)) this.#say({ kind: 'unsaved' });
    this.#sendAfter(SAVE_AFTER_MS);
  }

  #draft(): ClassDraft | undefined {
    return this.store.getState().draft.classes[this.classId];
  }

  #say(saveState: SaveState): void {
    this.store.dispatch(saveStateChanged({ classId: this.classId, saveState }));
  }

  #sendAfter(ms: number): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#send(), ms);
  }

  /** The revision of a save of this page whose answer was lost, where that is what a save conflicts with; null otherwise. */
  #ownBehind(saveState: SaveState): number | null {
    if (saveState.kind !== 'conflict') return null;
    const { session, revision } = saveState.stored;
    return this.#unanswered.some((sent) => equal(sent, session)) ? revision : null;
  }

  async #send(): Promise<void> {
    const draft = this.#draft();
    // What changes while a save is on its way is sent after its answer, over the revision that gives.
    if (this.#isSending || !draft || draft.saveState.kind === 'conflict' || draft.saveState.kind === 'saved') return;
    this.#isSending = true;
    if (!isTriedAgain(draft.saveState)) this.#say({ kind: 'saving' });
    const session = draft.history.present;
    const answer = await this.store.dispatch(api.endpoints.saveSession.initiate({ session, revision: draft.revision }));
    this.#isSending = false;
    if (answer.data) forgetSaved(session);
    const isLatest = this.#draft()?.history.present === session;
    const said: SaveState = answer.data ? { kind: isLatest ? 'saved' : 'unsaved' } : saveStateAfter(answer.error);
    const own = this.#ownBehind(said);
    const saveState: SaveState = own === null ? said : { kind: 'unsaved' };
    this.#unanswered = saveState.kind === 'away' ? [...this.#unanswered, session].slice(-MOST_UNANSWERED) : [];
    const revision = answer.data?.revision ?? own ?? draft.revision;
    this.store.dispatch(revisionSet({ classId: this.classId, revision, saveState }));
    if (own !== null) this.#sendAfter(SAVE_AFTER_MS);
    else if (isTriedAgain(saveState)) this.#sendAfter(TRY_AGAIN_AFTER_MS);
    else if (!isLatest && saveState.kind !== 'conflict') this.#sendAfter(SAVE_AFTER_MS);
  }
}
