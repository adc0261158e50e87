import { useEffect, useRef } from 'react';
import type { Segment } from '../../../core/session/timeline/segment';

/** What the bell rings, in hertz: a higher note to breathe in, a lower one to breathe out, the lowest for all else. */
const NOTES = { in: 528, out: 396, other: 297 } as const;
const LOUDNESS = 0.14;
const RINGS_FOR = 1.6;

function ring(context: AudioContext, note: number): void {
  const start = context.currentTime;
  const gain = context.createGain();
  gain.gain.setValueAtTime(0, start);
  gain.gain.linearRampToValueAtTime(LOUDNESS, start + 0.012);
  gain.gain.exponentialRampToValueAtTime(0.0001, start + RINGS_FOR);
  gain.connect(context.destination);
  // A partial a little off the octave makes it a bowl rather than a beep.
  for (const [ratio, type] of [
    [1, 'sine'],
    [2.76, 'sine'],
  ] as const) {
    const tone = context.createOscillator();
    tone.type = type;
    tone.frequency.value = note * ratio;
    tone.connect(gain);
    tone.start(start);
    tone.stop(start + RINGS_FOR);
  }
}

/** Rings once whenever the class comes to another segment, unless muted or paused. */
export function useBell(segment: Segment | undefined, isSilent: boolean): void {
  const context = useRef<AudioContext | null>(null);
  const startMs = segment?.startMs;
  const note = segment?.breath === 'in' ? NOTES.in : segment?.breath === 'out' ? NOTES.out : NOTES.other;
  const silent = useRef(isSilent);
  silent.current = isSilent;

  useEffect(() => {
    if (startMs === undefined || silent.current || typeof AudioContext === 'undefined') return;
    context.current ??= new AudioContext();
    if (context.current.state === 'running') ring(context.current, note);
    else void context.current.resume();
  }, [startMs, note]);

  useEffect(() => () => void context.current?.close(), []);
}
