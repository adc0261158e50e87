import type { Doors } from '../../session/plan/slotTime';
import { type HeldClass, heldClasses } from '../calendar/courseClasses';
import type { Course, CoursePlan } from '../schema/course';
import { FINISH, SECOND_SHOWING } from '../schema/rules';
import { type CourseThread, PRIORITY } from '../schema/thread';
import type { WeaveInstance, WeavePlan, WeaveThread } from '../weave/instance';
import { type ClassRoom, classRooms } from './classRoom';
import { idealClasses } from './idealClasses';
import { interpolate } from './interpolate';

/** A course as it can be woven: its held classes, what each has room for, and the instance. */
export interface CourseWeave {
  readonly held: readonly HeldClass[];
  readonly rooms: readonly ClassRoom[];
  readonly instance: WeaveInstance;
}

/** A form that must be learnt is run in every class once it is begun; a principle keeps coming back; what is known, every so often. */
const FORM_GAPS = [1, 1, 1, 1];
const PRINCIPLE_GAPS = [1, 1, 2, 2, 3];
/** An introduction a class away from its best costs this share of its priority: more than in a bare weave, for order is what is taught. */
const LATE_IN_COURSE = 0.15;
/** Every must is practised within the last so many classes. */
const MUST_WITHIN = 2;
/** A class that has nothing free for it would push a thread out: what is practised every time is never more than this of its room. */
const MOST_STANDING = 0.6;

/** What is practised in every class, and so is no question: it is taken off the room. */
export const isStanding = ({ kind, every }: CourseThread): boolean => kind === 'amount' && every === 1;

/** The minutes of a thread by amount in a class: from its first figure to its last. */
export const amountIn = ({ practise }: CourseThread, place: number, classes: number): number =>
  interpolate(practise[0] ?? 0, practise.at(-1) ?? 0, place / Math.max(1, classes - 1));

function gapsOfThread({ kind, taught, every }: CourseThread): readonly number[] | null {
  if (kind === 'rotation' || kind === 'amount') return [every];
  if (kind === 'principle') return PRINCIPLE_GAPS;
  return kind === 'whole' || taught.kind === 'form' ? FORM_GAPS : null;
}

function weaveThread(thread: CourseThread, ideal: readonly number[], ids: ReadonlySet<string>): WeaveThread {
  const { id, kind, taught, wish, layers, practise, after, covers } = thread;
  const isKept = kind === 'rotation' || kind === 'amount';
  const gaps = gapsOfThread(thread);
  const known = isKept ? layers.length : thread.known;
  return {
    id,
    kind: taught.kind === 'form' ? 'form' : 'movement',
    layers: layers.length,
    known,
    priority: PRIORITY[wish],
    intro: layers.map(({ minutes }) => minutes),
    review: [0, ...practise],
    after: after.filter((one) => ids.has(one.thread)),
    weight: layers.map(({ weight }) => weight),
    finish: FINISH,
    second: kind === 'whole' ? 0 : SECOND_SHOWING,
    most: kind === 'whole' || taught.kind === 'form' ? 2 : 1,
    ...(!isKept && { ideal: [...ideal] }),
    ...(gaps && { gaps: [...gaps] }),
    ...(wish === 'must' && { keepWithin: MUST_WITHIN }),
    ...(Object.keys(covers).length > 0 && {
      covers: Object.fromEntries(Object.entries(covers).filter(([other]) => ids.has(other))),
    }),
  };
}

/**
 * What a course asks of its classes, as a weave.
 * @param doors what of its slot is not class
 * @param today the local day, for a course without an end
 */
export function courseWeave(course: Course, doors: Doors, today: string): CourseWeave {
  const held = heldClasses(course.calendar, today);
  const rooms = classRooms(held, course.rules, doors, course.calendar.ends.kind === 'open');
  const woven = course.threads.filter((thread) => !isStanding(thread));
  const ids = new Set(woven.map(({ id }) => id));
  const standing = course.threads.filter(isStanding);
  const ideal = idealClasses(woven, rooms);
  const taken = held.map((_, place) => standing.reduce((sum, thread) => sum + amountIn(thread, place, held.length), 0));
  return {
    held,
    rooms,
    instance: {
      classes: held.length,
      capacity: rooms.map(({ main }, place) => Math.max(main * (1 - MOST_STANDING), main - (taken[place] ?? 0))),
      newPerClass: rooms.map(({ newness }) => newness),
      amount: rooms.map(({ amount }) => amount),
      stageBack: 2,
      halfWait: true,
      late: LATE_IN_COURSE,
      threads: woven.map((thread) => weaveThread(thread, ideal.get(thread.id) ?? [], ids)),
    },
  };
}

/** A plan by places of classes as one by their identities, which stay when classes move; with what is practised every time. */
export const planByClass = (course: Course, { held }: CourseWeave, plan: WeavePlan): CoursePlan =>
  Object.fromEntries(
    course.threads.map((thread) => [
      thread.id,
      isStanding(thread)
        ? held.map(({ id }) => ({ classId: id, layers: thread.layers.length }))
        : (plan[thread.id] ?? []).flatMap(({ class: place, layers }) => {
            const one = held[place];
            return one ? [{ classId: one.id, layers }] : [];
          }),
    ]),
  );

/** The other way: what of a course's plan lies in its held classes. */
export const planByPlace = (course: Course, { held }: CourseWeave): WeavePlan => {
  const places = new Map(held.map(({ id }, place) => [id, place]));
  return Object.fromEntries(
    course.threads.flatMap((thread) =>
      isStanding(thread)
        ? []
        : [
            [
              thread.id,
              (course.plan[thread.id] ?? [])
                .flatMap(({ classId, layers }) => {
                  const place = places.get(classId);
                  return place === undefined ? [] : [{ class: place, layers }];
                })
                .toSorted((a, b) => a.class - b.class),
            ],
          ],
    ),
  );
};
