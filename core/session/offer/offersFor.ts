import { sortBy } from 'remeda';
import type { Movement } from '../../movement/schema/movement';
import { readLine, type WrittenMovement } from '../edit/written/readLine';
import type { Session } from '../plan/session';
import { formOffers } from './formOffers';
import { movementOffers } from './movementOffers';
import type { Offer, OfferedRepertoire, OfferPlace } from './offer';
import { pauseOffer, pauseOffers } from './pauseOffers';

/** How many movements are offered for what was typed, and how many where none has all of its words. */
const OFFERED = 7;
const NEAREST = 4;
/** Seconds of a talk that names none; a bare number of one is minutes. */
const TALK_SECONDS = 60;
const MINUTES_PERHAPS = 10;
/** From this share of its words on that are not understood, a line is a talk sooner than a movement. */
const STRANGE_SHARE = 0.5;

/** A talk with words that name nothing, for as long as they say. */
function talkOffer(text: string, { name, amount }: WrittenMovement, place: OfferPlace): Offer {
  const isBare = amount?.unit === null && amount.least === null && amount.value <= MINUTES_PERHAPS;
  const seconds = amount?.unit === 'seconds' ? amount.value : isBare ? amount.value * 60 : null;
  const isTimed = seconds !== null && seconds > 0 && name !== '';
  const offer = pauseOffer('talk', isTimed ? Math.round(seconds) : TALK_SECONDS, isTimed ? name : text.trim(), place);
  return { ...offer, key: 'talk with these words' };
}

const newMovementOffer = (name: string): Offer => ({
  key: 'new movement',
  lines: null,
  title: 'A new movement',
  reading: `named “${name}”, made in the repertoire`,
  unused: '',
  cautions: '',
  ms: 0,
  movement: null,
  newName: name,
});

/**
 * The movements that were found, those first that suit how much was written: with two directions where each was said, and not a hold of
 * many seconds where a bare number is small.
 */
function suitingFirst(found: readonly Movement[], { eachWay, amount }: WrittenMovement): readonly Movement[] {
  const isHold = ({ count }: Movement) =>
    amount !== null && amount.unit === null && count.unit === 'seconds' && amount.value < count.least;
  return sortBy(found, (movement) =>
    (eachWay && movement.laterality.directions.kind !== 'both') || isHold(movement) ? 1 : 0,
  );
}

/**
 * What a typed line could mean, each with the time it would take in this section; there is always something, so that Enter never does
 * nothing. What suits the section comes first, and what is not used of the line is said.
 */
export function offersFor(text: string, session: Session, at: number, repertoire: OfferedRepertoire): Offer[] {
  const section = session.sections[at];
  if (text.trim() === '' || !section) return [];
  const place = { session, section, repertoire };
  const line = readLine(text);
  if (line.kind !== 'movement') return pauseOffers(line, place);
  const find = (name: string) => repertoire.search(name, section.kind);
  // Where all of it was read as an amount, as in "three breaths", it may be the name.
  const isName = find(line.name).length === 0 && find(text).length > 0;
  const written: WrittenMovement = isName ? { ...line, amount: null, rounds: null } : line;
  const found = suitingFirst(find(isName ? text : line.name), written).slice(0, OFFERED);
  const forms = formOffers(line, place);
  if (found.length > 0 || forms.length > 0)
    return [...found.flatMap((movement) => movementOffers(movement, written, [], place)), ...forms];
  const asked = line.name || text;
  const nearest = repertoire.search.nearest(asked, section.kind).slice(0, NEAREST);
  const movements = nearest.flatMap(({ thing, unmatched }) => movementOffers(thing, line, unmatched, place));
  const others = [newMovementOffer(asked.trim())];
  const talk = talkOffer(text, line, place);
  const words = asked.split(/\s+/).length;
  const isStrange = (nearest[0]?.unmatched.length ?? words) >= STRANGE_SHARE * words;
  // Enter takes what comes first.
  return isStrange ? [talk, ...movements, ...others] : [...movements, talk, ...others];
}
