import type { Group } from '../../group/group';
import type { Form } from '../../movement/schema/form';
import { baseId } from '../../movement/schema/version';
import type { JudgingContext } from '../../session/findings/finding/finding';
import type { Session } from '../../session/plan/session';
import { draftAround } from '../../session/propose/proposeDraft';
import type { HeldClass } from '../calendar/courseClasses';
import { amountIn, type CourseWeave } from '../plan/courseWeave';
import type { Course } from '../schema/course';
import { cellsOf } from './classCells';
import { mainLines } from './mainLines';

/** A class drawn up from its course's plan, and what is still to be minded in it. */
export interface DrawnClass {
  readonly session: Session;
  readonly left: readonly string[];
}

/** What is asked of practice at most, by how much may be asked of the group. */
const LEVEL = { gentle: 1, steady: 2, strong: 3 } as const;

/** What a class of a course is called: "Evening course, class 4". */
export const classTitle = ({ name }: Course, { number }: HeldClass): string => `${name}, class ${number}`.slice(0, 120);

/** The movements that a class's threads have been through by then: they are known. A set that is followed whole is led, not taught. */
function knownBy(course: Course, { held }: CourseWeave, one: HeldClass, forms: readonly Form[]): Set<string> {
  const places = new Map(held.map(({ id }, place) => [id, place]));
  const before = one.number - 1;
  return new Set(
    course.threads.flatMap(({ id, kind, taught, known }) => {
      const practised = (course.plan[id] ?? []).filter(
        ({ classId }) => (places.get(classId) ?? Number.POSITIVE_INFINITY) < before,
      );
      const layers = Math.max(known, ...practised.map((practice) => practice.layers));
      if (taught.kind === 'movement') return layers > 0 ? [baseId(taught.id)] : [];
      if (taught.kind === 'words') return [];
      const upTo = kind === 'whole' ? taught.places : layers;
      const entries = forms.find((form) => form.id === taught.id)?.entries.slice(0, upTo) ?? [];
      return entries.map(({ movementId }) => baseId(movementId));
    }),
  );
}

/**
 * Draws up a held class of a course: its main part from the plan, and around it the warm-up that part needs, a cool-down, and quiet
 * lines first and last, fitted to the slot.
 * @param context what the group is judged by; what it knows from its logs
 */
export function drawUpClass(
  course: Course,
  group: Group,
  weave: CourseWeave,
  one: HeldClass,
  context: JudgingContext,
  forms: readonly Form[],
): DrawnClass {
  const { held, rooms } = weave;
  const place = one.number - 1;
  const places = new Map(held.map(({ id }, at) => [id, at]));
  const main = mainLines({
    cells: cellsOf(course.threads, course.plan, one.id, places),
    minutes: rooms[place]?.main ?? 0,
    share: held.length > 1 ? place / (held.length - 1) : 0,
    amountOf: (thread) => amountIn(thread, place, held.length),
    mayBeQuiet: group.asked.strength === 'strong',
    rules: course.rules,
    schools: group.schools,
    find: context.find,
    forms,
  });
  const known = new Set([...(context.known ?? []), ...knownBy(course, weave, one, forms)]);
  const { plan, left } = draftAround(
    main,
    { ...context, known },
    {
      slotMinutes: one.minutes,
      doors: group.doors,
      schools: group.schools,
      preferences: { recent: new Set(), level: LEVEL[group.asked.strength] },
    },
  );
  const session: Session = {
    ...plan,
    id: `${course.id}-${one.id}`.slice(0, 60),
    title: classTitle(course, one),
    groupId: group.id,
    date: one.date,
    startsAt: one.startsAt,
    setAside: [],
    course: { id: course.id, classId: one.id },
    family: null,
  };
  return { session, left };
}
