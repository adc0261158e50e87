import { USUAL_SCHOOLS } from '../../movement/adapt/schools';
import { movement } from '../../testing/sample';
import { sampleThread } from '../../testing/sampleCourse';
import { usualRules } from '../schema/rules';
import type { CourseThread } from '../schema/thread';
import type { ClassCell } from './classCells';
import { mainLines } from './mainLines';

const lift = movement();
const practised: ClassCell = { thread: sampleThread('sample', 1), before: 1, layers: 1, practised: 1 };
const principle = (minutes: number): CourseThread =>
  sampleThread('breath', 1, {
    kind: 'principle',
    title: 'Breath leads',
    taught: { kind: 'words', focus: 'the breath begins first' },
    layers: [{ name: 'Breath leads', minutes, weight: 0 }],
  });
const fresh = (thread: CourseThread): ClassCell => ({ thread, before: 0, layers: 1, practised: 0 });
const known = (thread: CourseThread): ClassCell => ({ thread, before: 1, layers: 1, practised: 1 });
const drawn = (...cells: ClassCell[]) =>
  mainLines({
    cells,
    minutes: 20,
    share: 0,
    amountOf: () => 0,
    strength: 'steady',
    rules: usualRules('steady'),
    schools: USUAL_SCHOOLS,
    find: (id) => (id === lift.id ? lift : undefined),
    forms: [],
  }).items;
const talks = (...cells: ClassCell[]) => drawn(...cells).flatMap((one) => (one.kind === 'talk' ? [one] : []));

test('a principle is said for the minutes it was given, and no longer than what is new ever lasts', () => {
  expect(talks(practised, fresh(principle(2)))).toMatchObject([
    { seconds: 120, note: 'Breath leads', origin: { thread: 'breath', role: 'introduce', step: 1 } },
  ]);
  expect(talks(practised, fresh(principle(0.5)))).toMatchObject([{ seconds: 30 }]);
  expect(talks(practised, fresh(principle(60)))).toMatchObject([{ seconds: 480 }]);
});

test('a principle of no minutes is not said, and one that was said before is watched for in what is practised', () => {
  expect(talks(practised, fresh(principle(0)))).toEqual([]);
  const lines = drawn(practised, known(principle(2)));
  expect(lines.filter(({ kind }) => kind === 'talk')).toEqual([]);
  expect(lines.some((one) => one.kind === 'movement' && JSON.stringify(one).includes('the breath begins first'))).toBe(
    true,
  );
});
