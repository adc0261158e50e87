import { clamp } from 'remeda';
import { minutes } from '../../words/clockWords';
import type { WrittenPause } from '../edit/written/readPause';
import { newPause } from '../plan/defaults';
import { PAUSE_WORDS, type PauseKind } from '../plan/lineTitle';
import { msOf, type Offer, type OfferPlace } from './offer';

/** The most seconds of a rest or a talk. */
const LONGEST_PAUSE = 3600;
/** The most letters of a line's note. */
const LONGEST_NOTE = 400;

const secondsSaid = (seconds: number): string =>
  seconds < 60 ? `${seconds} second${seconds === 1 ? '' : 's'}` : minutes(seconds * 1000);

/** A line in which nobody is led, for so many seconds and with these words. One of hours is an hour, and says so. */
export function pauseOffer(kind: PauseKind, asked: number, note: string, place: OfferPlace): Offer {
  const seconds = clamp(asked, { min: 1, max: LONGEST_PAUSE });
  const lines = { items: [newPause(kind, kind, seconds, note.slice(0, LONGEST_NOTE))], blocks: [] };
  const time = `${secondsSaid(seconds)}${asked > LONGEST_PAUSE ? ', an hour at most' : ''}`;
  return {
    key: `${kind} ${seconds}`,
    lines,
    title: PAUSE_WORDS[kind],
    reading: note === '' ? time : `${time}: “${note}”`,
    unused: note.slice(LONGEST_NOTE),
    cautions: '',
    // As long as talks are measured to last with this group.
    ms: msOf(lines, place) ?? seconds * 1000,
    movement: null,
    newName: null,
  };
}

/** A rest, a talk or a line that keeps the clock as it was written, and a second one where a bare number may mean another unit. */
export const pauseOffers = ({ kind, seconds, orSeconds, note }: WrittenPause, place: OfferPlace): Offer[] =>
  [seconds, ...(orSeconds === null ? [] : [orSeconds])].map((asked) => pauseOffer(kind, asked, note, place));
