import { line, movement, plan, timelineFor } from '../../testing/sample';
import { remainingMs } from '../standing/remaining';
import { beginTeaching, Teaching } from '../standing/teaching';
import { advance } from './advance';
import { attendanceOf, markPresent, newcomerNote, unwelcomeNewcomer, WELCOME_MS, welcomeNewcomer } from './comers';
import { skip } from './steer';

const timeline = timelineFor(plan([line({ id: 'a', count: 6 }), line({ id: 'b', count: 6 })]), movement());

test('a newcomer is counted and welcomed for a minute: the plan stands, the line has the minute, and what is left grows by it', () => {
  const before = advance(timeline, beginTeaching(), 5000);
  const welcomed = welcomeNewcomer(before);
  expect(remainingMs(timeline, welcomed)).toBeCloseTo(remainingMs(timeline, before) + WELCOME_MS);
  const meanwhile = advance(timeline, welcomed, 40_000);
  expect(meanwhile.planMs).toBe(before.planMs);
  expect(meanwhile.spent.a).toBeCloseTo(45_000);
  const after = advance(timeline, meanwhile, 25_000);
  expect(after.planMs).toBeCloseTo(before.planMs + 5000);
  expect(advance(timeline, welcomed, 65_000)).toEqual(after);
  expect(after.walkIns).toBe(1);
});

test('a pause keeps what is left of the welcome, skipping goes on at once, and one that was none is taken back', () => {
  const welcomed = welcomeNewcomer(advance(timeline, beginTeaching(), 5000));
  expect(advance(timeline, { ...welcomed, paused: true }, 30_000).welcomeMs).toBe(WELCOME_MS);
  expect(skip(timeline, welcomed)).toMatchObject({ welcomeMs: 0, walkIns: 1 });
  expect(unwelcomeNewcomer(welcomed)).toMatchObject({ welcomeMs: 0, walkIns: 0 });
});

test('who is there is marked with one press and unmarked with another; newcomers are counted with them', () => {
  const marked = markPresent(markPresent(beginTeaching(), 'ada'), 'bram');
  expect(attendanceOf(beginTeaching())).toBeNull();
  expect(attendanceOf(welcomeNewcomer(marked))).toBe(3);
  expect(markPresent(marked, 'ada').present).toEqual(['bram']);
  expect(newcomerNote(beginTeaching())).toBe('');
  expect(newcomerNote({ walkIns: 2 })).toBe('2 came for the first time.');
});

test('a class kept by an earlier version is read with nobody noted', () => {
  const { walkIns, present, welcomeMs, ...earlier } = beginTeaching();
  expect([walkIns, present, welcomeMs]).toEqual([0, [], 0]);
  expect(Teaching.parse(earlier)).toEqual(beginTeaching());
});
