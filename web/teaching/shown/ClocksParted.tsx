import type { Meanwhile } from '../../../core/record/running/clocks';
import { inWords } from '../../app/words';

interface Props {
  /** By how much the clock went ahead, milliseconds; below 0 where it was set back. */
  readonly by: number;
  readonly onSay: (meanwhile: Meanwhile) => void;
}

/** The clock of this machine jumped: it slept, or the clock was set. What became of the class is its instructor's to say. */
export function ClocksParted({ by, onSay }: Props) {
  const choices: readonly (readonly [Meanwhile, string])[] =
    by > 0
      ? [
          ['went-on', `The class went on for ${inWords(by)}`],
          ['stood', 'We waited where we were'],
          ['clock-set', 'Only the clock was set'],
        ]
      : [['clock-set', 'Go on: only the clock was set']];
  return (
    <div className="teach-beside-sheet" role="alertdialog" aria-label="The clock jumped">
      <h2>
        This machine’s clock jumped {by > 0 ? 'ahead' : 'back'} by {inWords(by)}
      </h2>
      <p>It may have slept, or its clock was set. The class stands still until you say.</p>
      <div className="teach-people">
        {choices.map(([meanwhile, words], place) => (
          <button
            key={meanwhile}
            type="button"
            className="teach-press"
            ref={place === 0 ? (button) => button?.focus() : undefined}
            onClick={() => onSay(meanwhile)}
          >
            {words}
          </button>
        ))}
      </div>
    </div>
  );
}
