import type { SaveState } from './draft';

/** How a class stands with the server, in words. */
export function saveWords(saveState: SaveState): string {
  switch (saveState.kind) {
    case 'saved':
      return 'Saved';
    case 'unsaved':
      return 'Not saved yet';
    case 'saving':
      return 'Saving';
    case 'away':
      return 'The server is away.';
    case 'failing':
      return `Not saved: ${saveState.reason} It is tried again.`;
    case 'refused':
      return `Not saved: ${saveState.reason}`;
    case 'conflict':
      return 'Changed elsewhere too';
  }
}
