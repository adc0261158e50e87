import { useEffect, useRef } from 'react';
import { type Heard, soundsBetween } from '../../../../core/record/running/soundsBetween';
import type { Teaching } from '../../../../core/record/standing/teaching';
import type { LedBy } from '../../../../core/session/plan/line/ledBy';
import type { Timeline } from '../../../../core/session/timeline/segment';
import { strike } from './bowl';
import type { Mix } from './mixer';

/** What is struck, in hertz: a higher note to breathe in, a lower one to breathe out, the lowest for all else that begins. */
const BREATHS = { in: 528, out: 396, other: 297 } as const;
const NOTES = { side: 352, minute: 704, section: 198 } as const;

const noteOf = ({ sound, breath }: Heard): number => (sound === 'breath' ? BREATHS[breath ?? 'other'] : NOTES[sound]);

/**
 * Lets be heard what a class comes to, each sound as loud as the mixer has it.
 * @param led what leads the class just now: by the clock no breath is heard
 * @param onHeard told of every sound, whether or not it is loud here: a bell in the hall may ring it
 */
export function useBell(
  timeline: Timeline,
  teaching: Teaching,
  led: LedBy,
  mix: Mix,
  onHeard: (heard: Heard) => void,
): void {
  const context = useRef<AudioContext | null>(null);
  const before = useRef(teaching);
  const mixed = useRef(mix);
  mixed.current = mix;

  useEffect(() => {
    const heard = soundsBetween(timeline, before.current, teaching, led);
    before.current = teaching;
    for (const one of heard) {
      onHeard(one);
      const { muted, loud } = mixed.current;
      if (muted || loud[one.sound] === 0 || typeof AudioContext === 'undefined') continue;
      context.current ??= new AudioContext();
      if (context.current.state === 'running') strike(context.current, noteOf(one), loud[one.sound]);
      else void context.current.resume();
    }
  }, [timeline, teaching, led, onHeard]);

  useEffect(() => () => void context.current?.close(), []);
}
