import Fuse from 'fuse.js';
import { sumBy } from 'remeda';
import type { Movement, Names, Role } from '../schema/movement';

const initials = (name: string): string =>
  name
    .split(/[\s-]+/)
    .map((word) => word[0] ?? '')
    .join('')
    .toLowerCase();

/** A name as it is written in haste: "Cloud Hands" is "cloudhands". */
const runTogether = (name: string): string => name.toLowerCase().replaceAll(/[\s-]+/g, '');

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

/** Words that change within, and short forms. */
const IRREGULAR: Readonly<Record<string, string>> = {
  calves: 'calf',
  feet: 'foot',
  brk: 'brush',
  bk: 'back',
  fwd: 'forward',
};

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

/** What can be found by its names: a movement, or a form, which belongs in any section. */
export interface Findable {
  readonly names: Names;
  readonly about: string;
  readonly level: number;
  readonly roles?: readonly Role[];
}

interface Entry<Thing extends Findable> {
  readonly thing: Thing;
  readonly names: readonly string[];
  /** The words of each of its names. */
  readonly words: readonly (readonly string[])[];
  /** What is said about it. */
  readonly about: ReadonlySet<string>;
  readonly initials: readonly string[];
  /** Its English names in one word each. */
  readonly joined: readonly string[];
}

/** A word with a slip may have meant so many others, and a text be read in so many ways. */
const MEANT = 4;
const READINGS = 12;

/** What was found, and the words that say nothing of it. */
export interface Found<Thing> {
  readonly thing: Thing;
  readonly unmatched: readonly string[];
}

/**
 * Finds movements, or forms, by any of their names: English in any order and form of its words, pinyin with or without tone marks and spaces,
 * Chinese, initials, small slips; at last by what is said about them.
 */
export interface Search<Thing> {
  /** Best match first; an empty text finds nothing. Where a role is given, what has it comes before what does not and matches as well. */
  (text: string, role?: Role): Thing[];
  /** What comes nearest where nothing has all the words, with the words it does not have. */
  readonly nearest: (text: string, role?: Role) => Found<Thing>[];
}
export type MovementSearch = Search<Movement>;

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
export function searchOf<Thing extends Findable>(things: readonly Thing[]): Search<Thing> {
  const entries: Entry<Thing>[] = things.map((thing) => {
    const { english, pinyin, chinese } = thing.names;
    const joined = pinyin.map((name) => name.replace(/\s+/g, ''));
    const names = [...english, ...pinyin, ...joined, ...chinese];
    return {
      thing,
      names,
      words: names.map(wordsOf),
      about: new Set(wordsOf(thing.about)),
      initials: english.map(initials),
      joined: english.map(runTogether),
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
    { thing, words, initials: letters, joined }: Entry<Thing>,
    text: string,
    wanted: readonly string[],
    role?: Role,
  ) => {
    const usual = (thing.names.english[0] ?? '').toLowerCase();
    const begins = usual === text ? 2 : usual.startsWith(text) ? 0.7 : 0;
    const of = (some: readonly string[], place: number) => {
      const fits = fit(wanted, some);
      // The usual name comes before the other English ones.
      return fits === 0 ? 0 : fits - (place > 0 && place < thing.names.english.length ? 0.02 : 0);
    };
    // Words that stand in different names of it say it too, if not as well.
    const byWords = wanted.length === 0 ? 0 : Math.max(0.7 * fit(wanted, words.flat()), ...words.map(of));
    const byInitials = letters.includes(text) || joined.includes(text) ? 0.95 : 0;
    const best = Math.max(begins, byWords, byInitials);
    return best === 0
      ? 0
      : best - 0.03 * (thing.level - 1) + (role !== undefined && thing.roles?.includes(role) ? 0.25 : 0);
  };
  const ranked = (text: string, wanted: readonly string[], role?: Role): Thing[] =>
    entries
      .map((entry) => ({ entry, worth: worth(entry, text, wanted, role) }))
      .filter((one) => one.worth > 0)
      .toSorted((a, b) => b.worth - a.worth)
      .map(({ entry }) => entry.thing);
  const search = (text: string, role?: Role): Thing[] => {
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
  const nearest = (text: string, role?: Role): Found<Thing>[] => {
    const said = text.split(BETWEEN).filter((word) => wordsOf(word).length > 0);
    const wanted = said.map(stemOf).map((word) => meant(word)[0] ?? word);
    const all = sumBy(wanted, tells);
    const has = ({ words, about }: Entry<Thing>, word: string): number => {
      if (words.some((of) => of.some((one) => one === word || (word.length > 2 && one.startsWith(word))))) return 1;
      return about.has(word) ? 0.4 : 0;
    };
    return entries
      .map((entry) => {
        const met = wanted.map((word) => has(entry, word));
        const fitting = role !== undefined && entry.thing.roles?.includes(role) ? 0.1 : 0;
        const plainness = 0.01 * Math.min(...entry.words.map((of) => of.length));
        return {
          thing: entry.thing,
          unmatched: said.filter((_, place) => met[place] === 0),
          worth: met.reduce((sum, one, place) => sum + one * tells(wanted[place] ?? ''), 0) / all + fitting - plainness,
          isMet: met.some((one) => one > 0),
        };
      })
      .filter(({ isMet }) => isMet)
      .toSorted((a, b) => b.worth - a.worth)
      .map(({ thing, unmatched }) => ({ thing, unmatched }));
  };
  return Object.assign(search, { nearest });
}
