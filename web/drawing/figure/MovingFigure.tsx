import { useEffect, useMemo, useRef, useState } from 'react';
import { poseAt, type Track } from '../../../core/movement/sample/track';
import { Figure } from './Figure';
import type { View } from './view';

interface Props {
  readonly track: Track;
  readonly view: View;
  readonly scale: number;
  readonly playing: boolean;
  readonly label: string;
  /** Where it stands when it is not playing, seconds. */
  readonly at: number;
  /** Told on every frame while playing, seconds from the start of the track. */
  readonly onTime?: (seconds: number) => void;
}

/** A figure that goes through its movement over and over, as fast as the breath it is laid out for. */
export function MovingFigure({ track, view, scale, playing, label, at, onTime }: Props) {
  const [time, setTime] = useState(at);
  const tell = useRef(onTime);
  tell.current = onTime;
  useEffect(() => setTime(at), [at]);

  useEffect(() => {
    if (!playing || track.seconds === 0) return;
    let frame = 0;
    let before: number | null = null;
    const step = (now: number) => {
      const passed = before === null ? 0 : (now - before) / 1000;
      before = now;
      setTime((then) => {
        const next = (then + passed) % track.seconds;
        tell.current?.(next);
        return next;
      });
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [playing, track]);

  const pose = useMemo(() => poseAt(track, time), [track, time]);
  return pose && <Figure pose={pose} view={view} scale={scale} roomy label={label} />;
}
