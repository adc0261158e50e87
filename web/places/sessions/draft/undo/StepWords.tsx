import { between } from '../../../../../core/session/edit/between';
import { describeEdits } from '../../../../../core/session/edit/describeEdits';
import { useRepertoire } from '../../../../app/repertoire';
import { selectDraft, useDeskSelector } from '../draftStore';

interface Props {
  readonly of: 'undo' | 'redo';
  readonly keys: string;
}

/** What the next undo takes back, or the next redo does: "Undo: Cloud Hands 4 → 6 (Ctrl+Z)". Worked out when it is looked at. */
export function StepWords({ of, keys }: Props) {
  const { find } = useRepertoire();
  const history = useDeskSelector((state) => selectDraft(state)?.history);
  const [from, to] = of === 'undo' ? [history?.past.at(-1), history?.present] : [history?.present, history?.future[0]];
  const words = from && to ? describeEdits(from, between(from, to), find) : [];
  const more = words.length > 2 ? ` and ${words.length - 2} more` : '';
  const what = words.length === 0 ? '' : `: ${words.slice(0, 2).join(', ')}${more}`;
  return (
    <>
      {of === 'undo' ? 'Undo' : 'Redo'}
      {what} ({keys})
    </>
  );
}
