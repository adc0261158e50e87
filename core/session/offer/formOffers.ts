import { clamp, median } from 'remeda';
import { type Search, searchOf } from '../../movement/edit/search';
import type { Form } from '../../movement/schema/form';
import { rememberFor } from '../../remember/rememberFor';
import { formLines } from '../edit/formLines';
import type { WrittenMovement } from '../edit/written/readLine';
import { readNamedPart, type WrittenPart } from '../edit/written/readPart';
import { Block } from '../plan/block';
import { msOf, type Offer, type OfferPlace } from './offer';

/** From this many cycles of each posture on, a form is a row of pieces that are each repeated. */
const REPEATED = 3;
/** More rounds than these is no reading of a number. */
const MOST_ROUNDS = 20;
/** A form has no more cycles of a posture than these. */
const MOST_CYCLES = 36;

const searchForms: (forms: readonly Form[]) => Search<Form> = rememberFor((forms: readonly Form[]) => searchOf(forms));

/** How much of a form is meant: from which posture to which, how often all of it, how many of each piece. */
interface Asked {
  readonly first: number;
  readonly last: number;
  readonly rounds: number;
  readonly each: number | null;
}

const isRepeated = ({ entries }: Form): boolean => (median(entries.map(({ cycles }) => cycles)) ?? 1) >= REPEATED;

/** The place of the posture that is named, from 1; null where none is. */
function placeOf(form: Form, name: string, { repertoire }: OfferPlace): number | null {
  const movements = form.entries.flatMap(({ movementId }) => repertoire.newest(movementId) ?? []);
  const [found] = searchOf(movements)(name);
  const place = found ? form.entries.findIndex(({ movementId }) => movementId === found.id) : -1;
  return place < 0 ? null : place + 1;
}

/** The postures a written part means; null where a posture that it names is not in the form. */
function partOf(form: Form, part: WrittenPart, place: OfferPlace): Pick<Asked, 'first' | 'last'> | null {
  const of = form.entries.length;
  const within = (first: number, last: number) => {
    const end = clamp(last, { min: 1, max: of });
    return { first: clamp(first, { min: 1, max: end }), last: end };
  };
  switch (part.by) {
    case 'share':
      return within(1, Math.round(of * part.share));
    case 'number':
      return within(part.first, part.last);
    case 'name': {
      const first = part.from === null ? 1 : placeOf(form, part.from, place);
      const last = placeOf(form, part.to, place);
      return first === null || last === null ? null : within(first, last);
    }
  }
}

/** What a number beside a form's name means: how many of each piece, how often all of it, or how many of its postures. */
function askedOf(form: Form, { amount, rounds, aSide, isThrough }: WrittenMovement): Asked {
  const of = form.entries.length;
  const whole: Asked = { first: 1, last: of, rounds: clamp(rounds ?? 1, { min: 1, max: MOST_ROUNDS }), each: null };
  if (!amount) return whole;
  const value = Math.max(1, Math.round(amount.value));
  if (amount.least !== null && amount.most !== null && amount.unit === null) {
    const last = clamp(Math.round(amount.most), { min: 1, max: of });
    return { ...whole, first: clamp(Math.round(amount.least), { min: 1, max: last }), last };
  }
  if (isRepeated(form) && !isThrough && (aSide || (amount.unit === 'times' && value >= REPEATED)))
    return { ...whole, each: Math.min(value, MOST_CYCLES) };
  if (amount.unit === 'times') return { ...whole, rounds: Math.min(value, MOST_ROUNDS) };
  return amount.unit === null ? { ...whole, last: Math.min(value, of) } : whole;
}

function readingOf({ entries }: Form, { first, last, rounds, each }: Asked): string {
  const of = entries.length;
  const part =
    first > 1
      ? first === last
        ? `posture ${first} of ${of}`
        : `postures ${first} to ${last} of ${of}`
      : last === of
        ? `the whole form, ${of} postures`
        : `the form as far as posture ${last} of ${of}`;
  return [part, each === null ? '' : `${each} of each`, rounds > 1 ? `${rounds} times` : ''].filter(Boolean).join(', ');
}

function offerOf(form: Form, asked: Asked, unused: string, place: OfferPlace): Offer {
  const { repertoire } = place;
  const title = form.names.english[0] ?? form.id;
  const { each } = asked;
  const entries = each === null ? form.entries : form.entries.map((entry) => ({ ...entry, cycles: each }));
  const items = formLines(
    { ...form, entries },
    (id) => repertoire.newest(id) ?? repertoire.find(id),
    (at) => `${form.id}-${at}`,
    asked.last,
    asked.first,
  );
  // A form with places on one side only is done as it is taught; one without is the same on both.
  const oneWay = items.some(({ sides }) => sides.endsWith('-only'));
  const block = Block.parse({ id: 'form', name: title, oneWay, rounds: asked.rounds });
  // One line by itself needs no block, unless it is done in rounds.
  const lines =
    items.length < 2 && asked.rounds === 1
      ? { items, blocks: [] }
      : { items: items.map((item) => ({ ...item, block: block.id })), blocks: [block] };
  const ms = msOf(lines, place);
  return {
    key: `form ${form.id}`,
    lines: ms === null || items.length === 0 ? null : lines,
    title,
    reading: ms === null ? `${readingOf(form, asked)}: too much for a class` : readingOf(form, asked),
    unused,
    cautions: '',
    ms: ms ?? 0,
    movement: null,
    newName: null,
  };
}

const FIRST_NUMBER = 3;
const NUMBERS = ['three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

/** A time beside a form does not change it: it is said as not used. */
const timeOf = ({ amount }: WrittenMovement): string => (amount?.unit === 'seconds' ? `${amount.value} s` : '');

const isOf = (many: number | undefined) => (form: Form) => form.entries.length === many;

function partOffers(form: Form, part: WrittenPart, line: WrittenMovement, place: OfferPlace): Offer[] {
  const found = partOf(form, part, place);
  return found ? [offerOf(form, { ...askedOf(form, { ...line, amount: null }), ...found }, timeOf(line), place)] : [];
}

/**
 * Forms that a line means: "lantern form x2" all of it twice, "lantern 1-6" its first six postures, "eight pieces, 8 of each" eight of
 * each piece, "lantern form to whip" as far as that posture.
 */
export function formOffers(line: WrittenMovement, place: OfferPlace): Offer[] {
  const search = searchForms(place.repertoire.forms);
  // "8 brocades" are the Eight Pieces: the number is a word of the name.
  const number = line.amount?.unit === null && !line.aSide ? NUMBERS[line.amount.value - FIRST_NUMBER] : undefined;
  const byNumber = number === undefined ? [] : search(`${number} ${line.name}`).filter(isOf(line.amount?.value));
  if (byNumber.length > 0)
    return byNumber.map((form) => offerOf(form, askedOf(form, { ...line, amount: null }), '', place));
  const part = line.part ?? readNamedPart(line.name);
  const inPart = part ? search(part.left).flatMap((form) => partOffers(form, part.part, line, place)) : [];
  if (inPart.length > 0) return inPart;
  return search(line.name).map((form) => offerOf(form, askedOf(form, line), timeOf(line), place));
}
