import { useCallback, useEffect, useState } from 'react';
import { notTonight } from '../../../../core/record/notTonight';
import type { Teaching } from '../../../../core/record/standing/teaching';
import type { Asked } from '../../../../core/session/findings/finding/finding';
import type { Session } from '../../../../core/session/plan/session';
import type { Timeline } from '../../../../core/session/timeline/segment';
import type { Shortening } from '../shown/shortening';
import { useShortener } from './useShortener';

/** How long a change can be taken back, and an answer that asks for nothing is shown, milliseconds. */
const FOR_A_WHILE = 12_000;

/** Making what is left of a class fit: asked for with one press, taken with the same, taken back with another. */
export function useShorten(taught: Session, timeline: Timeline, setTaught: (session: Session) => void, asked: Asked) {
  const shortened = useShortener(taught, timeline, asked);
  const [shortening, setShortening] = useState<Shortening | null>(null);
  const [before, setBefore] = useState<Session | null>(null);
  const kind = shortening?.kind ?? null;
  useEffect(() => {
    if (kind === null || kind === 'looking' || kind === 'shortened') return;
    const timer = setTimeout(() => setShortening(null), FOR_A_WHILE);
    return () => clearTimeout(timer);
  }, [kind]);
  const change = useCallback(
    (to: Session, words: string) => {
      setBefore(taught);
      setTaught(to);
      setShortening({ kind: 'taken', words });
    },
    [taught, setTaught],
  );
  const shorten = useCallback(
    (teaching: Teaching) => {
      if (shortening?.kind === 'shortened') return change(shortening.plan, 'Shortened');
      setShortening({ kind: 'looking' });
      shortened(taught, timeline, teaching).then(setShortening, () => setShortening({ kind: 'cannot' }));
    },
    [shortening, change, shortened, taught, timeline],
  );
  const dropNew = useCallback(
    ({ planMs }: Teaching) => {
      const then = notTonight(taught, timeline, planMs);
      if (then) change(then, 'Nothing new tonight');
      else setShortening({ kind: 'nothing-new' });
    },
    [taught, timeline, change],
  );
  /** Whether there was something to let go or take back. */
  const letGo = useCallback((): boolean => {
    if (shortening?.kind === 'taken' && before) setTaught(before);
    setShortening(null);
    return (
      shortening !== null &&
      (shortening.kind === 'looking' || shortening.kind === 'shortened' || shortening.kind === 'taken')
    );
  }, [shortening, before, setTaught]);
  return { shortening, shorten, dropNew, letGo };
}
