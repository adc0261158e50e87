import { constant, line, movement, natural, plan, timelineFor } from '../../testing/sample';
import { Session } from '../plan/session';
import { countWords } from './countWords';
import { notReady } from './notReady';

const said = (laterality: unknown, change: Record<string, unknown> = {}) => {
  const item = line({ count: 3, ...change });
  if (item.kind !== 'movement') throw new Error('a movement line');
  const { words, total } = countWords(movement({ laterality }), item);
  return `${words} = ${total}`;
};
const eachSide = { kind: 'each-side', first: 'left' };
const both = { kind: 'both', names: ['a', 'b'], reversal: 'mirrored', breath: 'keeps-place' };

test.each([
  ['three each side are six', { sides: eachSide }, {}, 'times each side = 6'],
  ['one side only', { sides: eachSide }, { sides: 'left-only' }, 'times left only = 3'],
  [
    'both sides, both directions, two rounds',
    { sides: eachSide, directions: both },
    { rounds: 2 },
    'times each side, each way = 24',
  ],
  ['one direction only', { sides: { kind: 'even' }, directions: both }, { directions: 'one' }, 'times = 3'],
  [
    'there and back counts both sides as one',
    { sides: { kind: 'alternating', first: 'left', repetition: 'there-and-back' } },
    {},
    'times there and back = 3',
  ],
  [
    'by turns',
    { sides: { kind: 'alternating', first: 'left', repetition: 'one-side' } },
    {},
    'times left and right by turns = 3',
  ],
])('%s', (_name, laterality, change, expected) => expect(said(laterality, change)).toBe(expected));

test('what a class lacks', () => {
  const post = movement({ parts: { cycle: [natural(1)] } });
  const session = (minutes: number, date: string | null) =>
    Session.parse({
      ...plan([line({ count: minutes * 6 })], constant(6)),
      id: 'class',
      title: 'Class',
      groupId: null,
      date,
      startsAt: '19:00',
      slotMinutes: 20,
    });
  const lacks = (of: Session) => notReady(of, timelineFor(of, post), () => post);
  const noSections = [
    { kind: 'empty section', section: 'warm-up' },
    { kind: 'empty section', section: 'cool-down' },
  ];
  expect(lacks(session(18, '2026-12-01'))).toEqual(noSections);
  // Planned for 24 minutes it has ended by 25 min 40 s in eight of ten.
  expect(lacks(session(24, null))).toEqual([
    { kind: 'no day' },
    { kind: 'over', ms: expect.any(Number) },
    ...noSections,
  ]);
  expect(lacks({ ...session(20, null), sections: [] as never })).toEqual([{ kind: 'nothing planned' }]);
});
