import Fuse from 'fuse.js';
import { sumBy } from 'remeda';
import { type Movement, type Role, usualName } from '../schema/movement';

const initials = (name: string): string =>
  name
    .split(/[\s-]+/)
    .map((word) => word[0] ?? '')
    .join('')
    .toLowerCase();

/** Words that say nothing of which movement is meant. */
const SMALL = new Set([
  'the',
  'a',
  'an',
  'of',
  'to',
  'and',
  'your',
  'with',
  'in',
  'on',
  'it',
  'its',
  'at',
  'for',
  'by',
]);
/** Endings without which a word is the same: rub, rubs, rubbing; quiet, quietly; knee, knees. */
const ENDINGS = ['ing', 'ly', 'es', 'ed', 's', 'e'] as const;

/** Words that change within. */
const IRREGULAR: Readonly<Record<string, string>> = { calves: 'calf', feet: 'foot' };

/** A word without its ending and its doubled letter, lower case, without marks: "rubbing" and "rub" are "rub". */
export function stemOf(word: string): string {
  let stem = word
    .normalize('NFD')
    .replaceAll(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/['’]s?$/, '');
  stem = IRREGULAR[stem] ?? stem;
  const ending = ENDINGS.find((one) => stem.length - one.length >= 3 && stem.endsWith(one));
  if (ending) stem = stem.slice(0, -ending.length);
  return stem.replace(/([b-df-hj-np-tv-z])\1$/, '$1');
}

const BETWEEN = /[^\p{L}\p{N}’']+/u;
const wordsOf = (text: string): string[] =>
  text
    .split(BETWEEN)
    .filter((word) => word !== '' && !SMALL.has(word.toLowerCase()))
    .map(stemOf);

interface Entry {
  readonly movement: Movement;
  readonly names: readonly string[];
  /** The words of each of its names. */
  readonly words: readonly (readonly string[])[];
  /** What is said about it. */
  readonly about: ReadonlySet<string>;
  readonly initials: readonly string[];
}

/** A word with a slip may have meant so many others, and a text be read in so many ways. */
const MEANT = 4;
const READINGS = 12;

/** A movement that was found, and the words that say nothing of it. */
export interface FoundMovement {
  readonly movement: Movement;
  readonly unmatched: readonly string[];
}

/**
 * Finds movements by any of their names: English in any order and form of its words, pinyin with or without tone marks and spaces,
 * Chinese, initials, small slips; at last by what is said about them.
 */
export interface MovementSearch {
  /** Best match first; an empty text finds nothing. Where a role is given, what has it comes before what does not and matches as well. */
  (text: string, role?: Role): Movement[];
  /** What comes nearest where nothing has all the words, with the words it does not have. */
  readonly nearest: (text: string, role?: Role) => FoundMovement[];
}

/** How well the words of a name fit those that are wanted: 0 for not at all, 1 for all of them and no others. */
function fit(wanted: readonly string[], words: readonly string[]): number {
  const met = wanted.map((word) => {
    if (words.includes(word)) return 1;
    const isEnough = word.length >= 2 || /\p{Script=Han}/u.test(word);
    return isEnough && words.some((one) => one.startsWith(word)) ? 0.8 : 0;
  });
  if (met.some((one) => one === 0)) return 0;
  return (
    (sumBy(met, (one) => one) / wanted.length) * (0.5 + 0.5 * (wanted.length / Math.max(wanted.length, words.length)))
  );
}

/** Prepares a search over a repertoire. `searchOf(movements)('yunshou')` finds Cloud Hands; so do `ch`, `雲` and "clouds, hand". */
export function searchOf(movements: readonly Movement[]): MovementSearch {
  const entries: Entry[] = movements.map((movement) => {
    const { english, pinyin, chinese } = movement.names;
    const joined = pinyin.map((name) => name.replace(/\s+/g, ''));
    const names = [...english, ...pinyin, ...joined, ...chinese];
    return {
      movement,
      names,
      words: names.map(wordsOf),
      about: new Set(wordsOf(movement.about)),
      initials: english.map(initials),
    };
  });
  const vocabulary = new Set(entries.flatMap(({ words }) => words.flat()));
  const slips = new Fuse([...vocabulary], { threshold: 0.34, distance: 20 });
  /** What a word with a small slip may have meant; itself where it is a word of a name, or begins one. */
  const meant = (word: string): readonly string[] => {
    if (word.length < 3 || [...vocabulary].some((one) => one.startsWith(word))) return [word];
    const found = slips.search(word).slice(0, MEANT);
    return found.length > 0 ? found.map(({ item }) => item) : [word];
  };
  /** Every way of reading some words, slips put right. */
  const readings = (wanted: readonly string[]): string[][] =>
    wanted.reduce<string[][]>(
      (ways, word) => ways.flatMap((way) => meant(word).map((one) => [...way, one])).slice(0, READINGS),
      [[]],
    );
  /** How much a word says: the fewer movements have it, the more. */
  const tells = (word: string): number =>
    1 /
    Math.sqrt(
      Math.max(1, entries.filter(({ words }) => words.some((of) => of.some((one) => one.startsWith(word)))).length),
    );

  const worth = (
    { movement, words, initials: letters }: Entry,
    text: string,
    wanted: readonly string[],
    role?: Role,
  ) => {
    const usual = usualName(movement).toLowerCase();
    const begins = usual === text ? 2 : usual.startsWith(text) ? 0.7 : 0;
    const of = (some: readonly string[], place: number) => {
      const fits = fit(wanted, some);
      // The usual name comes before the other English ones.
      return fits === 0 ? 0 : fits - (place > 0 && place < movement.names.english.length ? 0.02 : 0);
    };
    // Words that stand in different names of it say it too, if not as well.
    const byWords = wanted.length === 0 ? 0 : Math.max(0.7 * fit(wanted, words.flat()), ...words.map(of));
    const byInitials = letters.includes(text) ? 0.95 : 0;
    const best = Math.max(begins, byWords, byInitials);
    return best === 0
      ? 0
      : best - 0.03 * (movement.level - 1) + (role !== undefined && movement.roles.includes(role) ? 0.25 : 0);
  };
  const ranked = (text: string, wanted: readonly string[], role?: Role): Movement[] =>
    entries
      .map((entry) => ({ entry, worth: worth(entry, text, wanted, role) }))
      .filter((one) => one.worth > 0)
      .toSorted((a, b) => b.worth - a.worth)
      .map(({ entry }) => entry.movement);
  const search = (text: string, role?: Role): Movement[] => {
    const lower = text.trim().toLowerCase();
    if (lower === '') return [];
    const wanted = wordsOf(lower);
    const certain = ranked(lower, wanted, role);
    if (certain.length > 0) return certain;
    return (
      readings(wanted)
        .map((reading) => ranked(reading.join(' '), reading, role))
        .find((found) => found.length > 0) ?? []
    );
  };
  const nearest = (text: string, role?: Role): FoundMovement[] => {
    const said = text.split(BETWEEN).filter((word) => wordsOf(word).length > 0);
    const wanted = said.map(stemOf).map((word) => meant(word)[0] ?? word);
    const all = sumBy(wanted, tells);
    const has = ({ words, about }: Entry, word: string): number => {
      if (words.some((of) => of.some((one) => one === word || (word.length > 2 && one.startsWith(word))))) return 1;
      return about.has(word) ? 0.4 : 0;
    };
    return entries
      .map((entry) => {
        const met = wanted.map((word) => has(entry, word));
        const fitting = role !== undefined && entry.movement.roles.includes(role) ? 0.1 : 0;
        const plainness = 0.01 * Math.min(...entry.words.map((of) => of.length));
        return {
          movement: entry.movement,
          unmatched: said.filter((_, place) => met[place] === 0),
          worth: met.reduce((sum, one, place) => sum + one * tells(wanted[place] ?? ''), 0) / all + fitting - plainness,
          isMet: met.some((one) => one > 0),
        };
      })
      .filter(({ isMet }) => isMet)
      .toSorted((a, b) => b.worth - a.worth)
      .map(({ movement, unmatched }) => ({ movement, unmatched }));
  };
  return Object.assign(search, { nearest });
}
