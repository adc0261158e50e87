import type { Group } from '../../group/group';
import type { Form } from '../../movement/schema/form';
import { baseId } from '../../movement/schema/version';
import type { JudgingContext } from '../../session/findings/finding/finding';
import type { Plan, Session } from '../../session/plan/session';
import { draftAround } from '../../session/propose/proposeDraft';
import { chooseCoolDowns } from '../around/chooseCoolDowns';
import { type ChosenWarmUp, chooseWarmUps, emptyFor } from '../around/chooseWarmUps';
import { coolDownFamily } from '../around/coolDownFamily';
import { besidesTaught, warmUpFamily } from '../around/warmUpFamily';
import type { HeldClass } from '../calendar/courseClasses';
import type { CourseWeave } from '../plan/courseWeave';
import { amountIn } from '../plan/standing';
import type { Course } from '../schema/course';
import type { PieceFamily } from '../schema/family';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';
import { cellsOf, isIntroduction } from './classCells';
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
    course.threads.flatMap((thread) => {
      const { id, known } = thread;
      const practised = (course.plan[id] ?? []).filter(
        ({ classId }) => (places.get(classId) ?? Number.POSITIVE_INFINITY) < before,
      );
      const layers = Math.max(known, ...practised.map((practice) => practice.layers));
      const { movementIds } = contentOf(thread);
      if (topicKind(thread).isFollowedWhole) return movementIds(forms).map(baseId);
      return layers > 0 ? movementIds(forms, { upTo: layers }).map(baseId) : [];
    }),
  );
}

/** What is drawn up for a class, and from what. */
interface Drawing {
  readonly course: Course;
  readonly group: Group;
  readonly weave: CourseWeave;
  /** What the group is judged by; what it knows from its logs. */
  readonly context: JudgingContext;
  readonly forms: readonly Form[];
}

/** The main part of a held class. */
function mainOf({ course, group, weave: { held, rooms }, context, forms }: Drawing, one: HeldClass) {
  const place = one.number - 1;
  const places = new Map(held.map(({ id }, at) => [id, at]));
  return mainLines({
    cells: cellsOf(course.threads, course.plan, one.id, places),
    minutes: rooms[place]?.main ?? 0,
    share: held.length > 1 ? place / (held.length - 1) : 0,
    amountOf: (thread) => amountIn(thread, place, held.length),
    strength: group.asked.strength,
    rules: course.rules,
    schools: group.schools,
    find: context.find,
    forms,
  });
}

/** What the passages around the main part are made from, and for what. */
function aroundOf({ group, weave, context }: Drawing) {
  return {
    preferences: { recent: new Set<string>(), level: LEVEL[group.asked.strength] },
    empty: {
      doors: group.doors,
      schools: group.schools,
      takes: group.takes,
      slotMinutes: weave.held[0]?.minutes ?? 60,
    },
    offered: { ...context, known: null },
  };
}

/** What the warm-ups of a course are made from: its own family, or one that is made for what it teaches. */
export function warmUpsFrom(drawing: Drawing): PieceFamily | null {
  const { course, forms } = drawing;
  const { preferences, empty, offered } = aroundOf(drawing);
  return course.warmUp ?? warmUpFamily(course.threads, forms, offered, empty, preferences);
}

/** The same for its cool-downs. */
export function coolDownsFrom(drawing: Drawing): PieceFamily | null {
  const { course, forms } = drawing;
  const { preferences, empty, offered } = aroundOf(drawing);
  return course.coolDown ?? coolDownFamily(course.threads, forms, offered, empty, preferences);
}

/** What stands around the main part of a class: its warm-up, and the pieces of its cool-down; null where the family has none. */
interface AroundMain {
  readonly warmUp: ChosenWarmUp | undefined;
  readonly coolDown: readonly string[] | null;
}

/** The warm-ups and cool-downs of all classes of a course, chosen together. */
function aroundAll(drawing: Drawing): AroundMain[] {
  const { course, group, weave, context } = drawing;
  const { strength } = group.asked;
  const plan = emptyFor({ doors: group.doors, schools: group.schools, takes: group.takes });
  const places = new Map(weave.held.map(({ id }, at) => [id, at]));
  const classes = weave.held.map((one) => {
    const introduced = cellsOf(course.threads, course.plan, one.id, places).filter(isIntroduction);
    return {
      minutes: one.minutes,
      main: mainOf(drawing, one),
      introductions: introduced.length,
      introduced: introduced.flatMap(({ thread }) => context.find(contentOf(thread).movementId ?? '') ?? []),
    };
  });
  const [warm, cool] = [warmUpsFrom(drawing), coolDownsFrom(drawing)];
  const warmUps = warm ? chooseWarmUps(warm, classes, context, { plan, strength }) : [];
  const mains = classes.map(({ minutes, main }): Plan => {
    const empty = plan(minutes);
    return { ...empty, sections: empty.sections.map((one) => (one.kind === 'main' ? { ...one, ...main } : one)) };
  });
  const coolDowns = cool ? chooseCoolDowns(cool, mains, context, strength) : [];
  return classes.map((_, place) => ({ warmUp: warmUps[place], coolDown: coolDowns[place] ?? null }));
}

/** What was chosen last, and for what: a term is drawn up class by class, and it is chosen for all of them at once. */
const chosenLast = { key: '', around: [] as readonly AroundMain[] };

function rememberedAround(drawing: Drawing): readonly AroundMain[] {
  const { course, group, weave, context } = drawing;
  const { threads, plan, rules, warmUp, coolDown, calendar } = course;
  const { asked, schools, doors, takes } = group;
  const offered = context.offered.map(({ id }) => id);
  const depends = [threads, plan, rules, warmUp, coolDown, calendar, asked, schools, doors, takes, weave.from, offered];
  const key = JSON.stringify(depends);
  if (chosenLast.key !== key) Object.assign(chosenLast, { key, around: aroundAll(drawing) });
  return chosenLast.around;
}

/**
 * Draws up a held class of a course: its main part from the plan, its warm-up from the course's family, a cool-down, and quiet lines
 * first and last, fitted to the slot.
 */
export function drawUpClass(
  course: Course,
  group: Group,
  weave: CourseWeave,
  one: HeldClass,
  context: JudgingContext,
  forms: readonly Form[],
): DrawnClass {
  const known = new Set([...(context.known ?? []), ...knownBy(course, weave, one, forms)]);
  const drawing = { course, group, weave, forms, context };
  const { warmUp, coolDown = null } = rememberedAround(drawing)[one.number - 1] ?? {};
  const { plan, left } = draftAround(
    mainOf(drawing, one),
    besidesTaught({ ...context, known }, course.threads, forms),
    {
      slotMinutes: one.minutes,
      doors: group.doors,
      schools: group.schools,
      takes: group.takes,
      preferences: { recent: new Set(), level: LEVEL[group.asked.strength] },
      ...(warmUp?.kind === 'chosen' && { warmUp: warmUp.items }),
      ...(coolDown && { coolDown }),
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
  const other = warmUp?.kind === 'none' ? [`Its warm-up is not the one of the course: ${warmUp.why}.`] : [];
  return { session, left: [...left, ...other] };
}
