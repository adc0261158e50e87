import type { Standing } from '../../draft/draft';
import { useDeskSelector } from '../../draft/draftStore';

/** Where the open class stands with the server, in words. */
function wordsFor(standing: Standing): string {
  switch (standing.kind) {
    case 'saved':
      return 'Saved';
    case 'unsaved':
      return 'Not saved yet';
    case 'saving':
      return 'Saving';
    case 'away':
      return 'The server is away.';
    case 'failing':
      return `Not saved: ${standing.reason} It is tried again.`;
    case 'refused':
      return `Not saved: ${standing.reason}`;
    case 'conflict':
      return 'Changed elsewhere too';
  }
}

/** Whether what is on the desk is also in the store, and kept on this machine until it is; said where it is always seen. */
export function SaveState() {
  const standing = useDeskSelector(({ draft }) => draft.sync.standing);
  const isKept = useDeskSelector(({ draft }) => draft.sync.isKept);
  const isOpen = standing.kind !== 'saved';
  return (
    <output
      className={`save-state save-state--${standing.kind}${isOpen && !isKept ? ' save-state--unkept' : ''}`}
      data-standing={standing.kind}
      data-kept={isKept}
      aria-live="polite"
    >
      {wordsFor(standing)}
      {standing.kind === 'away' && isKept && ' Kept on this machine until it answers.'}
      {!isKept &&
        (isOpen
          ? ' This browser keeps nothing: its storage is full or forbidden. Leave this page open until it is saved.'
          : ', but this browser keeps nothing: its storage is full or forbidden.')}
    </output>
  );
}
