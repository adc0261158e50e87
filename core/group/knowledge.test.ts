import { knowledgeOf } from './knowledge';

test('what a group knows: how often and when last, what was practised last first, and what is known by word behind it', () => {
  const taught = [
    { day: '2026-11-10', movementIds: ['cloud-hands@2', 'lift-the-sky'] },
    { day: '2026-11-17', movementIds: ['lift-the-sky', 'lift-the-sky@1'] },
    { day: '2026-11-03', movementIds: ['heel-kick'] },
  ];
  expect(knowledgeOf(taught, ['heel-kick', 'quiet-standing', 'quiet-standing@3'])).toEqual([
    { movementId: 'lift-the-sky', times: 2, last: '2026-11-17' },
    { movementId: 'cloud-hands', times: 1, last: '2026-11-10' },
    { movementId: 'heel-kick', times: 1, last: '2026-11-03' },
    { movementId: 'quiet-standing', times: 0, last: null },
  ]);
  expect(knowledgeOf([], [])).toEqual([]);
});
