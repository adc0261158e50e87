import { clamp } from 'remeda';
import type { Form } from '../../../../../core/movement/schema/form';
import { usualName } from '../../../../../core/movement/schema/movement';
import { sidesOffered } from '../../../../../core/movement/schema/pass';
import { formLines } from '../../../../../core/session/edit/formLines';
import { readLine, type WrittenLine } from '../../../../../core/session/edit/readLine';
import { newMovementItem, newPause } from '../../../../../core/session/plan/defaults';
import { PAUSE_WORDS } from '../../../../../core/session/plan/lineTitle';
import type { Item, Session } from '../../../../../core/session/plan/session';
import { countWords } from '../../../../../core/session/report/countWords';
import { timelineOf } from '../../../../../core/session/schedule/timeline';
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
}

type Passage = Session['sections'][number];

/** How many movements are offered for what was typed, and how many letters must be typed for a form. */
const OFFERED = 7;
const LEAST_LETTERS = 3;

/** A name without case and marks, so that it is found however it is typed. */
const plain = (name: string): string => name.normalize('NFD').replaceAll(/\p{M}/gu, '').toLowerCase();

function minutesOf(items: readonly Item[], session: Session, passage: Passage, repertoire: Repertoire): number {
  const alone = timelineOf({ ...session, sections: [{ ...passage, items: [...items] }] }, repertoire.find);
  return alone.ok ? alone.timeline.totalMs : 0;
}

function readingOf(first: number, last: number, of: number): string {
  if (first > 1) return first === last ? `place ${first} of ${of}` : `places ${first} to ${last} of ${of}`;
  return last === of ? `the whole form, ${of} places` : `the form as far as place ${last} of ${of}`;
}

/** Forms whose name has what was typed; a count is how many of their places are known, two are a part of them. */
function formsFor(
  line: Extract<WrittenLine, { kind: 'movement' }>,
  session: Session,
  passage: Passage,
  repertoire: Repertoire,
): Offer[] {
  const wanted = plain(line.name);
  if (wanted.length < LEAST_LETTERS) return [];
  const isNamed = ({ names }: Form) =>
    [...names.english, ...names.pinyin, ...names.chinese].some((name) => plain(name).includes(wanted));
  return repertoire.forms.filter(isNamed).map((form) => {
    const of = form.entries.length;
    const last = Math.min(of, line.part?.[1] ?? line.count ?? of);
    const first = clamp(line.part?.[0] ?? 1, { min: 1, max: last });
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
      ms: minutesOf(items, session, passage, repertoire),
    };
  });
}

/** What a typed line could mean, each with the time it would take in this section. */
export function offersFor(text: string, session: Session, section: number, repertoire: Repertoire): Offer[] {
  const passage = session.sections[section];
  if (text.trim() === '' || !passage) return [];
  const line = readLine(text);
  if (line.kind !== 'movement') {
    const { kind, seconds, note } = line;
    if (seconds < 1 || seconds > 3600) return [];
    return [
      {
        key: kind,
        items: [newPause(kind, kind, seconds, note)],
        title: PAUSE_WORDS[kind],
        reading: `${seconds} seconds ${note}`,
        cautions: '',
        ms: seconds * 1000,
      },
    ];
  }
  const movements = repertoire
    .search(line.name)
    .slice(0, OFFERED)
    .map((movement): Offer => {
      const item = {
        ...newMovementItem(movement.id, movement, passage.kind, line.count ?? undefined),
        rounds: Math.min(20, line.rounds),
        sides: sidesOffered(movement.laterality).includes(line.sides) ? line.sides : 'usual',
      };
      const { words } = countWords(movement, item);
      return {
        key: movement.id,
        items: [item],
        title: usualName(movement),
        reading: `${item.count} ${words}${item.rounds > 1 ? `, ${item.rounds} rounds` : ''}`,
        cautions: spaced(movement.cautions.filter((caution) => caution !== 'general').join(', ')),
        ms: minutesOf([item], session, passage, repertoire),
      };
    });
  return [...movements, ...formsFor(line, session, passage, repertoire)];
}
