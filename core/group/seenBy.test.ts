import { needOf } from '../testing/needs';
import { beginnersOn, type Person } from './person';
import { presentOn } from './presentOn';
import { seenBy } from './seenBy';

const person = (id: string, more: Partial<Person> = {}): Person => ({
  id,
  groupId: 'evening',
  called: id,
  since: '2026-09-01',
  until: null,
  needs: [],
  formSeen: null,
  ...more,
});

test('who has seen a movement is who was there when it was done, of those who still come; what is known all have', () => {
  const people = [person('ada'), person('bram'), person('celia', { until: '2026-11-01' })];
  const came = [
    { logId: 'l1', sessionId: 's1', people: ['ada', 'celia'] },
    { logId: 'l2', sessionId: 's2', people: ['ada', 'bram'] },
  ];
  const taught = [
    { sessionId: 's1', movementIds: ['cloud-hands@2', 'lift-the-sky'] },
    { sessionId: 's2', movementIds: ['lift-the-sky'] },
  ];
  const seen = seenBy(people, came, taught, ['heel-kick'], '2026-11-27');
  expect([...(seen.get('cloud-hands') ?? [])]).toEqual(['ada']);
  expect([...(seen.get('lift-the-sky') ?? [])].toSorted()).toEqual(['ada', 'bram']);
  expect([...(seen.get('heel-kick') ?? [])]).toEqual(['ada', 'bram']);
  expect(seen.get('single-whip')).toBeUndefined();
});

test('who is to be minded on a day comes then and has something written down, and goes along by id without reason', () => {
  const needs = [needOf('higher-stance', { reason: 'left knee' })];
  const people = [
    person('ada', { needs }),
    person('bram'),
    person('celia', { needs, until: '2026-11-01' }),
    person('dov', { needs, since: '2026-12-01' }),
  ];
  const { comers, supports } = presentOn(people, '2026-11-27', { chairs: 3, wall: null });
  expect(comers.map(({ id }) => id)).toEqual(['ada']);
  expect(JSON.stringify(comers)).not.toContain('left knee');
  expect(supports).toEqual({ chairs: 3, wall: null });
});

test('a beginner has come for less than four weeks', () => {
  const people = [
    person('ada'),
    person('bram', { since: '2026-11-01' }),
    person('celia', { since: '2026-10-30' }),
    person('dov', { since: '2026-12-01' }),
  ];
  expect(beginnersOn(people, '2026-11-27')).toBe(1);
});
