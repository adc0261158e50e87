import { useEffect, useRef, useState } from 'react';
import { type Heard, soundsBetween } from '../../../core/record/running/soundsBetween';
import type { Teaching } from '../../../core/record/standing/teaching';
import type { LedBy } from '../../../core/session/plan/line/ledBy';
import type { Timeline } from '../../../core/session/timeline/segment';
import { strike } from './bowl';
import type { Mix } from './mixer';

/** What is struck, in hertz: a higher note to breathe in, a lower one to breathe out, the lowest for all else that begins. */
const BREATHS = { in: 528, out: 396, other: 297 } as const;
const NOTES = { side: 352, minute: 704, section: 198 } as const;

const noteOf = ({ sound, breath }: Heard): number => (sound === 'breath' ? BREATHS[breath ?? 'other'] : NOTES[sound]);

const isLoud = ({ muted, loud }: Mix): boolean => !muted && Object.values(loud).some((loudness) => loudness > 0);

/** The sound of this page, and whether the browser holds it back until somebody touches the screen, as after a reload. */
function useSound(): { readonly context: AudioContext | null; readonly isHeldBack: boolean } {
  const [context] = useState(() => (typeof AudioContext === 'undefined' ? null : new AudioContext()));
  const [isHeldBack, setHeldBack] = useState(context?.state === 'suspended');
  useEffect(() => {
    if (!context) return;
    const look = () => setHeldBack(context.state === 'suspended');
    const wake = () => void context.resume().then(look, () => undefined);
    context.addEventListener('statechange', look);
    window.addEventListener('pointerdown', wake);
    window.addEventListener('keydown', wake);
    // Begun by a press a moment ago, it may be heard at once.
    wake();
    return () => {
      context.removeEventListener('statechange', look);
      window.removeEventListener('pointerdown', wake);
      window.removeEventListener('keydown', wake);
      void context.close();
    };
  }, [context]);
  return { context, isHeldBack };
}

/**
 * Lets be heard what a class comes to, each sound as loud as the mixer has it. Answers whether nothing is heard though it should be.
 * @param led what leads the class just now: by the clock no breath is heard
 * @param onHeard told of every sound, whether or not it is loud here: a bell in the hall may ring it
 */
export function useBell(
  timeline: Timeline,
  teaching: Teaching,
  led: LedBy,
  mix: Mix,
  onHeard: (heard: Heard) => void,
): boolean {
  const { context, isHeldBack } = useSound();
  const before = useRef(teaching);
  const mixed = useRef(mix);
  mixed.current = mix;

  useEffect(() => {
    const heard = soundsBetween(timeline, before.current, teaching, led);
    before.current = teaching;
    for (const one of heard) {
      onHeard(one);
      const { muted, loud } = mixed.current;
      if (!muted && loud[one.sound] > 0 && context?.state === 'running') strike(context, noteOf(one), loud[one.sound]);
    }
  }, [timeline, teaching, led, onHeard, context]);

  return isHeldBack && isLoud(mix);
}
