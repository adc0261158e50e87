import { z } from 'zod';
import type { Unread } from '../../core/formats/api/api';
import { faultWords } from '../../core/words/faultWords';

/** Reads rows one by one, so that one that cannot be read takes nothing with it. */
export interface LenientReader {
  /** A row as its schema has it; null, and remembered with its text, where it cannot be read. */
  read<Thing>(kind: Unread['kind'], id: string, text: string, parse: (json: unknown) => Thing): Thing | null;
  /**
   * Sees whether a row can be read; one that was read before as it stands is not read again.
   * @param text all that is written of it
   * @param read reads it by this reader; null where it cannot
   */
  check(kind: Unread['kind'], id: string, text: string, read: () => unknown): void;
  all(): Unread[];
  /** One that is gone is told of no more. */
  forget(kind: Unread['kind'], id: string): void;
}

/** So much of what is wrong is told: the first fields say enough. */
const MOST_WORDS = 400;

function whyNot(error: unknown): string {
  if (error instanceof z.ZodError) return faultWords(error).slice(0, MOST_WORDS);
  return error instanceof Error ? error.message.slice(0, MOST_WORDS) : 'it is not understood';
}

/** What is known to be readable as it stands. */
export interface WellRead {
  has(kind: Unread['kind'], id: string, text: string): boolean;
  add(kind: Unread['kind'], id: string, text: string): void;
}
const NONE_YET: WellRead = { has: () => false, add: () => undefined };

export function readLeniently(wellRead: WellRead = NONE_YET): LenientReader {
  const unread = new Map<string, Unread>();
  return {
    read(kind, id, text, parse) {
      const key = `${kind} ${id}`;
      try {
        const thing = parse(JSON.parse(text));
        unread.delete(key);
        return thing;
      } catch (error) {
        unread.set(key, { kind, id, text, why: whyNot(error) });
        return null;
      }
    },
    check(kind, id, text, readIt) {
      if (wellRead.has(kind, id, text)) return;
      if (readIt() !== null) wellRead.add(kind, id, text);
    },
    all: () => [...unread.values()],
    forget: (kind, id) => void unread.delete(`${kind} ${id}`),
  };
}
