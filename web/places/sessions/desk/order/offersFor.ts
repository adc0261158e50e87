import { clamp } from 'remeda';
import type { Form } from '../../../../../core/movement/schema/form';
import { type Movement, usualName } from '../../../../../core/movement/schema/movement';
import { formLines } from '../../../../../core/session/edit/formLines';
import { readLine, type WrittenLine } from '../../../../../core/session/edit/written/readLine';
import { understand } from '../../../../../core/session/edit/written/understand';
import { newMovementItem, newPause } from '../../../../../core/session/plan/defaults';
import { PAUSE_WORDS } from '../../../../../core/session/plan/lineTitle';
import type { Item, Session } from '../../../../../core/session/plan/session';
import { amountSaid, countWords } from '../../../../../core/session/report/countWords';
import { timelineOf } from '../../../../../core/session/schedule/timeline';
import { minutes } from '../../../../../core/words/clockWords';
import { spaced } from '../../../../../core/words/spaced';
import type { Repertoire } from '../../../../app/repertoire';

/** What a typed line could mean: the lines it would add, and how it was understood. */
export interface Offer {
  readonly key: string;
  readonly items: readonly Item[];
  readonly title: string;
  readonly reading: string;
  readonly cautions: string;
  readonly ms: number;
  /** The movement it is, for its figure; null for what has none. */
  readonly movement: Movement | null;
  /** A movement of this name, to be made in the editor; null for what is added here. */
  readonly newName: string | null;
}

type Passage = Session['sections'][number];
type Written = Extract<WrittenLine, { kind: 'movement' }>;

/** How many movements are offered for what was typed, and how many where none has all of its words. */
const OFFERED = 7;
const NEAREST = 4;
/** How many letters must be typed for a form. */
const LEAST_LETTERS = 3;

/** A name without case, marks and spaces, so that it is found however it is typed. */
const plain = (name: string): string =>
  name
    .normalize('NFD')
    .replaceAll(/[\p{M}\s]/gu, '')
    .toLowerCase();

/** How long some lines last by themselves; null where that is far too long to be laid out. */
function msOf(items: readonly Item[], session: Session, passage: Passage, repertoire: Repertoire): number | null {
  const alone = timelineOf({ ...session, sections: [{ ...passage, items: [...items] }] }, repertoire.find);
  return alone.ok ? alone.timeline.totalMs : null;
}

function readingOf(first: number, last: number, of: number): string {
  if (first > 1) return first === last ? `place ${first} of ${of}` : `places ${first} to ${last} of ${of}`;
  return last === of ? `the whole form, ${of} places` : `the form as far as place ${last} of ${of}`;
}

/** Forms whose name has what was typed; a count is how many of their places are known, two are a part of them. */
function formsFor({ name, amount }: Written, session: Session, passage: Passage, repertoire: Repertoire): Offer[] {
  const wanted = plain(name);
  if (wanted.length < LEAST_LETTERS) return [];
  const isNamed = ({ names }: Form) =>
    [...names.english, ...names.pinyin, ...names.chinese].some((one) => plain(one).includes(wanted));
  return repertoire.forms.filter(isNamed).map((form) => {
    const of = form.entries.length;
    const places = amount && amount.unit === null ? amount : null;
    const last = clamp(Math.round(places?.most ?? places?.value ?? of), { min: 1, max: of });
    const first = clamp(Math.round(places?.least ?? 1), { min: 1, max: last });
    const items = formLines(
      form,
      (id) => repertoire.newest(id) ?? repertoire.find(id),
      (place) => `${form.id}-${place}`,
      last,
      first,
    );
    return {
      key: `form ${form.id}`,
      items,
      title: form.names.english[0] ?? form.id,
      reading: readingOf(first, last, of),
      cautions: '',
      ms: msOf(items, session, passage, repertoire) ?? 0,
      movement: null,
      newName: null,
    };
  });
}

/** The most seconds of a rest or a talk. */
const LONGEST_PAUSE = 3600;

interface Around {
  readonly session: Session;
  readonly passage: Passage;
  readonly repertoire: Repertoire;
}

/** A rest or a talk, and a second one where a bare number may have been minutes. One of hours is an hour, and says so. */
function pausesFor({ kind, seconds, orSeconds, note }: Exclude<WrittenLine, Written>, around: Around): Offer[] {
  return [seconds, ...(orSeconds === null ? [] : [orSeconds])].map((asked): Offer => {
    const one = clamp(asked, { min: 1, max: LONGEST_PAUSE });
    const items = [newPause(kind, kind, one, note)];
    const said = one < 60 ? `${one} seconds` : minutes(one * 1000);
    return {
      key: `${kind} ${one}`,
      items,
      title: PAUSE_WORDS[kind],
      reading: [`${said}${asked > LONGEST_PAUSE ? ', an hour at most' : ''}`, note].filter(Boolean).join(' '),
      cautions: '',
      // As long as talks are measured to last with this group.
      ms: msOf(items, around.session, around.passage, around.repertoire) ?? one * 1000,
      movement: null,
      newName: null,
    };
  });
}

/** A movement as the line asks for it, in every way the line could be meant. */
function movementOffers(
  movement: Movement,
  line: Written,
  unmatched: readonly string[],
  { session, passage, repertoire }: Around,
): Offer[] {
  return understand(movement, line).map(({ change, note, besides }, place): Offer => {
    const item = { ...newMovementItem(movement.id, movement, passage.kind), ...change };
    const rounds = item.rounds > 1 ? `, ${item.rounds} rounds` : '';
    const said = `${amountSaid(item)} ${countWords(movement, item).words}${rounds}`;
    const missed = unmatched.length > 0 ? `not understood: ${unmatched.join(' ')}` : '';
    const ms = msOf([item], session, passage, repertoire);
    return {
      key: place === 0 ? movement.id : `${movement.id} ${place}`,
      items: ms === null ? [] : [item],
      title: usualName(movement),
      reading:
        ms === null ? `${said}: too much for a class` : [note || said, besides, missed].filter(Boolean).join(', '),
      cautions: spaced(movement.cautions.filter((caution) => caution !== 'general').join(', ')),
      ms: ms ?? 0,
      movement,
      newName: null,
    };
  });
}

/** Seconds of a talk that names none. */
const TALK_SECONDS = 60;

/** What can be done with words that name nothing: a talk with them, for as long as they say; a movement of that name. */
function otherwise(text: string, { name, amount }: Written, around: Around): readonly [Offer, ...Offer[]] {
  const isTimed = amount?.unit === 'seconds' && name !== '';
  const note = (isTimed ? name : text.trim()).slice(0, 400);
  const seconds = isTimed ? clamp(Math.round(amount.value), { min: 1, max: 3600 }) : TALK_SECONDS;
  const items = [newPause('talk', 'talk', seconds, note)];
  return [
    {
      key: 'talk with these words',
      items,
      title: PAUSE_WORDS.talk,
      reading: `${seconds === TALK_SECONDS ? 'a minute' : minutes(seconds * 1000)}: “${note}”`,
      cautions: '',
      ms: msOf(items, around.session, around.passage, around.repertoire) ?? seconds * 1000,
      movement: null,
      newName: null,
    },
    {
      key: 'new movement',
      items: [],
      title: 'A new movement',
      reading: `named “${name || text.trim()}”, made in the repertoire`,
      cautions: '',
      ms: 0,
      movement: null,
      newName: name || text.trim(),
    },
  ];
}

/** From this share of its words on that are not understood, a line is a talk sooner than a movement. */
const STRANGE_SHARE = 0.5;

/**
 * What a typed line could mean, each with the time it would take in this section; there is always something, so that Enter never does
 * nothing. What suits the section comes first.
 */
export function offersFor(text: string, session: Session, section: number, repertoire: Repertoire): Offer[] {
  const passage = session.sections[section];
  if (text.trim() === '' || !passage) return [];
  const line = readLine(text);
  const around = { session, passage, repertoire };
  if (line.kind !== 'movement') return pausesFor(line, around);
  // Where all of it was read as an amount, as in "three breaths", it may be the name.
  const names =
    line.name === '' ? [text] : [line.name, ...(repertoire.search(line.name, passage.kind).length > 0 ? [] : [text])];
  const name = names.find((one) => repertoire.search(one, passage.kind).length > 0) ?? names[0] ?? text;
  const written: Written = name === text && line.name !== text.trim() ? { ...line, amount: null, rounds: null } : line;
  const forms = formsFor(line, session, passage, repertoire);
  const found = repertoire.search(name, passage.kind).slice(0, OFFERED);
  if (found.length > 0 || forms.length > 0)
    return [...found.flatMap((movement) => movementOffers(movement, written, [], around)), ...forms];
  const asked = line.name || text;
  const nearest = repertoire.search.nearest(asked, passage.kind).slice(0, NEAREST);
  const movements = nearest.flatMap(({ movement, unmatched }) => movementOffers(movement, line, unmatched, around));
  const [talk, ...others] = otherwise(text, line, around);
  const words = asked.split(/\s+/).length;
  const isStrange = (nearest[0]?.unmatched.length ?? words) >= STRANGE_SHARE * words;
  // Enter takes what comes first.
  return isStrange ? [talk, ...movements, ...others] : [...movements, talk, ...others];
}
