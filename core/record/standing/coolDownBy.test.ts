import { timelineOf } from '../../session/schedule/timeline';
import { classWith, find } from '../../testing/cleanClass';
import { coolDownBy } from './coolDownBy';
import { beginTeaching } from './teaching';

const answer = timelineOf(classWith(), find);
if (!answer.ok) throw new Error('a class of known movements');
const { timeline } = answer;
const coolDown = timeline.sections.find(({ kind }) => kind === 'cool-down');
const begins = coolDown?.startMs ?? 0;
const needed = timeline.totalMs - begins;

test('it must begin so early that it and the closing are whole when the class ends', () => {
  const by = coolDownBy(timeline, beginTeaching(), timeline.totalMs + 120_000);
  expect(by).toMatchObject({ expectedMs: begins, byMs: timeline.totalMs + 120_000 - needed, inDanger: false });
});

test('it is in danger before it is lost, and no more once it has begun', () => {
  const late = { ...beginTeaching(), planMs: begins / 2, wallMs: begins / 2 };
  const margin = (begins / 2) * 0.067;
  expect(coolDownBy(timeline, late, timeline.totalMs + margin + 1000)?.inDanger).toBe(false);
  const danger = coolDownBy(timeline, late, timeline.totalMs + margin - 1000);
  expect(danger?.inDanger).toBe(true);
  expect(danger?.expectedMs).toBeLessThan(danger?.byMs ?? 0);
  expect(coolDownBy(timeline, { ...late, planMs: begins }, timeline.totalMs)).toBeNull();
});
