import dayjs from 'dayjs';
import type { FindMovement, Movement, Role } from '../core/movement/schema/movement';
import { Block } from '../core/session/plan/block';
import { emptySections, newMovementItem, newPause } from '../core/session/plan/defaults';
import { type Item, type MovementItem, type Section, Session } from '../core/session/plan/session';
import { SettleRoutine } from '../core/session/plan/settleRoutine';
import { NO_DOORS, USUAL_DOORS } from '../core/session/plan/slotTime';

type Line = readonly [movementId: string, count?: number, change?: Partial<MovementItem>] | Item;
type Order = Partial<Record<Role, readonly Line[]>>;

const talk = (id: string, seconds: number, note: string): Item => newPause('talk', id, seconds, note);
const rest = (id: string, seconds: number): Item => newPause('rest', id, seconds);
const settled = (seconds: number): Partial<MovementItem> => ({ settle: { kind: 'still', seconds } });

const CLOUD_CUES: MovementItem['cues'] = [
  { at: { unit: 'repetitions', at: 2 }, say: 'Nose, navel and hand go together' },
  { at: { unit: 'repetitions', at: 4 }, say: 'Quieter than before' },
];

const POST_SCRIPT = `Stand as if on the edge of a high stool. Feel both heels. (20 s)

The arms rest on the air, elbows lower than the hands. Let the shoulders go once, and once more. (30 s)

Who wants to lowers the hands to the belly; that is the same post. (30 s)

Let the breath come by itself, and count nothing. (40 s)

And one more breath where you are, before we come up.`;

const evening: Order = {
  opening: [
    talk('welcome', 120, 'Welcome, who is new, what hurts today'),
    ['quiet-standing', 9],
    ['belly-breathing', 9],
  ],
  'warm-up': [
    ['shoulder-rolls', 4],
    ['neck-turns', 3],
    ['wrist-circles', 12],
    ['hip-circles', 5],
    ['knee-circles', 8],
    ['ankle-circles', 16],
    ['waist-turns', 20],
    ['small-squats', 5, settled(5)],
    ['side-stretch', 3],
    ['bow-rocking', 5],
  ],
  main: [
    ['raise-and-sink', 6, settled(10)],
    talk('step', 120, 'Step first, empty; then shift'),
    ['slow-walking', 4, settled(10)],
    ['cloud-hands', 4, { rounds: 3, roundRest: 20, cues: CLOUD_CUES, ...settled(15) }],
    rest('shake-out', 40),
    talk('weight', 120, 'Where is the weight before the foot lifts?'),
    ['brush-knee', 4, { ...settled(10), stands: { faces: 'back', place: 'usual' }, block: 'two-of-the-form' }],
    ['part-the-mane', 4, { ...settled(10), block: 'two-of-the-form' }],
    ['pushing-waves', 10, settled(10)],
    ['standing-post', 24, { manner: 'follow-along', script: POST_SCRIPT, ...settled(20) }],
  ],
  'cool-down': [
    ['shaking', 80],
    ['open-the-chest', 8],
    ['calf-stretch', 30],
    ['side-stretch', 2],
    ['neck-tilts', 20],
    ['hinge-and-rise', 3],
    ['rub-the-lower-back', 36],
    ['warm-hands-wash-face', 18],
  ],
  closing: [
    ['gather-and-pour', 3],
    ['stillness', 15],
    ['salute', 1],
  ],
};

/** Two that follow each other in the form, done together and a little lower each round. */
const together = Block.parse({
  id: 'two-of-the-form',
  name: 'Two of the form',
  rounds: 4,
  roundRest: 20,
  lower: 1,
});

/** The week before: no mane yet, the waves twice round instead. */
const weekBefore: Order = {
  ...evening,
  main: [
    ['raise-and-sink', 8, settled(10)],
    talk('step', 180, 'Step first, empty; then shift'),
    ['slow-walking', 5, settled(10)],
    ['cloud-hands', 4, { rounds: 3, roundRest: 20, ...settled(15) }],
    rest('shake-out', 40),
    ['brush-knee', 4, { rounds: 2, roundRest: 20, ...settled(15) }],
    talk('weight', 120, 'Where is the weight before the foot lifts?'),
    ['pushing-waves', 8, { rounds: 2, roundRest: 20, ...settled(15) }],
    ['standing-post', 27, { manner: 'follow-along', ...settled(20) }],
  ],
};

/** The second class: clouds in place, and waves for the first time. */
const secondWeek: Order = {
  ...evening,
  main: [
    ['raise-and-sink', 8, settled(10)],
    talk('place', 240, 'Clouds without steps: the waist turns, the hands follow'),
    ['clouds-in-place', 8, { manner: 'explained', rounds: 2, roundRest: 20, ...settled(15) }],
    rest('shake-out', 40),
    talk('weight', 180, 'Which foot is full?'),
    ['pushing-waves', 8, { rounds: 2, roundRest: 20, ...settled(15) }],
    ['clouds-in-place', 8, { rounds: 2, roundRest: 20, ...settled(15) }],
    ['standing-post', 27, { manner: 'follow-along', ...settled(20) }],
  ],
};

/** The first class: who comes, one movement, and standing. */
const firstWeek: Order = {
  ...evening,
  main: [
    talk('names', 480, 'Names, what hurts, what a stop sign pain is'),
    ['raise-and-sink', 8, { manner: 'explained', rounds: 2, roundRest: 20, ...settled(15) }],
    rest('shake-out', 40),
    talk('weight', 300, 'Full and empty: which foot carries?'),
    ['parting-clouds', 9, { rounds: 3, roundRest: 30, ...settled(15) }],
    ['raise-and-sink', 10, { rounds: 2, roundRest: 20, ...settled(15) }],
    ['standing-post', 30, { manner: 'follow-along', ...settled(20) }],
  ],
};

const morning: Order = {
  opening: [talk('welcome', 120, 'Welcome; sit when you like'), ['quiet-standing', 6], ['belly-breathing', 6]],
  'warm-up': [
    ['neck-turns', 4],
    ['shoulder-rolls', 5],
    ['single-arm-circles', 3],
    ['wrist-circles', 12],
    ['hip-circles', 4],
    ['ankle-circles', 8],
    ['waist-turns', 12],
    ['pat-the-arms', 16],
  ],
  main: [
    ['lift-the-sky', 8, { rounds: 2, roundRest: 20 }],
    ['draw-the-bow', 4],
    rest('breather', 30),
    ['one-hand-up', 6],
    ['look-behind', 4],
    talk('middle', 40, 'A glass of water; who wants a chair?'),
    ['horse-shifts', 5],
    ['rainbow-dance', 6],
    ['post-overhead', 9],
    ['heel-drops', 7, { rounds: 2, roundRest: 20 }],
  ],
  'cool-down': [
    ['open-the-chest', 10],
    ['neck-tilts', 25],
    ['side-stretch', 3],
    ['rub-the-lower-back', 54],
    ['warm-hands-wash-face', 18],
  ],
  closing: [
    ['gather-and-pour', 3],
    ['stillness', 15],
  ],
};

/** A newer group settles after every piece. */
const handsHome = SettleRoutine.parse({
  name: 'Hands home',
  when: 'after-each',
  lines: [{ movementId: 'belly-breathing', count: 3 }],
});

const lunch: Order = {
  opening: [['quiet-standing', 6]],
  'warm-up': [
    ['arm-swings', 60],
    ['shoulder-rolls', 4],
    ['neck-turns', 3],
    ['waist-turns', 12],
    ['knee-circles', 8],
    ['small-squats', 4, settled(5)],
  ],
  main: [
    ['lift-the-sky', 8, { manner: 'follow-along' }],
    ['pushing-waves', 5, { manner: 'follow-along' }],
    ['parting-clouds', 8, { manner: 'follow-along' }],
    ['one-hand-up', 5, { manner: 'follow-along' }],
    ['horse-shifts', 5, { manner: 'follow-along' }],
    ['shaking', 40, { manner: 'follow-along' }],
  ],
  'cool-down': [
    ['raise-and-sink', 8],
    ['calf-stretch', 15],
    ['neck-tilts', 15],
    ['pat-the-arms', 16],
  ],
  closing: [
    ['gather-and-pour', 3],
    ['stillness', 6],
  ],
};

const isItem = (line: Line): line is Item => !Array.isArray(line);

function itemsOf(section: Role, lines: readonly Line[], find: FindMovement): Item[] {
  return lines.map((line, index) => {
    if (isItem(line)) return line;
    const [movementId, count, change] = line;
    const movement: Movement | undefined = find(movementId);
    if (!movement) throw new Error(`The demo asks for "${movementId}", which is not in the repertoire`);
    return { ...newMovementItem(`${section}-${index}-${movementId}`, movement, section, count), ...change };
  });
}

/** A day counted from another, both YYYY-MM-DD. `dayAfter('2026-11-30', 1)` is '2026-12-01'. */
const dayAfter = (day: string, days: number): string => dayjs(day).add(days, 'day').format('YYYY-MM-DD');

/** The classes of the demo world around a day: last week's and tonight's evening class, a morning and a lunch break. */
export function demoSessions(today: string, find: FindMovement): Session[] {
  const made = (
    head: Omit<Session, 'breath' | 'schools' | 'sections' | 'setAside' | 'course' | 'family'> &
      Partial<Pick<Session, 'course'>>,
    order: Order,
    main: Partial<Pick<Section, 'blocks' | 'settle'>> = {},
  ): Session =>
    Session.parse({
      ...head,
      breath: { in: 1, out: 1 },
      sections: emptySections().map((section) => ({
        ...section,
        items: itemsOf(section.kind, order[section.kind] ?? [], find),
        ...(section.kind === 'main' ? main : {}),
      })),
    });
  /** A class of the evening course, by its day. */
  const inCourse = (date: string) => ({ date, course: { id: 'evening-course', classId: `${date}-1900` } });
  const atEvening = { groupId: 'tram-shed-evening', startsAt: '19:00', slotMinutes: 75, doors: USUAL_DOORS };
  return [
    made(
      { id: 'evening-week-3', title: 'Clouds and waves, first time', ...inCourse(dayAfter(today, -7)), ...atEvening },
      weekBefore,
    ),
    made({ id: 'evening-week-4', title: 'Clouds and brush knee', ...inCourse(today), ...atEvening }, evening, {
      blocks: [together],
    }),
    made(
      {
        id: 'morning-eight-pieces',
        title: 'Six of the eight pieces',
        groupId: 'tram-shed-morning',
        date: dayAfter(today, 1),
        startsAt: '10:15',
        slotMinutes: 55,
        doors: USUAL_DOORS,
      },
      morning,
      { settle: handsHome },
    ),
    made(
      {
        id: 'depot-twenty',
        title: 'Twenty minutes in the yard',
        groupId: 'depot-yard',
        date: dayAfter(today, 2),
        startsAt: '12:30',
        slotMinutes: 20,
        doors: NO_DOORS,
      },
      lunch,
    ),
    made(
      { id: 'evening-week-1', title: 'Who comes, and one movement', ...inCourse(dayAfter(today, -21)), ...atEvening },
      firstWeek,
    ),
    made(
      { id: 'evening-week-2', title: 'Clouds without steps', ...inCourse(dayAfter(today, -14)), ...atEvening },
      secondWeek,
    ),
  ];
}
