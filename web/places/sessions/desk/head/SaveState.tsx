import { selectDraft, useDeskSelector } from '../../draft/draftStore';
import { saveWords } from '../../draft/saveWords';

/** Whether what is on the desk is also in the store, and kept on this machine until it is; said where it is always seen. */
export function SaveState() {
  const draft = useDeskSelector(selectDraft);
  if (!draft) return null;
  const { saveState, isKept } = draft;
  const isOpen = saveState.kind !== 'saved';
  return (
    <output
      className={`save-state save-state--${saveState.kind}${isOpen && !isKept ? ' save-state--unkept' : ''}`}
      data-save-state={saveState.kind}
      data-kept={isKept}
      aria-live="polite"
    >
      {saveWords(saveState)}
      {saveState.kind === 'away' && isKept && ' Kept on this machine until it answers.'}
      {!isKept &&
        (isOpen
          ? ' This browser keeps nothing: its storage is full or forbidden. Leave this page open until it is saved.'
          : ', but this browser keeps nothing: its storage is full or forbidden.')}
    </output>
  );
}
