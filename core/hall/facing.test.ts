import { formLines } from '../session/edit/formLines';
import { analyseClass } from '../session/findings/finding/analyseClass';
import { facingWords } from '../session/plan/line/facing';
import { placedWords } from '../session/words/wordsSaid';
import { classWith, contextWith, find, line } from '../testing/cleanClass';
import { classTrack } from './track';

/** A line turned from the front: the same movement, with the class looking and going another way. */

const analysed = (facing: number, id = 'sidesteps') => {
  const answer = analyseClass(classWith({ main: [line(id, 4, { facing })] }), contextWith());
  if (!answer) throw new Error('a class of known movements');
  return answer;
};
/** Where the class has come furthest. */
const furthest = (of: ReturnType<typeof analysed>) =>
  classTrack(of).toSorted((a, b) => Math.hypot(b.x, b.y) - Math.hypot(a.x, a.y))[0] ?? { x: 0, y: 0 };
const turnedPieces = (facing: number) =>
  analysed(facing).pieces.filter(
    ({ itemId, mobilised }) => itemId.startsWith('sidesteps') && mobilised.some((one) => one > 0),
  );

test('a turned line asks the same of the body, headed another way', () => {
  const [front, right] = [turnedPieces(0), turnedPieces(90)];
  expect(right.map(({ demand }) => demand.channels)).toEqual(front.map(({ demand }) => demand.channels));
  expect(new Set(front.map(({ demand }) => demand.facing))).toEqual(new Set([0]));
  expect(new Set(right.map(({ demand }) => demand.facing))).toEqual(new Set([90]));
});

test('side steps to the left go forward when the class is turned to the right, and right when it is turned to the back', () => {
  const front = furthest(analysed(0));
  expect(front.x).toBeLessThan(-0.5);
  expect(Math.abs(front.y)).toBeLessThan(0.01);
  expect(furthest(analysed(90)).y).toBeCloseTo(-front.x, 3);
  expect(furthest(analysed(180)).x).toBeCloseTo(-front.x, 3);
  expect(furthest(analysed(-90)).y).toBeCloseTo(front.x, 3);
});

test('turning takes steps, which take time', () => {
  const lasts = (facing: number) => analysed(facing, 'lift').timeline.totalMs;
  expect(lasts(90)).toBeGreaterThan(lasts(0));
});

test('a form keeps the way each of its places is turned', () => {
  const form = {
    id: 'round',
    names: { english: ['Round'], pinyin: [], chinese: [] },
    tradition: 'tai-chi' as const,
    about: 'To two sides of the hall.',
    level: 1,
    flows: true,
    entries: [0, 0, 90].map((facing) => ({ movementId: 'sides', cycles: 1, side: 'left' as const, facing, note: '' })),
  };
  expect(formLines(form, find, (place) => `line-${place}`).map(({ facing }) => facing)).toContain(90);
});

test('the way is said in words', () => {
  expect([0, 90, 180, -180, -45, 30].map(facingWords)).toEqual([
    'to the front',
    'to the right',
    'to the back',
    'to the back',
    'to the front left',
    '30° to the right',
  ]);
  expect(placedWords({ stands: { faces: 'back', place: 'usual' }, facing: -90 })).toBe(
    'back to the class, the class turned to the left',
  );
});
