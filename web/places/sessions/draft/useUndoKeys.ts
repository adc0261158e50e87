import { useHotkeys } from 'react-hotkeys-hook';
import { ActionCreators } from 'redux-undo';
import { useAppDispatch } from '../../../app/store';

/** Control+Z takes the last change back, Control+Shift+Z or Control+Y does it again, also from inside a field. */
export function useUndoKeys(): void {
  const dispatch = useAppDispatch();
  const everywhere = { enableOnFormTags: true, preventDefault: true } as const;
  useHotkeys('mod+z', () => void dispatch(ActionCreators.undo()), everywhere);
  useHotkeys(['mod+shift+z', 'mod+y'], () => void dispatch(ActionCreators.redo()), everywhere);
}
