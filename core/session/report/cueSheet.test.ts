import { classWith, find, line } from '../../testing/cleanClass';
import { newPause } from '../plan/defaults';
import { timelineOf } from '../schedule/timeline';
import { cueSheet, type Facing, type SideWords, sideWords } from './cueSheet';

const sheet = (facing: Facing = 'mirrored', words: SideWords = 'sides') => {
  const rest = newPause('rest', 'rest', 40);
  const plan = classWith({ main: [line('sides', 4, { id: 'last', sides: 'right-first' }), rest] });
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error('known movements');
  return { plan, timeline: answer.timeline, cues: cueSheet(plan, answer.timeline, find, { facing, words }) };
};

test('every line has its time, its count said so that it cannot be misread, its calls, and what comes next', () => {
  const { cues, timeline } = sheet();
  expect(cues.map(({ startMs }) => startMs)).toEqual(timeline.items.map(({ startMs }) => startMs));
  const sides = cues.find(({ itemId }) => itemId === 'last');
  expect(sides).toMatchObject({
    title: 'sides',
    count: '4 times each side',
    counting: '1 … 3, last one',
    calls: [
      { call: 'Over', breath: 'in' },
      { call: 'Back', breath: 'out' },
    ],
    next: 'Rest',
  });
  expect(cues.at(-1)?.next).toBeNull();
  expect(cues.find(({ itemId }) => itemId === 'rest')).toMatchObject({ title: 'Rest', count: '40 s', movement: null });
});

test('left and right are said as the class sees them, and as the instructor moves', () => {
  const said = (facing: Facing, words: SideWords) =>
    sheet(facing, words).cues.find(({ itemId }) => itemId === 'last')?.sides;
  expect(said('mirrored', 'sides')).toBe('right (you: left), then left (you: right)');
  expect(said('same', 'sides')).toBe('right, then left');
  expect(said('same', 'hours')).toBe('towards 3 o’clock, then towards 9 o’clock');
  expect(sideWords('left', 'mirrored', 'hours')).toBe('towards 9 o’clock (you: right)');
  expect(sideWords('right', 'same', { left: 'the windows', right: 'the big door' })).toBe('towards the big door');
});
