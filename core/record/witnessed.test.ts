import { witnessedIn } from './witnessed';

const item = (by: 'person' | 'itself', outcome: 'done' | 'left out' = 'done') => ({
  outcome,
  parts: [{ kind: 'moving' as const, plannedMs: 60_000, actualMs: 61_000, by }],
});

test('a line touched at both ends was seen, at one partly, at none it is assumed', () => {
  const lines = [item('itself'), item('person'), item('person'), item('itself'), item('itself')];
  expect(witnessedIn(lines)).toEqual(['assumed', 'partly', 'seen', 'partly', 'assumed']);
});

test('what was left out stands between no two lines', () => {
  const lines = [item('person'), item('itself', 'left out'), item('person')];
  expect(witnessedIn(lines)).toEqual(['partly', null, 'seen']);
  expect(witnessedIn([])).toEqual([]);
});
