import { App, Button } from 'antd';
import type { Preview, TriedRemedy } from '../../../../../core/session/findings/preview';
import { minutes } from '../../../../../core/words/clockWords';
import { inWords } from '../../../../app/words';
import { useUndo } from '../../draft/undo/useUndo';
import { useEdits } from '../../draft/useEdits';

/** What a remedy would do, in a few words: "45 s more, 59:10 in all; 2 things gone". */
export function previewWords({ addsMs, totalMs, gone, appears }: Preview): string {
  const adds = Math.abs(addsMs) < 500 ? 'no longer' : `${inWords(addsMs)} ${addsMs > 0 ? 'more' : 'less'}`;
  const clears = gone.length > 1 ? `; settles ${gone.length} things` : '';
  const brings = appears.length > 0 ? `; brings: ${appears.join(' ')}` : '';
  return `${adds}, ${minutes(totalMs)} in all${clears}${brings}`;
}

interface Props {
  readonly remedies: readonly TriedRemedy[];
  /** What they are for. */
  readonly label: string;
  /** Whether they were tried in the class as it was a moment ago: they are not taken in the class as it is now. */
  readonly isOld: boolean;
}

/** Remedies that have been tried. Taking one is one step that can be undone. */
export function RemedyList({ remedies, label, isOld }: Props) {
  const edit = useEdits();
  const { undo } = useUndo();
  const { message } = App.useApp();
  const take = (remedy: TriedRemedy) => {
    if (!edit(remedy.edits)) return;
    message.open({
      content: (
        <>
          {remedy.label}.{' '}
          <Button size="small" onClick={undo}>
            Undo
          </Button>
        </>
      ),
      duration: 6,
    });
  };
  return (
    <ul className="remedies" aria-label={label} aria-busy={isOld}>
      {remedies.map((remedy) => (
        <li key={remedy.label}>
          <Button size="small" disabled={isOld} onClick={() => take(remedy)}>
            {remedy.label}
          </Button>
          <span className="number">{previewWords(remedy.preview)}</span>
        </li>
      ))}
    </ul>
  );
}
