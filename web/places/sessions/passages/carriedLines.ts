import { useSyncExternalStore } from 'react';
import { z } from 'zod';
import { LineSet } from '../../../../core/session/plan/lineSet';
import { keptOnThisMachine } from '../../../app/machine/kept';

/** Lines copied from one class to be put into another; kept in this browser until others are copied. */
const Carried = z.object({ from: z.string(), lines: LineSet });
export type Carried = z.infer<typeof Carried>;

const LINES = 'lines';
const shelf = keptOnThisMachine('carried', Carried);
const listeners = new Set<() => void>();

let now: Carried | null | undefined;

/** What is carried, or null. */
export function carriedLines(): Carried | null {
  if (now === undefined) now = shelf.find(LINES);
  return now;
}

/** Carries lines away from a class, by its title. */
export function carry(from: string, lines: LineSet): void {
  now = { from, lines };
  shelf.keep(LINES, now);
  for (const told of listeners) told();
}

const subscribe = (told: () => void) => {
  // Another window may have carried something else.
  const onStorage = () => {
    now = undefined;
    told();
  };
  listeners.add(told);
  window.addEventListener('storage', onStorage);
  return () => {
    listeners.delete(told);
    window.removeEventListener('storage', onStorage);
  };
};

/** What is carried, followed as it changes in this window or another. */
export const useCarried = (): Carried | null => useSyncExternalStore(subscribe, carriedLines);
