import type { BesideCall } from '../../../../core/session/words/besideCall';
import type { Spoken } from '../../../../core/session/words/lineSpeech';

interface Props {
  /** What is said at the moment, or was just now. */
  readonly now: Spoken | null;
  /** The paragraphs of what is read out in the line, from the one that is being read; empty where nothing is. */
  readonly script: readonly Spoken[];
  readonly beside: BesideCall;
}

/** How many paragraphs are shown ahead. */
const AHEAD = 3;

/** The words of a line besides its calls: what is read out, what is said now, what to watch. */
export function WordsSaid({ now, script, beside }: Props) {
  if (script.length > 0)
    return (
      <ol className="teach-script" aria-label="Read out">
        {script.slice(0, AHEAD).map(({ say, startMs }, place) => (
          <li key={startMs} aria-current={place === 0}>
            {say}
          </li>
        ))}
      </ol>
    );
  const { depth, breath, focus, point } = beside;
  const quiet = [depth, breath, focus && `this round: ${focus}`, point].filter(Boolean).join(' · ');
  return (
    <div className="teach-words">
      {now && <p className="teach-said">{now.say}</p>}
      {!now && quiet !== '' && <p className="teach-beside">{quiet}</p>}
    </div>
  );
}
