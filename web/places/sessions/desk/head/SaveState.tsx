import { useDeskSelector } from '../../draft/draftStore';

const WORDS = {
  saved: 'Saved',
  unsaved: 'Not saved yet',
  saving: 'Saving',
  away: 'The server is away. Kept on this machine, and saved as soon as it answers.',
  conflict: 'Changed elsewhere too',
} as const;

/** Whether what is on the desk is also in the store, said where it is always seen. */
export function SaveState() {
  const standing = useDeskSelector(({ draft }) => draft.sync.standing);
  const words = standing.kind === 'refused' ? `Not saved: ${standing.reason}` : WORDS[standing.kind];
  return (
    <output className={`save-state save-state--${standing.kind}`} data-standing={standing.kind} aria-live="polite">
      {words}
    </output>
  );
}
