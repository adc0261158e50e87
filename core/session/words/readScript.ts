import { SCRIPT_PAUSE, SCRIPT_WORDS_PER_SECOND } from '../../timing/timingConstants';

/** One stretch of a script that is read in one go, and the pause after it. Whole milliseconds. */
export interface ScriptPart {
  readonly say: string;
  readonly speakMs: number;
  readonly pauseMs: number;
}

/** A pause as it is written: "(20 s)", "(1 min)", "(3 breaths)", "(pause 10 s)". */
const PAUSE = /\((?:pause\s+)?(\d+(?:[.,]\d+)?)\s*(s|sec|secs|seconds?|min|minutes?|breaths?)\)/gi;

const MINUTE = 60_000;

const pauseMs = (amount: string, unit: string, breathMs: number): number => {
  const many = Number(amount.replace(',', '.'));
  const one = /^min/i.test(unit) ? MINUTE : /^breath/i.test(unit) ? breathMs : 1000;
  return Math.round(many * one);
};

const speakMs = (say: string): number =>
  Math.round((say.split(/\s+/).filter(Boolean).length / SCRIPT_WORDS_PER_SECOND) * 1000);

/**
 * A script as it is read out: a part for every paragraph and between pauses. After a paragraph there is a short pause unless one is
 * written. `readScript('Let the feet grow heavy. (20 s)', 8000)` is one part, spoken in 2.5 s with 20 s after it.
 * @param breathMs how long a breath takes in the line, for pauses that are counted in breaths
 */
export function readScript(text: string, breathMs: number): ScriptPart[] {
  const parts: ScriptPart[] = [];
  const add = (say: string, pause: number) => {
    const last = parts.at(-1);
    // A pause that stands by itself belongs to what was said before it, in place of the short one.
    if (say === '' && last)
      parts[parts.length - 1] = { ...last, pauseMs: isShort(last) ? pause : last.pauseMs + pause };
    else if (say !== '' || pause > 0) parts.push({ say, speakMs: speakMs(say), pauseMs: pause });
  };
  for (const paragraph of text.split(/\n\s*\n/)) {
    let from = 0;
    for (const { index, 0: whole, 1: amount = '0', 2: unit = 's' } of paragraph.matchAll(PAUSE)) {
      add(plain(paragraph.slice(from, index)), pauseMs(amount, unit, breathMs));
      from = index + whole.length;
    }
    const rest = plain(paragraph.slice(from));
    if (rest !== '') add(rest, SCRIPT_PAUSE * 1000);
  }
  return parts;
}

const isShort = ({ pauseMs: after }: ScriptPart): boolean => after === SCRIPT_PAUSE * 1000;
const plain = (text: string): string => text.replaceAll(/\s+/g, ' ').trim();

/** How long a script takes to read out, with every pause but the last, milliseconds. */
export const scriptMs = (parts: readonly ScriptPart[]): number =>
  parts.reduce((sum, part, place) => sum + part.speakMs + (place === parts.length - 1 ? 0 : part.pauseMs), 0);
