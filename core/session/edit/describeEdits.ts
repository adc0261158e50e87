import { unique } from 'remeda';
import type { FindMovement } from '../../movement/schema/movement';
import { breathsPerMinute } from '../../words/breathsPerMinute';
import { minutes } from '../../words/clockWords';
import { sectionWord } from '../../words/sectionWord';
import { lineTitle, notedTitle } from '../plan/lineTitle';
import { matchItem } from '../plan/matchItem';
import type { Item, MovementItem, Section, Session } from '../plan/session';
import { applyToClass } from './applyEdits';
import type { ClassEdit, ClassHead, LineChange, SectionHead } from './edit';
import { FIELD_WORDS, HEAD_WORDS } from './fieldWords';

const SECTION_FIELDS: Readonly<Record<keyof SectionHead, string>> = {
  kind: 'section',
  pace: 'pace',
  settle: 'settle',
  ledBy: 'what sets the pace',
};

const AMOUNTS: readonly string[] = ['count', 'range', 'ends', 'seconds'];

/** Seconds as they are read: "40 sec", and minutes from one on: "2:10". */
const timeWords = (seconds: number): string => (seconds < 60 ? `${seconds} sec` : minutes(seconds * 1000));

/** How much of a line there is: "6", "4 to 8", "40 sec". */
function amountWords(item: Item): string {
  const of = ({ count, range, ends }: MovementItem) => {
    if (ends.by === 'clock') return timeWords(ends.seconds);
    return range ? `${range.least} to ${range.most}` : String(count);
  };
  const seconds = (pause: { readonly seconds: number }) => timeWords(pause.seconds);
  return matchItem(item, { movement: of, rest: seconds, talk: seconds, clock: seconds });
}

function paceWords(section: Section, { pace: to }: Partial<SectionHead>): string[] {
  if (!to) return [];
  const said = ({ from, to: end }: Section['pace']) =>
    from === end ? breathsPerMinute(end) : `${breathsPerMinute(from)} to ${breathsPerMinute(end)}`;
  return [`${sectionWord(section.kind)} breathes ${said(section.pace)} → ${said(to)} a minute`];
}

function changeWords(item: Item, after: Item, to: LineChange, title: string): string[] {
  const fields = Object.keys(to) as (keyof LineChange)[];
  const others = unique(fields.flatMap((field): string[] => (AMOUNTS.includes(field) ? [] : [FIELD_WORDS[field]])));
  const [was, now] = [amountWords(item), amountWords(after)];
  return [
    ...(was === now ? [] : [`${title} ${was} → ${now}`]),
    ...(others.length > 0 ? [`${title}: ${others.join(', ')}`] : []),
    // A range that goes or comes around the same count.
    ...(was === now && others.length === 0 ? [`${title}: count`] : []),
  ];
}

const addedWords = (item: Item, find: FindMovement): string =>
  matchItem(item, {
    movement: (line) => `${lineTitle(line, find)} ${amountWords(line)} added`,
    rest: ({ seconds }) => `${timeWords(seconds)} rest added`,
    talk: ({ seconds }) => `${timeWords(seconds)} to talk added`,
    clock: ({ seconds }) => `${timeWords(seconds)} by the clock added`,
  });

function wordsOf(session: Session, edit: ClassEdit, find: FindMovement): string[] {
  const items = session.sections.flatMap((section) => section.items);
  const lineOf = (itemId: string) => items.find(({ id }) => id === itemId);
  const nameOf = (itemId: string): string => {
    const item = lineOf(itemId);
    return item ? notedTitle(item, find) : 'a line';
  };
  const several = (ids: readonly string[], done: string): string[] =>
    ids.length > 3 ? [`${ids.length} lines ${done}`] : ids.map((id) => `${nameOf(id)} ${done}`);
  const blockName = (id: string) =>
    session.sections.flatMap(({ blocks }) => blocks).find((block) => block.id === id)?.name || 'Block';
  switch (edit.kind) {
    case 'head':
      return [unique((Object.keys(edit.to) as (keyof ClassHead)[]).map((field) => HEAD_WORDS[field])).join(', ')];
    case 'change': {
      const item = lineOf(edit.itemId);
      const after = applyToClass(session, [edit]).sections.flatMap((section) => section.items);
      const now = after.find(({ id }) => id === edit.itemId);
      return item && now ? changeWords(item, now, edit.to, nameOf(edit.itemId)) : [];
    }
    case 'add':
      return [addedWords(edit.item, find)];
    case 'put':
      return edit.lines.items.length > 3
        ? [`${edit.lines.items.length} lines added`]
        : edit.lines.items.map((item) => addedWords(item, find));
    case 'remove':
      return several(edit.itemIds, 'left out');
    case 'move':
      return [`${nameOf(edit.itemId)} moved`];
    case 'shift':
      return several(edit.itemIds, 'moved');
    case 'section': {
      const section = session.sections[edit.section];
      if (!section) return [];
      const others = (Object.keys(edit.to) as (keyof SectionHead)[]).filter((field) => field !== 'pace');
      const said = others.map((field) => `${sectionWord(section.kind)}: ${SECTION_FIELDS[field]}`);
      return [...paceWords(section, edit.to), ...said];
    }
    case 'group':
      return [`${edit.itemIds.length} lines together`];
    case 'block':
      return [`${blockName(edit.blockId)} changed`];
    case 'ungroup':
      return [`${blockName(edit.blockId)} taken apart`];
    case 'refill':
      return [`${blockName(edit.blockId)} brought up to date`];
    case 'split':
      return [`${nameOf(edit.itemId)} taught in stages`];
    case 'arrange':
      return ['lines moved'];
    case 'sections':
      return ['the whole running order'];
  }
}

/**
 * What edits change, each in a few words, in their order: "Cloud Hands 4 → 3", "30 sec rest added".
 * @param session the class they are applied to
 */
export function describeEdits(session: Session, edits: readonly ClassEdit[], find: FindMovement): string[] {
  const words: string[] = [];
  let now = session;
  for (const edit of edits) {
    words.push(...wordsOf(now, edit, find));
    now = applyToClass(now, [edit]);
  }
  return words;
}
