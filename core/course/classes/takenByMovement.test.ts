import { Form } from '../../movement/schema/form';
import { CourseThread } from '../schema/thread';
import { takenByMovement } from './takenByMovement';

const thread = (id: string, taught: Record<string, unknown>) =>
  CourseThread.parse({
    id,
    title: id,
    kind: 'whole',
    taught,
    wish: 'want',
    layers: [{ name: 'all of it', minutes: 4, weight: 1 }],
    practise: [3],
  });
const form = Form.parse({
  id: 'short-walk',
  names: { english: ['Short Walk'] },
  tradition: 'tai-chi',
  about: 'Three places one after the other.',
  entries: ['gather', 'cloud-hands', 'close'].map((movementId) => ({ movementId })),
});
const threads = [
  thread('clouds', { kind: 'movement', id: 'cloud-hands@2' }),
  thread('walk', { kind: 'form', id: 'short-walk', places: 2 }),
  thread('slowly', { kind: 'words', focus: 'slowly' }),
];

test('what was seen last stands, whatever the version it was taught in', () => {
  const seen = [
    { classId: '2026-11-20-1900', thread: 'clouds', taken: 'has' as const },
    { classId: '2026-11-13-1900', thread: 'clouds', taken: 'half' as const },
  ];
  expect([...takenByMovement([{ threads, seen }], [])]).toEqual([['cloud-hands', 'has']]);
});

test('of a form it holds for the places that are taught, of words for nothing', () => {
  const seen = [
    { classId: '2026-11-13-1900', thread: 'walk', taken: 'half' as const },
    { classId: '2026-11-13-1900', thread: 'slowly', taken: 'has' as const },
    { classId: '2026-11-13-1900', thread: 'gone', taken: 'has' as const },
  ];
  expect([...takenByMovement([{ threads, seen }], [form])]).toEqual([
    ['gather', 'half'],
    ['cloud-hands', 'half'],
  ]);
});

test('between two courses the later class stands', () => {
  const earlier = { threads, seen: [{ classId: '2026-09-11-1900', thread: 'clouds', taken: 'has' as const }] };
  const later = { threads, seen: [{ classId: '2026-11-13-1900', thread: 'clouds', taken: 'again' as const }] };
  expect(takenByMovement([later, earlier], []).get('cloud-hands')).toBe('again');
  expect(takenByMovement([], []).size).toBe(0);
});
