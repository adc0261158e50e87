import Fuse from 'fuse.js';
import { unique } from 'remeda';
import { type Movement, usualName } from '../schema/movement';

const initials = (name: string): string =>
  name
    .split(/[\s-]+/)
    .map((word) => word[0] ?? '')
    .join('')
    .toLowerCase();

interface Entry {
  readonly movement: Movement;
  readonly names: readonly string[];
  readonly initials: readonly string[];
}

/** Finds movements by any of their names: English, pinyin with or without tone marks, Chinese, initials, small slips. */
export type MovementSearch = (text: string) => Movement[];

/**
 * Prepares a search over a repertoire. `searchOf(movements)('yunshou')` finds Cloud Hands; so do `ch` and `雲`.
 * @returns best match first; an empty text finds nothing
 */
export function searchOf(movements: readonly Movement[]): MovementSearch {
  const entries: Entry[] = movements.map((movement) => {
    const { english, pinyin, chinese } = movement.names;
    const joined = pinyin.map((name) => name.replace(/\s+/g, ''));
    return { movement, names: [...english, ...pinyin, ...joined, ...chinese], initials: english.map(initials) };
  });
  const fuse = new Fuse(entries, {
    keys: ['names', { name: 'initials', weight: 0.4 }],
    ignoreDiacritics: true,
    ignoreLocation: true,
    threshold: 0.3,
  });
  return (text) => {
    const wanted = text.trim();
    if (wanted === '') return [];
    const lower = wanted.toLowerCase();
    // A name that begins with what was typed is what was meant, before any cleverness.
    const begins = entries.filter(({ movement }) => usualName(movement).toLowerCase().startsWith(lower));
    const byInitials = entries.filter((entry) => entry.initials.includes(lower));
    const found = [...begins, ...byInitials, ...fuse.search(wanted).map(({ item }) => item)];
    return unique(found).map(({ movement }) => movement);
  };
}
