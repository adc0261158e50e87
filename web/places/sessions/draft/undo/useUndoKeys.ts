import { useHotkeys } from 'react-hotkeys-hook';
import { useUndo } from './useUndo';

/** Control+Z takes the last change back, Control+Shift+Z or Control+Y does it again, also from inside a field. */
export function useUndoKeys(): void {
  const { undo, redo } = useUndo();
  const everywhere = { enableOnFormTags: true, preventDefault: true } as const;
  useHotkeys('mod+z', undo, everywhere, [undo]);
  useHotkeys(['mod+shift+z', 'mod+y'], redo, everywhere, [redo]);
}
