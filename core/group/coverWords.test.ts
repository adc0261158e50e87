import { classWith, find, line } from '../testing/cleanClass';
import { needOf } from '../testing/needs';
import { countedNeeds, notToStart } from './coverWords';
import { Person } from './person';

const person = (called: string, needs: unknown[], more = {}) =>
  Person.parse({ id: `person-${called}`, groupId: 'evening', called, since: '2026-09-01', needs, ...more });

test('what to mind is counted without names, the most wanted first, and only of those who come', () => {
  const people = [
    person('ada', [needOf('higher-stance'), needOf('touch', { answer: 'no' })]),
    person('bram', [needOf('higher-stance')]),
    person('celia', [needOf('pauses')], { until: '2026-10-01' }),
  ];
  const counted = countedNeeds(people, '2026-11-27');
  expect(counted).toEqual([
    { words: 'a higher stance', count: 2 },
    { words: 'touch: no', count: 1 },
  ]);
  expect(JSON.stringify(counted)).not.toMatch(/ada|bram|celia/);
});

test('not to be started is what the course introduces; in a class by itself what the group has not been taught', () => {
  const origin = (role: string) => ({ thread: 'clouds', role, step: 1 });
  const course = classWith({
    main: [line('sides', 4, { origin: origin('introduce') }), line('lift', 3, { origin: origin('review') })],
  });
  const named = notToStart(course, new Set(['lift', 'quiet', 'loosen', 'squat', 'push-out', 'sides']), find);
  expect(named).toEqual({ names: ['sides'], isUncertain: false });
  expect(notToStart(classWith({ main: [line('horse', 5)] }), new Set(['lift']), find).names).toContain('horse');
  expect(notToStart(classWith({ main: [line('horse', 5)] }), null, find)).toEqual({ names: [], isUncertain: true });
  // In a class of a course everything says itself whether it is new.
  const review = line('sides', 4, { origin: origin('review') });
  const whole = { ...course, sections: course.sections.map((section) => ({ ...section, items: [review] })) };
  expect(notToStart(whole, null, find)).toEqual({ names: [], isUncertain: false });
});
