import { useSyncExternalStore } from 'react';

let kept: MediaQueryList | null = null;

/** Asked for once, and when it is needed: tests without a browser have no media queries. */
function query(): MediaQueryList | null {
  if (typeof matchMedia !== 'undefined') kept ??= matchMedia('(prefers-reduced-motion: reduce)');
  return kept;
}

/** Whether this machine is set to reduced motion. */
export const isMotionReduced = (): boolean => query()?.matches ?? false;

function subscribe(changed: () => void): () => void {
  const watched = query();
  watched?.addEventListener('change', changed);
  return () => watched?.removeEventListener('change', changed);
}

/** The same, followed while the page is open. */
export const useReducedMotion = (): boolean => useSyncExternalStore(subscribe, isMotionReduced);
