import { useEffect, useRef } from 'react';
import type { BesideCall } from '../../../core/session/words/besideCall';
import type { Spoken } from '../../../core/session/words/lineSpeech';
import { isMotionReduced } from '../../app/machine/reducedMotion';
import './words.css';

interface Props {
  /** What is said at the moment, or was just now. */
  readonly now: Spoken | null;
  /** The paragraphs of what is read out in the line, from the one that is being read; empty where nothing is. */
  readonly script: readonly Spoken[];
  /** Where the class is in its plan, milliseconds. */
  readonly atMs: number;
  readonly beside: BesideCall;
}

/** How many paragraphs are shown ahead. */
const AHEAD = 4;

interface ReadOutProps {
  readonly script: readonly [Spoken, ...Spoken[]];
  readonly atMs: number;
}

/** What is read out, going by at the pace it is spoken: the words that are due stand at the top. With motion reduced, paragraph by paragraph. */
function ReadOut({ script, atMs }: ReadOutProps) {
  const list = useRef<HTMLOListElement>(null);
  const [{ startMs, lengthMs }] = script;
  const read = isMotionReduced() || lengthMs === 0 ? 0 : Math.min(1, Math.max(0, (atMs - startMs) / lengthMs));
  useEffect(() => {
    const first = list.current?.firstElementChild;
    const height = first instanceof HTMLElement ? first.offsetHeight : 0;
    list.current?.style.setProperty('transform', `translateY(${-read * height}px)`);
  }, [read]);
  return (
    <div className="teach-script">
      <ol ref={list} aria-label="Read out" data-read={read.toFixed(2)}>
        {script.slice(0, AHEAD).map((one, place) => (
          <li key={one.startMs} aria-current={place === 0}>
            {one.say}
          </li>
        ))}
      </ol>
    </div>
  );
}

/** The words of a line besides its calls: what is read out, what is said now, what to watch. */
export function WordsSaid({ now, script, atMs, beside }: Props) {
  const [first, ...more] = script;
  if (first) return <ReadOut script={[first, ...more]} atMs={atMs} />;
  const { depth, breath, focus, point } = beside;
  const quiet = [depth, breath, focus && `this round: ${focus}`, point].filter(Boolean).join(' · ');
  return (
    <div className="teach-words">
      {now && <p className="teach-said">{now.say}</p>}
      {!now && quiet !== '' && <p className="teach-beside">{quiet}</p>}
    </div>
  );
}
