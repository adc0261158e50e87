import type { Role } from '../core/movement/schema/movement';
import { readLine } from '../core/session/edit/written/readLine';
import { understand } from '../core/session/edit/written/understand';
import { newMovementItem } from '../core/session/plan/defaults';
import type { MovementItem } from '../core/session/plan/session';
import { firstOffer, offeredRepertoire } from './judged/readingOf';

/** Lines as they are scribbled, and what they must be understood as: in which section, which movement, how much of it. */
const TABLE: readonly (readonly [role: Role, text: string, what: string, amount: string])[] = [
  ['main', 'standing post 5 min', 'standing-post', 'clock 300 (as many as fit into 5:00)'],
  [
    'cool-down',
    'calf stretch 3 times in all',
    'calf-stretch',
    '20 x2 (3 in all don’t share out over 2, 2 times 20 seconds)',
  ],
  ['cool-down', 'calf stretch 2-3 times', 'calf-stretch', '20 x3 (3 times 20 seconds)'],
  ['warm-up', 'neck tilts 0', 'neck-tilts', '15 (0 can’t be counted, so its usual count)'],
  ['main', 'cloud hands 0', 'cloud-hands', '3 (0 can’t be counted, so its usual count)'],
  ['main', 'brush knee 6 each side', 'brush-knee', '12 (6 a side, 12 in all)'],
  ['main', 'brush knee 6 a side', 'brush-knee', '12 (6 a side, 12 in all)'],
  ['main', 'brush knee 4-6 a side', 'brush-knee', '10 8..12 (4 to 6 a side, 8 to 12 in all)'],
  ['main', 'cloud hands 6 each side', 'cloud-hands', '6'],
  ['main', 'cloud hands 45 seconds', 'cloud-hands', 'clock 45 (as many as fit into 0:45)'],
  ['opening', 'rest 1:30', 'rest', '90'],
  ['opening', 'rest one minute', 'rest', '60'],
  ['main', 'rest 2', 'rest', '120 or 2'],
  ['main', 'rest 45', 'rest', '45'],
  ['main', 'talk 3', 'talk', '180 or 3'],
  ['main', 'talk 2 min mind the knees', 'talk', '120 mind the knees'],
  ['main', 'say 30s where the weight is', 'talk', '30 where the weight is'],
  ['warm-up', 'shake 1 min', 'shaking', '60'],
  ['main', 'post 5 min', 'standing-post', 'clock 300 (as many as fit into 5:00)'],
  ['cool-down', 'rub palms', 'rub-the-palms', '18'],
  ['closing', 'rub palms 18', 'rub-the-palms', '18'],
  ['opening', 'wuji', 'quiet-standing', '6'],
  ['opening', 'wuji 6 breaths', 'quiet-standing', '6'],
  ['main', 'fair lady', 'fair-maiden', '4'],
  ['main', 'fair lady 4', 'fair-maiden', '4'],
  ['main', 'lift the sky 3 sets of 8', 'lift-the-sky', '8 x3'],
  ['warm-up', 'knee circles 3 each direction', 'knee-circles', '12 (3 circles are 12 beats)'],
  ['warm-up', 'knee circles 8 each way', 'knee-circles', '32 (8 circles are 32 beats)'],
  ['opening', 'stand quietly 6', 'quiet-standing', '6'],
  ['warm-up', 'neck tilts', 'neck-tilts', '15'],
  ['warm-up', 'neck tilts 3', 'neck-tilts', '15 x3 (3 times 15 seconds) / 5 (whole cycles: 5 seconds)'],
  ['warm-up', 'neck tilts 15s', 'neck-tilts', '15'],
  ['warm-up', 'neck tilt 15s each side', 'neck-tilts', '15'],
  ['main', 'horse 40s', 'horse-stance', '40'],
  ['closing', 'close 3', 'salute', '3'],
  ['closing', 'closing 3', 'salute', '3'],
  ['main', 'cloud hands', 'cloud-hands', '3'],
  ['main', 'cloud hands 6', 'cloud-hands', '6'],
  ['main', '6 cloud hands', 'cloud-hands', '6'],
  ['main', 'Cloud Hands x8', 'cloud-hands', '8'],
  ['main', 'cloud hands 8x', 'cloud-hands', '8'],
  ['main', 'ch', 'cloud-hands', '3'],
  ['main', 'yunshou 4', 'cloud-hands', '4'],
  ['main', 'yún shǒu', 'cloud-hands', '3'],
  ['main', 'yun shou 4', 'cloud-hands', '4'],
  ['main', '雲手 4', 'cloud-hands', '4'],
  ['main', 'clouds 6', 'cloud-hands', '6'],
  ['main', 'hands clouds 6', 'cloud-hands', '6'],
  ['main', 'waving hands like clouds 5', 'cloud-hands', '5'],
  ['warm-up', 'ankle circles 8 each side left first', 'ankle-circles', '16 left-first (8 circles are 16 beats)'],
  ['warm-up', 'ankles 8', 'ankle-circles', '16 (8 circles are 16 beats)'],
  ['main', 'lift the sky 12 breaths 2 rounds', 'lift-the-sky', '12 x2 (12 breaths are 12 times)'],
  ['main', 'lift sky 8', 'lift-the-sky', '8'],
  ['main', 'two hands hold up the sky 8', 'lift-the-sky', '8'],
  ['warm-up', 'neck turns 4', 'neck-turns', '4'],
  ['warm-up', 'turn the neck 4', 'neck-turns', '4'],
  ['main', 'draw bow 4 each side', 'draw-the-bow', '4'],
  ['main', 'drawing the bow 4', 'draw-the-bow', '4'],
  ['main', 'bow 4', 'draw-the-bow', '4'],
  ['main', '10-15 lift the sky', 'lift-the-sky', '13 10..15'],
  ['main', 'lift the sky 10-15', 'lift-the-sky', '13 10..15'],
  ['main', 'lift the sky 10 to 15', 'lift-the-sky', '13 10..15'],
  ['main', 'lift the sky 5 or 6', 'lift-the-sky', '6 5..6'],
  ['main', 'lift the sky 5, 3 rounds', 'lift-the-sky', '5 x3'],
  ['main', 'lift the sky eight', 'lift-the-sky', '8'],
  ['main', 'lift the sky six times', 'lift-the-sky', '6'],
  ['main', 'lift the sky a dozen times', 'lift-the-sky', '12'],
  ['main', 'lift the sky twice', 'lift-the-sky', '2'],
  ['main', 'lift the sky once', 'lift-the-sky', '1'],
  ['main', 'lift the sky until it flows', 'lift-the-sky', '8 open'],
  ['main', 'lift the sky 3x8', 'lift-the-sky', '8 x3'],
  ['main', 'lift the sky 3 x 8', 'lift-the-sky', '8 x3'],
  ['main', 'two rounds of 8 lift the sky', 'lift-the-sky', '8 x2'],
  ['main', 'wild goose 6', 'wild-goose-flies', '6'],
  ['main', 'goose 6', 'wild-goose-flies', '6'],
  ['main', 'rainbow 4', 'rainbow-dance', '4'],
  ['main', 'dancing rainbow 6 each side', 'rainbow-dance', '6'],
  ['main', 'push waves 8', 'pushing-waves', '8'],
  ['main', 'waves 8', 'pushing-waves', '8'],
  ['main', 'pushing the waves 8 each side', 'pushing-waves', '8'],
  ['main', 'open chest 6', 'open-the-chest', '6'],
  ['cool-down', 'open chest 6', 'open-the-chest', '6'],
  ['cool-down', 'stretch calves 30s', 'calf-stretch', '30'],
  ['cool-down', 'calf stretch 30 sec each side', 'calf-stretch', '30'],
  ['cool-down', 'calves 20', 'calf-stretch', '20'],
  ['cool-down', 'hamstrings 20s', 'hamstring-stretch', '20'],
  ['cool-down', 'hamstring 30', 'hamstring-stretch', '30'],
  ['cool-down', 'side bends 3', 'side-stretch', '3'],
  ['cool-down', 'side stretch 2', 'side-stretch', '2'],
  ['cool-down', 'bamboo 3', 'side-stretch', '3'],
  ['cool-down', 'wash face 12', 'warm-hands-wash-face', '12'],
  ['cool-down', 'rub lower back 36', 'rub-the-lower-back', '36'],
  ['cool-down', 'kidneys 36', 'knock-the-kidneys', '36'],
  ['cool-down', 'comb hair 9', 'comb-the-hair', '9'],
  ['cool-down', 'heavenly drum 24', 'drum-the-ears', '24'],
  ['cool-down', 'drum the ears 24', 'drum-the-ears', '24'],
  ['cool-down', 'shake out 20s', 'shake-out', '20'],
  ['cool-down', 'shake it out 30 sec', 'shake-out', '30'],
  ['cool-down', 'shaking 2 min', 'shaking', '120'],
  ['closing', 'gather 3', 'gather-and-pour', '3'],
  ['closing', 'gather and pour 3', 'gather-and-pour', '3'],
  ['closing', 'stillness 12 breaths', 'stillness', '12'],
  ['closing', 'salute', 'salute', '1'],
  ['closing', 'belly breathing 12', 'belly-breathing', '12'],
  ['opening', 'belly breath 9', 'belly-breathing', '9'],
  ['opening', 'breathe 3', 'belly-breathing', '3'],
  ['opening', 'deep breaths 3', 'three-deep-breaths', '3'],
  ['opening', 'lower belly 6 breaths', 'belly-breathing', '6'],
  ['warm-up', 'arm swings 60', 'arm-swings', '60'],
  ['warm-up', 'swing arms 100', 'arm-swings', '100'],
  ['warm-up', 'swinging hands 300', 'arm-swings', '300'],
  ['warm-up', 'arm circles 4', 'single-arm-circles', '4'],
  ['warm-up', 'single arm circles 3', 'single-arm-circles', '3'],
  ['warm-up', 'shoulder rolls 6', 'shoulder-rolls', '6'],
  ['warm-up', 'roll shoulders 6', 'shoulder-rolls', '6'],
  ['warm-up', 'shoulders 6', 'shoulder-drops', '6'],
  ['warm-up', 'wrists 8', 'wrist-circles', '16 (8 circles are 16 beats)'],
  ['warm-up', 'wrist circles 8 each way', 'wrist-circles', '16 (8 circles are 16 beats)'],
  ['warm-up', 'circle the wrists 8', 'wrist-circles', '16 (8 circles are 16 beats)'],
  ['warm-up', 'elbows 4', 'elbow-circles', '4'],
  ['warm-up', 'fingers 20', 'finger-flicks', '24 (whole cycles: 24 beats)'],
  ['warm-up', 'flick fingers 24', 'finger-flicks', '24'],
  ['warm-up', 'hips 6', 'hip-circles', '6'],
  ['warm-up', 'hip circles 6 one way only', 'hip-circles', '6 one-way'],
  ['warm-up', 'figure eights 4', 'hip-eights', '4'],
  ['warm-up', 'waist turns 10', 'waist-turns', '10'],
  ['warm-up', 'loose turns 1 min', 'waist-turns', 'clock 60 (as many as fit into 1:00)'],
  ['warm-up', 'turn waist 20', 'waist-turns', '20'],
  ['warm-up', 'squats 5', 'small-squats', '5'],
  ['warm-up', 'small squats 5', 'small-squats', '5'],
  ['warm-up', 'test the depth 4', 'small-squats', '4'],
  ['warm-up', 'heel toe 6', 'heel-toe-rocks', '6'],
  ['warm-up', 'heels 8', 'heel-toe-rocks', '8'],
  ['warm-up', 'pat arms 16', 'pat-the-arms', '16'],
  ['warm-up', 'pat down the legs 16', 'knock-the-legs', '16'],
  ['warm-up', 'legs pat 16', 'knock-the-legs', '16'],
  ['warm-up', 'march 10', 'knee-lifts', '10'],
  ['warm-up', 'knees up 10', 'knee-lifts', '10'],
  ['warm-up', 'cat 5', 'standing-cat', '5'],
  ['warm-up', 'standing cat 5', 'standing-cat', '5'],
  ['warm-up', 'spine rolls 3', 'spine-rolls', '3'],
  ['warm-up', 'roll down the spine 3', 'spine-rolls', '3'],
  ['warm-up', 'hinge 3', 'hinge-and-rise', '3'],
  ['warm-up', 'trunk circles 3 each way', 'trunk-circles', '3'],
  ['warm-up', 'chin glides 5', 'chin-glides', '5'],
  ['warm-up', 'tortoise 5', 'chin-glides', '5'],
  ['main', 'slow walk 4', 'slow-walking', '4'],
  ['main', 'walk backwards 6', 'back-walking', '6'],
  ['main', 'repulse monkey 4', 'repulse-monkey', '4'],
  ['main', 'monkey 3', 'monkey-lifts', '3'],
  ['main', 'white crane 2', 'white-crane', '2'],
  ['main', 'crane 4', 'crane-wings', '4'],
  ['main', 'crane wings 6', 'crane-wings', '6'],
  ['main', 'golden rooster 3 each side', 'golden-rooster', '3'],
  ['main', 'stand on one leg 20s', 'one-leg-stand', 'clock 40 (0:20 a side, as many as fit into 0:40)'],
  ['main', 'one leg 2', 'one-leg-stand', '2'],
  ['main', 'tree 18 breaths', 'standing-post', '18'],
  ['main', 'embrace 5 min', 'standing-post', 'clock 300 (as many as fit into 5:00)'],
  ['main', 'zhanzhuang 10 min', 'standing-post', 'clock 600 (as many as fit into 10:00)'],
  ['main', 'zhan zhuang 10 minutes', 'standing-post', 'clock 600 (as many as fit into 10:00)'],
  ['main', 'post at the belly 2 min', 'post-belly', 'clock 120 (as many as fit into 2:00)'],
  ['main', 'post chest 12', 'post-chest', '12'],
  ['main', 'half a minute of standing post', 'standing-post', 'clock 30 (as many as fit into 0:30)'],
  ['main', 'standing post 3-5 min', 'standing-post', 'clock 240 (as many as fit into 4:00)'],
  ['main', 'standing post one and a half minutes', 'standing-post', 'clock 90 (as many as fit into 1:30)'],
  ['main', 'standing post 1:30', 'standing-post', 'clock 90 (as many as fit into 1:30)'],
  ['main', 'standing post 90s', 'standing-post', 'clock 90 (as many as fit into 1:30)'],
  ['main', 'single whip', 'single-whip', '2'],
  ['main', 'grasp sparrows tail 2', 'grasp-the-tail', '2'],
  ['main', "sparrow's tail left only", 'grasp-the-tail', '2 left-only'],
  ['main', 'part the mane 4', 'part-the-mane', '4'],
  ['main', 'wild horse 4', 'part-the-mane', '4'],
  ['main', 'brush knee 4 in all', 'brush-knee', '4'],
  ['main', 'brush knee 6 total', 'brush-knee', '6'],
  ['main', 'press palms 4 in your own time', 'press-the-palms', '4 own'],
  ['main', 'punch 4', 'punching-in-place', '4'],
  ['main', 'punch in place 6', 'punching-in-place', '6'],
  ['main', 'silk reeling 4', 'silk-reeling-one-hand', '4'],
  ['main', 'silk reeling one hand 4 right first', 'silk-reeling-one-hand', '4 right-first'],
  ['main', 'heel drops 7', 'heel-drops', '7'],
  ['main', 'seven shakes', 'heel-drops', '7'],
  ['main', 'heel kick 2', 'heel-kick', '2'],
  ['main', 'kick 2 left first', 'heel-kick', '2 left-first'],
  ['main', 'look behind 4', 'look-behind', '4'],
  ['main', 'owl 4', 'look-behind', '4'],
  ['main', 'sway the tail 4', 'sway-head-and-tail', '4'],
  ['main', 'tiger 3', 'tiger-lifts', '3'],
  ['main', 'bear 4', 'bear-sways', '4'],
  ['main', 'deer 4', 'deer-runs', '4'],
  ['main', 'rowing 4', 'rowing-the-boat', '4'],
  ['main', 'row the boat 6', 'rowing-the-boat', '6'],
  ['main', 'bounce ball 8', 'bouncing-the-ball', '8'],
  ['main', 'turning wheel 4', 'spinning-wheel', '4'],
  ['main', 'raise and sink 6', 'raise-and-sink', '6'],
  ['main', 'raise & sink 6', 'raise-and-sink', '6'],
  ['main', 'wring towel 6', 'wringing-the-towel', '6'],
  ['main', 'carry the ball 4', 'carrying-the-ball', '4'],
  ['main', 'moon 4', 'gaze-at-the-moon', '4'],
  ['main', 'scoop 4', 'scooping-the-spring', '4'],
  ['main', 'cloud hnds 4', 'cloud-hands', '4'],
  ['main', 'rubing the palms', 'rub-the-palms', '18'],
  ['main', 'lift the sky 6 freely', 'lift-the-sky', '6 own'],
  ['main', 'lift the sky for 2 minutes', 'lift-the-sky', 'clock 120 (as many as fit into 2:00)'],
  ['main', 'lift the sky 1m', 'lift-the-sky', 'clock 60 (as many as fit into 1:00)'],
  ['main', 'finger flicks 1 min', 'finger-flicks', 'clock 60 (as many as fit into 1:00)'],
  ['warm-up', 'shaking one and a half minutes', 'shaking', '90'],
  ['warm-up', 'shaking half a minute', 'shaking', '30'],
];
const repertoire = offeredRepertoire();
const { search } = repertoire;

/** How much of a line there is and how it is done, in short: "8 x3", "13 10..15", "clock 300", with a note in brackets. */
function said({ ends, count, range, rounds, sides, directions, ownBreath }: MovementItem, note: string): string {
  return [
    ends.by === 'clock' ? `clock ${ends.seconds}` : `${count}`,
    range ? `${range.least}..${range.most}` : '',
    rounds > 1 ? `x${rounds}` : '',
    sides === 'usual' ? '' : sides,
    directions === 'usual' ? '' : 'one-way',
    ownBreath ? 'own' : '',
    ends.by === 'instructor' ? 'open' : '',
    note === '' ? '' : `(${note})`,
  ]
    .filter(Boolean)
    .join(' ');
}

function understood(role: Role, text: string): readonly [what: string, amount: string] {
  const line = readLine(text);
  if (line.kind !== 'movement') {
    const or = line.orSeconds === null ? '' : ` or ${line.orSeconds}`;
    return [line.kind, `${line.seconds}${or} ${line.note}`.trim()];
  }
  const movement = firstOffer(role, text, repertoire)?.movement;
  if (!movement) return ['nothing', line.name];
  const readings = understand(movement, line).map(({ change, note, besides }) =>
    said({ ...newMovementItem('line', movement, role), ...change }, [note, besides].filter(Boolean).join('; ')),
  );
  return [movement.id, readings.join(' / ')];
}

test('a hundred and fifty lines and more are in the table', () => expect(TABLE.length).toBeGreaterThanOrEqual(150));

test.each(TABLE)('in the %s: %s', (role, text, what, amount) => expect(understood(role, text)).toEqual([what, amount]));

test('no unit is changed without a word about it', () => {
  for (const [role, text] of TABLE) {
    const line = readLine(text);
    if (line.kind !== 'movement' || !line.amount?.unit || line.amount.unit === 'times') continue;
    const [movement] = search(line.name, role);
    if (!movement || movement.count.unit === line.amount.unit) continue;
    expect([text, understand(movement, line).every(({ note }) => note !== '')]).toEqual([text, true]);
  }
});

describe('where nothing has all the words', () => {
  test.each([
    ['hold the post', 'standing-post', []],
    ['stand still', 'stillness', []],
    ['kidney wobble', 'knock-the-kidneys', ['wobble']],
  ] as const)('“%s” offers %s among the nearest, and says what it did not understand', (text, id, unmatched) => {
    expect(search(text)).toEqual([]);
    const found = search
      .nearest(text)
      .slice(0, 12)
      .find(({ thing }) => thing.id === id);
    expect(found?.unmatched.filter((word) => (unmatched as readonly string[]).includes(word))).toEqual(unmatched);
  });
  test('words of nothing find nothing', () => expect([search('xyzzy'), search.nearest('xyzzy')]).toEqual([[], []]));
});

test('small slips are put right', () => {
  for (const [text, id] of [
    ['clod hands', 'cloud-hands'],
    ['cloud hnds', 'cloud-hands'],
    ['rubing the palms', 'rub-the-palms'],
    ['sholder rolls', 'shoulder-rolls'],
  ])
    expect([text, search(text ?? '')[0]?.id]).toEqual([text, id]);
});
