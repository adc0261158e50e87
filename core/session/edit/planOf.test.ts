import { session } from '../../testing/sample';
import { Plan } from '../plan/session';
import { isSamePlan, planOf } from './planOf';

const tuesday = session({ takes: { talk: 1.2 } });

test('a title, a day and a group are no part of a plan; its minutes, doors and measured times are', () => {
  expect(isSamePlan(tuesday, { ...tuesday, ...{ title: 'Other', date: '2026-12-01', groupId: 'g' } })).toBe(true);
  expect(isSamePlan(tuesday, { ...tuesday, doors: { before: 5, after: 5 } })).toBe(false);
  expect(isSamePlan(tuesday, { ...tuesday, takes: { talk: 1.3 } })).toBe(false);
  expect(isSamePlan(tuesday, { ...tuesday, slotMinutes: 45 })).toBe(false);
});

test('it is a plan by its schema, and nothing more', () => {
  expect(Plan.strict().parse(planOf(tuesday))).toEqual(planOf(tuesday));
});
