import { useSelector } from 'react-redux';
import { addToStore, type State } from '../../../app/store';
import { movementDraftReducer } from './movementDraft';

addToStore('movementDraft', movementDraftReducer);

type EditorState = State & { readonly movementDraft: ReturnType<typeof movementDraftReducer> };

export const useEditorSelector = useSelector.withTypes<EditorState>();
