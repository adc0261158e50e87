import type { Form } from '../../movement/schema/form';
import { type FindMovement, type Movement, usualName } from '../../movement/schema/movement';
import type { HeldClass } from '../calendar/courseClasses';
import type { Course } from '../schema/course';
import type { CourseThread } from '../schema/thread';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';
import type { ClassCell } from './classCells';
import { classColumns } from './classColumns';

/** A week of a scheme of work, as providers of adult education ask for it. */
export interface SchemeWeek {
  readonly held: HeldClass;
  /** What the class is for, in a sentence. */
  readonly aim: string;
  readonly content: readonly string[];
  /** How it is made to fit those who need it otherwise. */
  readonly adaptations: readonly string[];
  /** How one sees that it was learnt. */
  readonly seen: readonly string[];
}

const KIND_ORDER = ['seated', 'supported', 'smaller', 'easier', 'harder'];
/** So much is written for a week; more is not read. */
const MOST = { adaptations: 4, seen: 3 };

/** The movements a cell is about: its own, or the places of its form that are new or were reached last. */
function movementsOf({ thread, before, layers }: ClassCell, find: FindMovement, forms: readonly Form[]): Movement[] {
  const stretch = { from: Math.min(before, layers - 1), upTo: layers };
  return contentOf(thread)
    .movementIds(forms, stretch)
    .flatMap((id) => find(id) ?? []);
}

/** The steps a cell shows, in the middle of a sentence: "add the waist"; empty where there is only one. */
function stepsOf({ thread, before, layers }: ClassCell): string {
  if (thread.layers.length < 2) return '';
  const names = thread.layers.slice(before, layers).map(({ name }) => name);
  return (
    contentOf(thread).hasNamedStages ? names : names.map((name) => name.charAt(0).toLowerCase() + name.slice(1))
  ).join(', ');
}

const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** What a class is for: "To meet Cloud Hands (Arms only), and to make Slow Walking their own." */
function aimOf(fresh: readonly ClassCell[], again: readonly ClassCell[], kept: readonly ClassCell[]): string {
  const titles = (cells: readonly ClassCell[]) => cells.map(({ thread }) => thread.title);
  const parts = [
    ...(fresh.length > 0
      ? [
          `meet ${listed(fresh.map((cell) => (stepsOf(cell) === '' ? cell.thread.title : `${cell.thread.title} (${stepsOf(cell)})`)))}`,
        ]
      : []),
    ...(again.length > 0 ? [`see ${listed(titles(again))} a second time`] : []),
    ...(fresh.length + again.length === 0 && kept.length > 0
      ? [`bring together ${listed(titles(kept).slice(0, 4))}`]
      : []),
  ];
  return parts.length > 0 ? `To ${listed(parts)}.` : 'To practise what is known.';
}

/** What can be seen of a thread once it is learnt: its point to watch, or its step done by itself. */
function seenOf(cell: ClassCell, movements: readonly Movement[]): string {
  const [movement] = movements;
  const point = movement?.points[0]?.text;
  const title = movement ? usualName(movement) : cell.thread.title;
  if (point) return `${title}: ${point}`;
  const { focus } = contentOf(cell.thread);
  return focus !== null
    ? `They remember by themselves ${focus}`
    : `They do ${title} (${stepsOf(cell) || 'whole'}) without looking at anybody`;
}

/** A course as a scheme of work, a week a class. Names of people are never in it. */
export function schemeOf(
  course: Course,
  held: readonly HeldClass[],
  find: FindMovement,
  forms: readonly Form[],
): SchemeWeek[] {
  return held.map((one, place): SchemeWeek => {
    const { fresh, again, back, on } = classColumns(course, held, place);
    const kept = [...back, ...on];
    const cells = [...fresh, ...again, ...kept];
    const shown = [...fresh, ...again].flatMap((cell) => movementsOf(cell, find, forms));
    const all = shown.length > 0 ? shown : kept.flatMap((cell) => movementsOf(cell, find, forms));
    const adaptations = all.flatMap((movement) =>
      movement.variants
        .toSorted((a, b) => KIND_ORDER.indexOf(a.kind) - KIND_ORDER.indexOf(b.kind))
        .slice(0, 2)
        .map(({ name }) => `${usualName(movement)}: ${name}`),
    );
    const looked = fresh.length > 0 ? fresh : again.length > 0 ? again : kept;
    return {
      held: one,
      aim: aimOf(fresh, again, kept),
      content: cells.map((cell) => contentWords(cell, fresh.includes(cell), again.includes(cell))),
      adaptations: [...new Set(adaptations)].slice(0, MOST.adaptations),
      seen: [...new Set(looked.map((cell) => seenOf(cell, movementsOf(cell, find, forms))))].slice(0, MOST.seen),
    };
  });
}

function contentWords(cell: ClassCell, isFresh: boolean, isAgain: boolean): string {
  const { title, kind }: CourseThread = cell.thread;
  if (isFresh) return stepsOf(cell) === '' ? `${title}: new` : `${title}: new, ${stepsOf(cell)}`;
  if (isAgain) return `${title}: shown again`;
  return topicKind({ kind }).isByMinutes ? `${title}: a little longer` : title;
}
