import type { Doors } from '../../session/plan/slotTime';
import { type HeldClass, heldClasses } from '../calendar/courseClasses';
import type { Course, CoursePlan, Taken } from '../schema/course';
import { AGAIN_MINUTES, BEGUN_SHARE, type CourseRules, FINISH } from '../schema/rules';
import { type CourseThread, PRIORITY } from '../schema/thread';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';
import type { Practice, WeaveInstance, WeavePin, WeavePlan, WeaveThread } from '../weave/graph/instance';
import { stageAfter } from '../weave/graph/stageAfter';
import { type ClassRoom, classRooms, withMustsLast } from './classRoom';
import { idealClasses } from './idealClasses';
import { amountIn, isStanding } from './standing';

/** A course as it can be woven: its held classes, what each has room for, and the instance of those that are still to be planned. */
export interface CourseWeave {
  readonly held: readonly HeldClass[];
  readonly rooms: readonly ClassRoom[];
  /** The place of the first class that is planned; those before it stay as they are. */
  readonly from: number;
  readonly instance: WeaveInstance;
}

/** A form that must be learnt is run in every class once it is begun; a principle keeps coming back; what is known, every so often. */
const FORM_GAPS = [1, 1, 1, 1];
const PRINCIPLE_GAPS = [1, 1, 2, 2, 3];
/** An introduction a class away from its best costs this share of its priority: more than in a bare weave, for order is what is taught. */
const LATE_IN_COURSE = 0.15;
/** A class that has nothing free for it would push a thread out: what is practised every time is never more than this of its room. */
const MOST_STANDING = 0.3;

function gapsOfThread(thread: CourseThread, rules: CourseRules): readonly number[] {
  const { isKept, isOnlySaid, isFollowedWhole } = topicKind(thread);
  if (isKept) return [thread.every];
  if (isOnlySaid) return PRINCIPLE_GAPS;
  return isFollowedWhole || contentOf(thread).isRun ? FORM_GAPS : rules.gaps;
}

/** How practices move through the stages in a course. */
const STAGES = { stageBack: 2, halfWait: true } as const;

/**
 * A thread as it stands before a class: the layers it has, and what of it is due. What half of them have does not gain its stage; what is
 * to be shown again goes back to the first, and its next practice shows it again.
 * @param takenIn how it was taken in a class, by its place
 */
function standAt(
  thread: CourseThread,
  rules: CourseRules,
  path: readonly Practice[],
  from: number,
  takenIn: (place: number) => Taken | undefined,
): Pick<WeaveThread, 'known' | 'standing'> {
  const { isKept } = topicKind(thread);
  const gaps = gapsOfThread(thread, rules);
  let layers = isKept ? thread.layers.length : thread.known;
  let stage = layers > 0 ? gaps.length - 1 : 0;
  let last: number | null = null;
  let added = 0;
  for (const practice of path.filter((one) => one.class < from)) {
    added = Math.max(0, practice.layers - layers);
    const wait = last === null ? 0 : practice.class - last;
    const taken = takenIn(practice.class);
    const before = stage;
    stage = stageAfter(STAGES, gaps, { stage, isFirst: last === null, wait, adds: added > 0 });
    if (taken === 'half') stage = Math.min(stage, before);
    if (taken === 'again') {
      stage = 0;
      added = Math.max(added, 1);
    }
    layers = Math.max(layers, practice.layers);
    last = practice.class;
  }
  return { known: layers, ...(last !== null && { standing: { last: last - from, stage, added } }) };
}

/** A must, or a form, is worth what of it is reached; a movement that is only wanted is begun where most of it can be reached. */
const isBegunWhole = (thread: CourseThread): boolean =>
  thread.wish !== 'must' && topicKind(thread).isInStages && contentOf(thread).isDoneAgain && thread.pins.length === 0;

function weaveThread(
  thread: CourseThread,
  rules: CourseRules,
  ideal: readonly number[],
  stands: Pick<WeaveThread, 'known' | 'standing'>,
  ids: ReadonlySet<string>,
  pins: readonly WeavePin[],
  announced: NonNullable<WeaveThread['announced']>,
): WeaveThread {
  const { id, wish, layers, practise, after, covers } = thread;
  const { isKept, isOnlySaid, isFollowedWhole } = topicKind(thread);
  const { isRun, isDoneAgain } = contentOf(thread);
  const gaps = gapsOfThread(thread, rules);
  return {
    id,
    kind: isRun ? 'form' : 'movement',
    layers: layers.length,
    ...stands,
    priority: PRIORITY[wish],
    // What is introduced is done once more before the class ends.
    // A principle is said in a minute that the rest gives.
    intro: layers.map(({ minutes }) => (isOnlySaid ? 0 : minutes + (isDoneAgain ? AGAIN_MINUTES : 0))),
    review: [0, ...practise],
    after: after.filter((one) => ids.has(one.thread)),
    weight: layers.map(({ weight }) => weight),
    finish: FINISH,
    ...(isBegunWhole(thread) && { least: Math.ceil(BEGUN_SHARE * layers.length) }),
    second: isFollowedWhole ? 0 : rules.secondShowing,
    most: Math.max(isFollowedWhole || isRun ? 2 : 1, mostPinned(pins, stands.known)),
    ...(!isKept && { ideal: [...ideal] }),
    gaps: [...gaps],
    ...(wish === 'must' && { keepWithin: rules.mustWithin }),
    ...(pins.length > 0 && { pins: [...pins] }),
    ...(announced.length > 0 && { announced: [...announced] }),
    ...(Object.keys(covers).length > 0 && {
      covers: Object.fromEntries(Object.entries(covers).filter(([other]) => ids.has(other))),
    }),
  };
}

/**
 * What a course asks of the classes that are still to be planned, as a weave.
 * @param doors what of its slot is not class
 * @param today the local day, for a course without an end
 * @param from the place of the first class that may change: all before it are past, or are left as they are
 */
export function courseWeave(course: Course, doors: Doors, today: string, from = 0): CourseWeave {
  const held = heldClasses(course.calendar, today);
  const rooms = withMustsLast(
    course,
    held,
    classRooms(held, course.rules, doors, course.calendar.ends.kind === 'open'),
  );
  const woven = course.threads.filter((thread) => !isStanding(thread));
  const ids = new Set(woven.map(({ id }) => id));
  const standing = course.threads.filter(isStanding);
  const stands = new Map(
    woven.map((thread) => [
      thread.id,
      standAt(thread, course.rules, pathOf(course, held, thread), from, takenOf(course, held, thread.id)),
    ]),
  );
  const open = rooms.slice(from);
  const ideal = idealClasses(
    woven.map((thread) => ({ ...thread, known: stands.get(thread.id)?.known ?? 0 })),
    open,
    course.rules.newShare,
  );
  const threads = woven.map((thread) => {
    const standsAt = stands.get(thread.id) ?? { known: 0 };
    const pins = pinsOf(thread, held, from, standsAt.known);
    const announced = thread.announced.flatMap(({ layer, classId }) => {
      const place = held.findIndex(({ id }) => id === classId);
      // A class that is not held any more cannot keep what was promised.
      return place < from || layer <= standsAt.known ? [] : [{ layer, class: place - from }];
    });
    return weaveThread(thread, course.rules, ideal.get(thread.id) ?? [], standsAt, ids, pins, announced);
  });
  const pinned = open.map((_, place) => pinnedIn(threads, place));
  const taken = held.map((_, place) => standing.reduce((sum, thread) => sum + amountIn(thread, place, held.length), 0));
  return {
    held,
    rooms,
    from,
    instance: {
      classes: open.length,
      capacity: open.map(({ main }, place) =>
        Math.max(main * (1 - MOST_STANDING), main - (taken[from + place] ?? 0), pinned[place]?.minutes ?? 0),
      ),
      newPerClass: open.map(({ newness }, place) => Math.max(newness, pinned[place]?.fresh ?? 0)),
      amount: open.map(({ amount }) => amount),
      ...STAGES,
      late: LATE_IN_COURSE,
      threads,
    },
  };
}

/** The most layers that are pinned at once. */
function mostPinned(pins: readonly WeavePin[], known: number): number {
  let before = known;
  let most = 0;
  for (const { layers, isNew } of pins.toSorted((a, b) => a.class - b.class)) {
    if (isNew) most = Math.max(most, layers - before);
    before = Math.max(before, layers);
  }
  return most;
}

/** The pins of a thread in the classes that are still to be planned. A set that is followed whole is followed from the first one on. */
function pinsOf(thread: CourseThread, held: readonly HeldClass[], from: number, known: number): WeavePin[] {
  const pins = thread.pins.flatMap(({ classId, layers, isNew }): WeavePin[] => {
    const place = held.findIndex(({ id }) => id === classId);
    return place < from ? [] : [{ class: place - from, layers: Math.min(layers, thread.layers.length), isNew }];
  });
  const isBegun = known > 0 || pins.some((one) => one.class === 0);
  return topicKind(thread).isFollowedWhole && !isBegun ? [{ class: 0, layers: 1, isNew: true }, ...pins] : pins;
}

/** Room rises to what is pinned: what a pin introduces or practises at most, in minutes and in what is new. */
function pinnedIn(
  threads: readonly WeaveThread[],
  place: number,
): { readonly minutes: number; readonly fresh: number } {
  let minutes = 0;
  let fresh = 0;
  for (const { pins = [], known, intro, review, weight = [] } of threads) {
    const pin = pins.find((one) => one.class === place);
    if (!pin) continue;
    const before = Math.max(known, ...pins.filter((one) => one.class < place).map(({ layers }) => layers));
    minutes += (review[before] ?? 0) + intro.slice(before, pin.layers).reduce((sum, one) => sum + one, 0);
    fresh += weight.slice(before, pin.layers).reduce((sum, one) => sum + one, 0);
  }
  return { minutes, fresh };
}

/** How a thread was taken, by the places of held classes. */
const takenOf =
  ({ seen }: Course, held: readonly HeldClass[], thread: string) =>
  (place: number): Taken | undefined =>
    seen.find((one) => one.thread === thread && one.classId === held[place]?.id)?.taken;

/** The practices of a thread by the places of held classes, in their order. Those of classes that are not held are left out. */
function pathOf({ plan }: Course, held: readonly HeldClass[], { id }: CourseThread): Practice[] {
  const places = new Map(held.map((one, place) => [one.id, place]));
  return (plan[id] ?? [])
    .flatMap(({ classId, layers }) => {
      const place = places.get(classId);
      return place === undefined ? [] : [{ class: place, layers }];
    })
    .toSorted((a, b) => a.class - b.class);
}

/** A plan by places of classes as one by their identities, which stay when classes move: what is past as it was, then what is woven. */
export const planByClass = (course: Course, { held, from }: CourseWeave, plan: WeavePlan): CoursePlan =>
  Object.fromEntries(
    course.threads.map((thread) => {
      const path = isStanding(thread)
        ? held.map((_, place) => ({ class: place, layers: thread.layers.length }))
        : [
            ...pathOf(course, held, thread).filter((one) => one.class < from),
            ...(plan[thread.id] ?? []).map((one) => ({ ...one, class: one.class + from })),
          ];
      return [thread.id, path.flatMap(({ class: place, layers }) => ({ classId: held[place]?.id ?? '', layers }))];
    }),
  );

/** The other way: what of a course's plan lies in the classes that are still to be planned. */
export const planByPlace = (course: Course, { held, from }: CourseWeave): WeavePlan =>
  Object.fromEntries(
    course.threads
      .filter((thread) => !isStanding(thread))
      .map((thread) => [
        thread.id,
        pathOf(course, held, thread)
          .filter((one) => one.class >= from)
          .map((one) => ({ ...one, class: one.class - from })),
      ]),
  );
