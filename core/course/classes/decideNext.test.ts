import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { heldClasses } from '../calendar/courseClasses';
import { withoutThread, withThread } from '../plan/changeThreads';
import { classColumns } from './classColumns';
import { decideNext, decisionOf } from './decideNext';

const held = heldClasses(sampleCourse([], 8).calendar, '2027-01-01');
const at = (...cells: [number, number][]) =>
  cells.map(([number, layers]) => ({ classId: held[number - 1]?.id ?? '', layers }));
const course = sampleCourse(
  [
    sampleThread('clouds', 3),
    sampleThread('walking', 1, { after: [{ thread: 'clouds', layers: 1, mine: 1 }] }),
    sampleThread('waves', 2),
    sampleThread('post', 1),
  ],
  8,
  {
    plan: {
      clouds: at([1, 1], [4, 1], [5, 2]),
      walking: at([4, 1], [5, 1]),
      waves: at([1, 1], [5, 1]),
      post: at([1, 1]),
    },
  },
);
/** The fifth class. */
const NEXT = 4;

test('what a class is for: new, shown again, come back, and what it leaves lying', () => {
  const { fresh, again, back, on, cold } = classColumns(course, held, NEXT);
  const names = (cells: readonly { thread: { id: string } }[]) => cells.map(({ thread }) => thread.id);
  expect([names(fresh), names(again), names(back), names(on)]).toEqual([['clouds'], ['walking', 'waves'], [], []]);
  expect(cold).toMatchObject([{ thread: { id: 'post' }, classes: 4 }]);
  // Waves were shown again in class 5 and are out in 6, 7: in class 8 they have been out of three.
  expect(names(classColumns(course, held, 7).cold)).toEqual(['clouds', 'walking', 'waves', 'post']);
});

test('going on pins the next step, staying pins the same, going back says that it is not there yet', () => {
  const pinsOf = (changed: typeof course | null, id: string) => changed?.threads.find((one) => one.id === id)?.pins;
  expect(decisionOf(course, held, NEXT, 'clouds')).toBe('on');
  expect(decisionOf(course, held, NEXT, 'walking')).toBe('stay');
  expect(decisionOf(course, held, NEXT, 'post')).toBeNull();
  const classId = held[NEXT]?.id;
  expect(pinsOf(decideNext(course, held, NEXT, 'waves', 'on'), 'waves')).toEqual([{ classId, layers: 2, isNew: true }]);
  const stayed = decideNext(course, held, NEXT, 'clouds', 'stay');
  expect(pinsOf(stayed, 'clouds')).toEqual([{ classId, layers: 1, isNew: false }]);
  const back = decideNext(course, held, NEXT, 'clouds', 'back') ?? course;
  expect(back.seen).toEqual([{ classId: held[3]?.id, thread: 'clouds', taken: 'again' }]);
  expect(decisionOf(back, held, NEXT, 'clouds')).toBe('back');
  // The last word counts: going on after going back takes back what was said.
  expect(decideNext(back, held, NEXT, 'clouds', 'on')?.seen).toEqual([]);
});

test('nothing goes on behind its last step, and nothing stays or goes back that is not there', () => {
  expect(decideNext(course, held, NEXT, 'walking', 'on')).toBeNull();
  expect(decideNext(course, held, 0, 'clouds', 'stay')).toBeNull();
  expect(decideNext(course, held, 0, 'clouds', 'back')).toBeNull();
  expect(decideNext(course, held, NEXT, 'nobody', 'on')).toBeNull();
});

test('a thread is added, changed, and left out with all that hung on it', () => {
  const more = withThread(course, sampleThread('bow', 2, { covers: { clouds: 1 } }));
  expect(more.threads.map(({ id }) => id)).toEqual(['clouds', 'walking', 'waves', 'post', 'bow']);
  const less = withoutThread({ ...more, seen: [{ classId: 'x', thread: 'clouds', taken: 'half' }] }, 'clouds');
  expect(less.threads.map(({ id, after, covers }) => [id, after, covers])).toEqual([
    ['walking', [], {}],
    ['waves', [], {}],
    ['post', [], {}],
    ['bow', [], {}],
  ]);
  expect(Object.keys(less.plan)).toEqual(['walking', 'waves', 'post']);
  expect(less.seen).toEqual([]);
  expect(withThread(less, { ...sampleThread('waves', 2), wish: 'room' }).threads).toHaveLength(4);
});
