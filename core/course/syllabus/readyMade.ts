import type { Strength } from '../../demand/ceilings';
import type { Form } from '../../movement/schema/form';
import type { FindMovement } from '../../movement/schema/movement';
import type { CourseEnd } from '../calendar/calendar';
import type { CourseThread } from '../schema/thread';
import { topicKind } from '../schema/topicKinds';
import { bindThreads } from './bindThreads';
import { formThread, movementThread, principleThread, type ThreadAsked } from './makeThread';

/** One line of a ready-made syllabus. */
type ReadyLine =
  | ({ readonly movement: string } & ThreadAsked)
  | ({ readonly form: string; readonly places: number } & ThreadAsked)
  | { readonly principle: string; readonly title: string; readonly focus: string };

/** A syllabus to begin with; all of it can be changed. */
export interface ReadyMade {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  readonly ends: CourseEnd;
  readonly lines: readonly ReadyLine[];
}

const must = { kind: 'steps', wish: 'must' } as const;
const want = { kind: 'steps', wish: 'want' } as const;
const room = { kind: 'steps', wish: 'room' } as const;
const turn = (every: number) => ({ kind: 'rotation', wish: 'want', size: 'S', every }) as const;
const WEIGHT = { principle: 'weight', title: 'Full and empty', focus: 'which foot is full' } as const;
const LEVEL = { principle: 'level-head', title: 'A level head', focus: 'the head stays level' } as const;
const BREATH = { principle: 'breath', title: 'Breath leads', focus: 'the breath begins first' } as const;

export const READY_MADE: readonly ReadyMade[] = [
  {
    id: 'beginners',
    name: 'Beginners, 10 weeks',
    about: 'Stance, weight and walking first, then clouds that come to walk; a second stepping piece if there is room.',
    ends: { kind: 'classes', count: 10 },
    lines: [
      { movement: 'standing-post', kind: 'amount', wish: 'must', size: 'S', from: 2, to: 4 },
      WEIGHT,
      { movement: 'raise-and-sink', ...must, size: 'S' },
      { movement: 'slow-walking', ...must, size: 'M' },
      { movement: 'clouds-in-place', ...must, size: 'S' },
      { movement: 'pushing-waves', ...want, size: 'S' },
      { movement: 'cloud-hands', ...want, size: 'S' },
      { movement: 'brush-knee', ...room, size: 'S' },
    ],
  },
  {
    id: 'standing-set',
    name: 'A standing set, 8 weeks',
    about: 'The eight pieces followed whole from the first class, a few of them looked at closely each time.',
    ends: { kind: 'classes', count: 8 },
    lines: [
      { form: 'eight-pieces', places: 8, kind: 'whole', wish: 'must', size: 'S' },
      BREATH,
      { movement: 'standing-post', kind: 'amount', wish: 'want', size: 'S', from: 2, to: 5 },
      { movement: 'lift-the-sky', ...want, size: 'S' },
      { movement: 'draw-the-bow', ...want, size: 'S' },
    ],
  },
  {
    id: 'stepping-form',
    name: 'A stepping form, 24 weeks',
    about:
      'The first half of a form, place by place; its stepping pieces by themselves before they come in their places.',
    ends: { kind: 'classes', count: 24 },
    lines: [
      { form: 'lantern-form', places: 12, kind: 'steps', wish: 'must', size: 'M' },
      LEVEL,
      { movement: 'slow-walking', ...must, size: 'S' },
      { movement: 'part-the-mane', ...must, size: 'S' },
      { movement: 'brush-knee', ...must, size: 'S' },
      { movement: 'repulse-monkey', ...must, size: 'S' },
      { movement: 'grasp-the-tail', ...want, size: 'M' },
      { movement: 'cloud-hands', ...want, size: 'S' },
    ],
  },
  {
    id: 'seated',
    name: 'On the chair, 8 weeks',
    about: 'Nothing to be finished: pieces come round, and some grow by the minute.',
    ends: { kind: 'classes', count: 8 },
    lines: [
      { movement: 'seated-raise-and-sink', kind: 'amount', wish: 'must', size: 'S', from: 2, to: 3 },
      { movement: 'seated-stillness', kind: 'amount', wish: 'must', size: 'S', from: 1.5, to: 4 },
      { movement: 'seated-sky-lift', ...turn(2) },
      { movement: 'seated-bow-draw', ...turn(2) },
      { movement: 'seated-clouds', ...turn(2) },
      { movement: 'seated-turns', ...turn(2) },
      { movement: 'seated-side-bends', ...turn(3) },
      { movement: 'seated-pushes', ...turn(3) },
      { movement: 'seated-knee-lifts', ...turn(3) },
    ],
  },
  {
    id: 'lunch-rota',
    name: 'Lunch break, without an end',
    about: 'For people who come when they can: every class is whole by itself, and over three everything comes round.',
    ends: { kind: 'open' },
    lines: [
      { movement: 'raise-and-sink', ...turn(1) },
      { movement: 'parting-clouds', ...turn(3) },
      { movement: 'pushing-waves', ...turn(3) },
      { movement: 'lift-the-sky', ...turn(3) },
      { movement: 'clouds-in-place', ...turn(3) },
      { movement: 'draw-the-bow', ...turn(3) },
    ],
  },
];

/** What grows by the minute is shorter for a gentle group. Convention. */
const AMOUNT = { gentle: 0.7, steady: 1, strong: 1.2 } as const;
/** A gentle group learns fewer places of a form in the same weeks. Convention. */
const PLACES = { gentle: 2 / 3, steady: 1, strong: 1 } as const;
const halves = (minutes: number): number => Math.round(minutes * 2) / 2;

/** Introductions are as long as written in a class of an hour; in a shorter one they are shorter too, down to this share. */
const HOUR = 60;
const SHORTEST = 0.7;

const shownIn = (thread: CourseThread, slotMinutes: number): CourseThread => {
  const share = Math.min(1, Math.max(SHORTEST, slotMinutes / HOUR));
  return { ...thread, layers: thread.layers.map((one) => ({ ...one, minutes: halves(one.minutes * share) })) };
};

/**
 * The threads of a ready-made syllabus, with all that is filled in; lines that name what is not in the repertoire are left out.
 * @param slotMinutes how long a class is, door to door
 */
export function threadsOf(
  { lines }: ReadyMade,
  find: FindMovement,
  forms: readonly Form[],
  strength: Strength = 'steady',
  slotMinutes = HOUR,
): CourseThread[] {
  const amountsOf = (asked: ThreadAsked): ThreadAsked => ({
    ...asked,
    ...(asked.from !== undefined && { from: halves(asked.from * AMOUNT[strength]) }),
    ...(asked.to !== undefined && { to: halves(asked.to * AMOUNT[strength]) }),
  });
  const threads = lines.flatMap((line): CourseThread[] => {
    if ('principle' in line) return [principleThread(line.principle, line.title, line.focus, 'want')];
    if ('form' in line) {
      const form = forms.find(({ id }) => id === line.form);
      const places = topicKind(line).isInStages ? Math.round(line.places * PLACES[strength]) : line.places;
      return form ? [formThread(form, places, line, find)] : [];
    }
    const movement = find(line.movement);
    return movement ? [movementThread(movement, { ...line, ...amountsOf(line) }, find)] : [];
  });
  return bindThreads(
    threads.map((thread) => shownIn(thread, slotMinutes)),
    forms,
  );
}
