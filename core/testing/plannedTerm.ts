import { finishPlan } from '../course/plan/comeRound';
import { type CourseWeave, courseWeave } from '../course/plan/courseWeave';
import { Course } from '../course/schema/course';
import { usualRules } from '../course/schema/rules';
import { type ReadyMade, threadsOf } from '../course/syllabus/readyMade';
import type { WeavePlan } from '../course/weave/graph/instance';
import type { SolveProgramme } from '../course/weave/programme';
import { weave } from '../course/weave/weave';
import type { Strength } from '../demand/ceilings';
import { Group } from '../group/group';
import type { Form } from '../movement/schema/form';
import type { FindMovement } from '../movement/schema/movement';

/** A plan is looked for in so many rounds: the same every time. */
const ROUNDS = 26;
/** With a general solver at hand it is asked twice before the last round. */
const ROUNDS_WITH_SOLVER = 100;
const FIRST_DAY = '2027-01-05';

export interface PlannedTerm {
  readonly course: Course;
  readonly group: Group;
  readonly term: CourseWeave;
}

/** For tests and the bench: a ready-made syllabus on Tuesdays at seven, planned for a made-up group. */
export function plannedTerm(
  ready: ReadyMade,
  strength: Strength,
  minutes: number,
  find: FindMovement,
  forms: readonly Form[],
  solve?: SolveProgramme,
): PlannedTerm {
  const asked = { strength, paceLeast: 4, paceMost: 9 };
  const group = Group.parse({ id: 'evening', name: 'Evening', place: '', meets: '', about: '', asked, schools: {} });
  const meetings = [{ weekday: 2, startsAt: '19:00', minutes }];
  const bare = Course.parse({
    id: ready.id,
    name: ready.name,
    groupId: group.id,
    calendar: { firstDay: FIRST_DAY, zone: 'Europe/London', meetings, ends: ready.ends },
    rules: usualRules(strength),
    threads: threadsOf(ready, find, forms, strength, minutes),
  });
  const term = courseWeave(bare, group.doors, FIRST_DAY);
  let woven: WeavePlan = {};
  let round = 0;
  for (const reached of weave(term.instance, { ...(solve && { solve }) })) {
    woven = reached.plan;
    round += 1;
    if (reached.isBest || round >= (solve ? ROUNDS_WITH_SOLVER : ROUNDS)) break;
  }
  return { course: { ...bare, plan: finishPlan(bare, term, woven) }, group, term };
}
