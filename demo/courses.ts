import dayjs from 'dayjs';
import { heldClasses } from '../core/course/calendar/courseClasses';
import { finishPlan } from '../core/course/plan/comeRound';
import { courseWeave } from '../core/course/plan/courseWeave';
import { Course, type Taken } from '../core/course/schema/course';
import { usualRules } from '../core/course/schema/rules';
import { READY_MADE, threadsOf } from '../core/course/syllabus/readyMade';
import type { WeavePlan } from '../core/course/weave/graph/instance';
import { weave } from '../core/course/weave/weave';
import type { Group } from '../core/group/group';
import type { Form } from '../core/movement/schema/form';
import type { FindMovement } from '../core/movement/schema/movement';

/** A plan is looked for in so many rounds: the demo world is the same every time. */
const ROUNDS = 30;

/** A course of the demo: for whom, from which ready-made syllabus, and how many days ago or ahead it begins. */
interface DemoCourse {
  readonly id: string;
  readonly name: string;
  readonly groupId: string;
  readonly syllabus: string;
  readonly begins: number;
  readonly count?: number;
  /** It comes round after so many classes. */
  readonly rota?: number;
  /** How what was taught in its classes was taken, by the number of the class. */
  readonly seen?: readonly (readonly [number: number, thread: string, taken: Taken])[];
  /** Days from today on which its hall is closed. */
  readonly closed?: { readonly from: number; readonly to: number; readonly why: string };
}

const DEMO_COURSES: readonly DemoCourse[] = [
  {
    id: 'evening-course',
    name: 'Evening course: clouds that walk',
    groupId: 'tram-shed-evening',
    syllabus: 'beginners',
    begins: -21,
    count: 12,
    closed: { from: 26, to: 30, why: 'The hall floor is sanded' },
    seen: [
      [1, 'raise-and-sink', 'has'],
      [1, 'weight', 'half'],
      [2, 'clouds-in-place', 'half'],
      [2, 'pushing-waves', 'has'],
    ],
  },
  {
    id: 'morning-pieces',
    name: 'Morning group: the eight pieces',
    groupId: 'tram-shed-morning',
    syllabus: 'standing-set',
    begins: 1,
  },
  {
    id: 'depot-rota',
    name: 'Depot yard: what comes round',
    groupId: 'depot-yard',
    syllabus: 'lunch-rota',
    begins: -12,
    rota: 3,
  },
  {
    id: 'reading-room-chairs',
    name: 'Reading room: on the chair',
    groupId: 'reading-room',
    syllabus: 'seated',
    begins: 3,
  },
];

const dayAfter = (today: string, days: number): string => dayjs(today).add(days, 'day').format('YYYY-MM-DD');

/** The groups as they meet around a day: the demo's classes lie around it. */
export function groupsAround(groups: readonly Group[], today: string): Group[] {
  return groups.map((group) => {
    const { begins = 0 } = DEMO_COURSES.find(({ groupId }) => groupId === group.id) ?? {};
    const weekday = dayjs(today).add(begins, 'day').day() || 7;
    return { ...group, meetings: group.meetings.map((meeting) => ({ ...meeting, weekday })) };
  });
}

function planned(course: Course, group: Group, today: string): Course {
  const ready = courseWeave(course, group.doors, today);
  let plan: WeavePlan = {};
  let round = 0;
  for (const reached of weave(ready.instance)) {
    plan = reached.plan;
    round += 1;
    if (reached.isBest || round >= ROUNDS) break;
  }
  return { ...course, plan: finishPlan(course, ready, plan) };
}

/** The courses of the demo world around a day, each with its plan. */
export function demoCourses(
  today: string,
  groups: readonly Group[],
  find: FindMovement,
  forms: readonly Form[],
): Course[] {
  return DEMO_COURSES.flatMap(
    ({ id, name, groupId, syllabus, begins, count, closed, seen = [], rota = 0 }): Course[] => {
      const group = groups.find((one) => one.id === groupId);
      const ready = READY_MADE.find((one) => one.id === syllabus);
      if (!group || !ready) return [];
      const ends = ready.ends.kind === 'classes' ? { ...ready.ends, count: count ?? ready.ends.count } : ready.ends;
      const closures = closed
        ? [{ from: dayAfter(today, closed.from), to: dayAfter(today, closed.to), why: closed.why }]
        : [];
      const course = Course.parse({
        id,
        name,
        groupId,
        calendar: {
          firstDay: dayAfter(today, begins),
          zone: 'Europe/London',
          meetings: group.meetings,
          ends,
          closures,
        },
        rules: { ...usualRules(group.asked.strength), rota },
        threads: threadsOf(ready, find, forms, group.asked.strength, group.meetings[0]?.minutes),
      });
      const held = heldClasses(course.calendar, today);
      const marks = seen.flatMap(([number, thread, taken]) => {
        const one = held[number - 1];
        return one ? [{ classId: one.id, thread, taken }] : [];
      });
      return [{ ...planned(course, group, today), seen: marks }];
    },
  );
}
