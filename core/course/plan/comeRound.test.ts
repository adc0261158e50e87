import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { Course } from '../schema/course';
import { usualRules } from '../schema/rules';
import { weave } from '../weave/weave';
import { comeRound, finishPlan, letterOf } from './comeRound';
import { courseWeave } from './courseWeave';

const kept = (id: string, every: number) => sampleThread(id, 1, { kind: 'rotation', every, known: 1, wish: 'want' });
const threads = [kept('raise', 1), kept('clouds', 3), kept('waves', 3), kept('sky', 3), kept('bow', 3)];
const calendar = {
  firstDay: '2027-01-05',
  zone: 'Europe/London',
  meetings: [{ weekday: 2, startsAt: '12:30', minutes: 25 }],
  ends: { kind: 'open' as const },
};
const course = sampleCourse(threads, 8, {
  calendar: sampleCourse([], 8).calendar,
  rules: { ...usualRules('steady'), rota: 0 },
});
const rota = Course.parse({ ...course, calendar, rules: { ...course.rules, rota: 3 } });

test('classes with the same letter do the same, every piece comes in one of them, and what comes every time comes in all', () => {
  const ready = courseWeave(rota, { before: 0, after: 0 }, '2027-01-05');
  const [first] = weave(ready.instance);
  const plan = finishPlan(rota, ready, first?.plan ?? {});
  const inClass = ready.held.map(({ id }) =>
    threads.map((thread) => thread.id).filter((thread) => plan[thread]?.some(({ classId }) => classId === id)),
  );
  inClass.forEach((things, place) => {
    expect(things).toEqual(inClass[place % 3]);
    expect(things).toContain('raise');
  });
  expect(new Set(inClass.slice(0, 3).flat())).toEqual(new Set(threads.map(({ id }) => id)));
  expect(ready.held.slice(0, 4).map((_, place) => letterOf(rota, place))).toEqual(['A', 'B', 'C', 'A']);
});

test('a course that does not come round is left as it is', () => {
  const ready = courseWeave(course, { before: 5, after: 5 }, '2027-01-01');
  const plan = { raise: [{ class: 1, layers: 1 }] };
  expect(comeRound(course, ready, plan)).toBe(plan);
  expect(letterOf(course, 4)).toBeNull();
});

test('what is learnt in steps, or has an end, does not come round', () => {
  const inSteps = { ...rota, threads: [...threads, sampleThread('brush', 2)] };
  expect(Course.safeParse(inSteps).error?.issues[0]?.message).toMatch(/learnt in steps/);
  const ending = { ...rota, calendar: { ...calendar, ends: { kind: 'classes', count: 6 } } };
  expect(Course.safeParse(ending).error?.issues[0]?.message).toMatch(/without an end/);
});
