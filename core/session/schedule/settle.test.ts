import { readClass, writeClass } from '../../formats/classJson';
import { constant, inBreath, line, movement, outBreath, plan, timelineFor } from '../../testing/sample';
import { sessionDemand } from '../load/sessionDemand';
import { countSide } from '../load/sessionSides';
import { adaptedMovements } from '../plan/adaptMovement';
import { Block } from '../plan/block';
import { newPause } from '../plan/defaults';
import { type Item, type Plan, Session } from '../plan/session';
import { SettleRoutine } from '../plan/settleRoutine';
import { cueSheet } from '../report/cueSheet';
import { explainItem } from '../report/explain';
import { settleName, settleWords } from '../report/settleWords';
import { lineTimes } from '../timeline/lineTimes';
import { doneIn, isRoutine } from './settleItem';
import { timelineOf } from './timeline';

const lift = movement({ id: 'lift', names: { english: ['Lift'] } });
const bow = movement({
  id: 'bow',
  names: { english: ['Bow'] },
  laterality: { sides: { kind: 'each-side', first: 'left' } },
});
/** Ten seconds at six breaths a minute, its hands overhead. */
const gather = movement({
  id: 'gather',
  names: { english: ['Gather'] },
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 15, arms: 'overhead-round' },
  parts: { cycle: [inBreath, outBreath] },
});
const all = [lift, bow, gather];
const find = (id: string) => all.find((one) => one.id === id);

const routine = (more: Record<string, unknown> = {}) =>
  SettleRoutine.parse({ when: 'after-each', lines: [{ movementId: 'gather', count: 1 }], ...more });
const classOf = (items: Item[], settle: SettleRoutine | null, blocks: Block[] = []): Plan => {
  const one = plan(items, constant(6));
  return { ...one, sections: one.sections.map((section) => ({ ...section, settle, blocks })) };
};
const two = [line({ id: 'a', movementId: 'lift', count: 2 }), line({ id: 'b', movementId: 'lift', count: 3 })];
/** How often the routine is begun, and after which lines. */
const settledAfter = (of: Plan) =>
  timelineFor(of, ...all)
    .segments.filter((segment) => isRoutine(segment) && segment.phase === 0 && segment.side === 'left')
    .map(({ itemId }) => itemId);

test('after each line its movements are done, and count among its minutes', () => {
  const timeline = timelineFor(classOf(two, routine()), ...all);
  // Lift twice is 20 s, three times 30 s; gathering once on each side is 20 s and 4 s of changing sides.
  expect([...lineTimes(timeline).values()].map(({ lengthMs }) => lengthMs)).toEqual([44_000, 54_000]);
  expect(explainItem(timeline, 'a').map(({ kind, ms, breaths }) => [kind, ms, breaths])).toEqual([
    ['move', 20_000, 2],
    ['settle', 20_000, 2],
    ['side-change', 4000, null],
  ]);
});

test('once at the end of a section, after its last movement and before what rests after it', () => {
  const items = [...two, newPause('rest', 'r', 30)];
  expect(settledAfter(classOf(items, routine({ when: 'at-end' })))).toEqual(['b']);
  expect(settledAfter(classOf(items, routine()))).toEqual(['a', 'b']);
  expect(settledAfter(classOf(items, null))).toEqual([]);
  expect(settledAfter(classOf([newPause('talk', 't', 30)], routine()))).toEqual([]);
});

test('a block is settled once, when all its rounds are done', () => {
  const block = Block.parse({ id: 'x', rounds: 3 });
  const items = [
    line({ id: 'a', movementId: 'lift', count: 2, block: 'x' }),
    line({ id: 'b', movementId: 'lift', count: 2, block: 'x' }),
    line({ id: 'c', movementId: 'lift', count: 2 }),
  ];
  expect(settledAfter(classOf(items, routine(), [block]))).toEqual(['b', 'c']);
});

test('settling is not counted as the line, on neither side, and nothing of it completes a repetition', () => {
  const items = [line({ id: 'a', movementId: 'bow', count: 4 })];
  const [without, settled] = [null, routine()].map((one) => timelineFor(classOf(items, one), ...all).segments);
  for (const side of ['left', 'right'] as const)
    expect(countSide(settled ?? [], side)).toEqual(countSide(without ?? [], side));
  expect(settled?.filter(({ completes }) => completes)).toHaveLength(8);
});

test('what is asked while settling is what its movement asks, not the line', () => {
  const of = classOf([line({ id: 'a', movementId: 'lift', count: 2 })], routine());
  const timeline = timelineFor(of, ...all);
  const pieces = sessionDemand(of, timeline, find);
  const overhead = (settling: boolean) =>
    pieces
      .filter(({ segment }) => isRoutine(timeline.segments[segment] as never) === settling)
      .some(({ demand }) => demand.overhead.left);
  expect(overhead(true)).toBe(true);
  expect(overhead(false)).toBe(false);
  const movements = adaptedMovements(of, find);
  expect(timeline.segments.map((segment) => doneIn(segment, movements, find, of.schools)?.id)).toContain('gather');
});

test('a routine whose movement is gone is told with its place', () => {
  const of = classOf(two, routine({ lines: [{ movementId: 'gone', count: 1 }] }));
  expect(timelineOf(of, find)).toMatchObject({
    ok: false,
    problems: [{ path: ['sections', 0, 'settle', 'lines', 0, 'movementId'] }],
  });
});

test('in words: by its name, or by its movements; the cue sheet says it after the lines it settles', () => {
  expect(settleWords(routine(), find)).toBe('Gather, once each side');
  expect(settleWords(routine({ name: 'Home' }), find)).toBe('Home: Gather, once each side');
  expect(settleName(routine(), find)).toBe('Gather');
  const longer = routine({ lines: [{ movementId: 'lift', count: 1 }, ...routine().lines] });
  expect(settleName(longer, find)).toBe('Lift and 1 more');
  const of = classOf(two, routine({ when: 'at-end', name: 'Home' }));
  const cues = cueSheet(of, timelineFor(of, ...all), find, { facing: 'same', words: 'sides' });
  expect(cues.map(({ settles }) => settles)).toEqual(['', 'Home: Gather, once each side']);
});

test('a class in a file brings the movements that settle it, under the names they get here', () => {
  const session = Session.parse({
    ...classOf(two, routine()),
    id: 'settled-class',
    title: 'Settled',
    groupId: null,
    date: null,
    startsAt: '19:00',
  });
  const other = { ...gather, about: 'Another movement of the same name.' };
  const here = (id: string) => (id === 'gather' ? other : find(id));
  const read = readClass(writeClass(session, find), here, 'opened-here');
  if (!read.ok) throw new Error(read.problems.map(({ message }) => message).join());
  expect(read.brings.map(({ id }) => id)).toEqual(['gather-2']);
  expect(read.session.sections[0]?.settle?.lines).toEqual([{ movementId: 'gather-2', count: 1 }]);
});
