import type { STRENGTHS } from '../../core/demand/ceilings';
import type { WrittenClass } from './readClass';

/**
 * Classes judged by hand before the checks that judge them were changed: what an instructor who has led them would want said, and of
 * which movement. A finding of the two graver kinds that is not wanted here is a false alarm; one that is wanted and not said is missed.
 */
export interface JudgedClass {
  readonly name: string;
  readonly strength: (typeof STRENGTHS)[number];
  /** What is known to the group, base ids; everything where it is left out. */
  readonly unknown?: readonly string[];
  readonly class: WrittenClass;
  /** What must be said as a stop or a warning: one of these codes, about this movement where one is named, and why. */
  readonly wanted: readonly Wanted[];
  /** What may be said and need not: near a limit, or a matter of taste. */
  readonly allowed?: readonly Omit<Wanted, 'why'>[];
}

export interface Wanted {
  readonly codes: readonly string[];
  readonly of?: string;
  readonly why: string;
}

const FULL =
  'neck-turns 4, shoulder-rolls 6, single-arm-circles 3, wrist-circles 8, waist-turns 16, hip-circles 6, side-stretch 3, knee-circles 8, ankle-circles 8, small-squats 5, bow-rocking 4';
const SHORT =
  'shoulder-rolls 6, neck-tilts 15, waist-turns 12, hip-circles 4, knee-circles 8, ankle-circles 8, small-squats 4';
const EASY =
  'neck-turns 3, shoulder-rolls 6, elbow-circles 4, wrist-circles 8, waist-turns 12, standing-cat 4, ankle-circles 8';
const ARRIVE = 'quiet-standing 6, belly-breathing 9';
const DOWN = 'open-the-chest 6, neck-tilts 15, side-stretch 2, rub-the-lower-back 36, warm-hands-wash-face 12';
const HOME = 'gather-and-pour 3, stillness 9';

/** Well-made classes: nothing grave is to be said of them. */
const CLEAN: readonly JudgedClass[] = [
  {
    name: 'on chairs, forty minutes',
    strength: 'gentle',
    class: {
      opening: 'seated-stillness 9',
      warmUp:
        'neck-turns 3, shoulder-rolls 6, elbow-folds 16, wrist-circles 8, seated-turns 4, seated-spine-wave 4, seated-ankles 8',
      main: 'seated-raise-and-sink 6, seated-opening 6, seated-clouds 4, rest 30, seated-bow-draw 4, seated-pushes 4, rest 30, seated-sky-lift 5, seated-knee-lifts 8',
      coolDown: 'seated-side-bends 3, neck-tilts 15, knead-the-hands 24, rub-the-knees 16',
      closing: 'seated-stillness 12',
    },
    wanted: [],
  },
  {
    name: 'joints and rubbing, for those who come for the first time',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: EASY,
      main: 'elbow-circles 4, wringing-the-towel 6, hip-circles 6, knee-circles 8, ankle-circles 8, rest 30, pat-the-arms 16, pat-the-chest 24, knock-the-legs 16',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'the eight pieces, settled after each',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'lift-the-sky 8 s15, draw-the-bow 4 s15, one-hand-up 4 s15, look-behind 4 s15, sway-head-and-tail 4 s15, hands-down-the-legs 4 s15, punch-with-wide-eyes 4 s15, heel-drops 7 s15',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['strained'] }, { codes: ['head-low-long'], of: 'hands-down-the-legs' }],
  },
  {
    name: 'eighteen pieces, four of each, one after the other',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 4 named, open-the-chest 4 named, rainbow-dance 2 named, parting-clouds 4 named, rolling-arms 4 named, rowing-the-boat 4 named, carrying-the-ball 2 named, gaze-at-the-moon 2 named, turning-palms 2 named, clouds-in-place 4 named, scooping-the-spring 4 named, pushing-waves 2 named, dove-spreads 2 named, punching-in-place 4 named, wild-goose-flies 4 named, spinning-wheel 2 named, bouncing-the-ball 4 named, press-the-palms 4 named',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'the play of the animals',
    strength: 'strong',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'tiger-lifts 4, tiger-pounces 3, rest 30, deer-antlers 4, deer-runs 4, rest 30, bear-turns-the-belly 3, bear-sways 4, rest 30, monkey-lifts 3, monkey-picks-fruit 3, rest 30, crane-wings 6, crane-stands 3',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['head-low-long'], of: 'tiger-pounces' }],
  },
  {
    name: 'a quarter of an hour of standing',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 6, standing-post 48, shake-out 30, post-belly 24, rest 20, post-solar-plexus 15',
      coolDown: `shaking 60, ${DOWN}`,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['strained'], of: 'standing-post' }],
  },
  {
    name: 'walking and clouds',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 6 s10, empty-steps 8, slow-walking 4 s10, rest 30, cloud-hands 3 x3 r20 s10, rest 30, brush-knee 4 s10, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'the postures of a form, singly, for a seasoned group',
    strength: 'strong',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 6 s10, part-the-mane 4 s10, white-crane 2 s10, brush-knee 4 s10, play-the-lute 2 s10, repulse-monkey 4 s10, rest 40, grasp-the-tail 2 s10, single-whip 2 s10, cloud-hands 3 s10, rest 40, golden-rooster 2 s10, cross-hands 2',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'twenty minutes in work boots',
    strength: 'steady',
    class: {
      opening: 'quiet-standing 6',
      warmUp: 'arm-swings 60, shoulder-rolls 4, neck-turns 3, waist-turns 12, knee-circles 8, small-squats 4 s5',
      main: 'lift-the-sky 6 follow-along, pushing-waves 4 follow-along, parting-clouds 6 follow-along, one-hand-up 4 follow-along, horse-shifts 4 follow-along',
      coolDown: 'raise-and-sink 6, calf-stretch 20, neck-tilts 15, pat-the-arms 16',
      closing: 'gather-and-pour 3, stillness 6',
    },
    wanted: [],
  },
  {
    name: 'breath and quiet',
    strength: 'gentle',
    class: {
      opening: 'quiet-standing 9, belly-breathing 12',
      warmUp: EASY,
      main: 'raise-and-sink 6 s10, rest 30, open-the-chest 5 s10, rest 30, clouds-in-place 4 s10, rest 30, look-behind 3 s10, rest 30, press-the-palms 4 s10',
      coolDown: 'side-stretch 2, neck-tilts 15, circle-the-belly 9, warm-hands-wash-face 12',
      closing: 'gather-and-pour 3, stillness 15',
    },
    wanted: [],
  },
  {
    name: 'shoulders, kindly',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: `${EASY}, shoulder-drops 4, chest-stretch 20`,
      main: 'raise-and-sink 6 s10, rest 30, rolling-arms 6 s10, rest 30, open-the-chest 6 s10, rest 40, draw-the-bow 3 s10, rest 40, crane-wings 5 s10',
      coolDown: `shoulder-stretch 15, ${DOWN}`,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'hands of iron and silk',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'fist-squeezes 8 s10, turning-fists 6 s10, rest 30, claw-press 8 s10, pointing-push 6 s10, rest 30, wringing-the-towel 6 s10, finger-flicks 24',
      coolDown: `wrist-stretch 20, ${DOWN}`,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'silk reeling',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: `${FULL}, side-bow-shifts 4`,
      main: 'raise-and-sink 6 s10, silk-reeling-one-hand 4 s15, rest 40, silk-reeling-two-hands 4 s15, rest 40, cloud-hands 3 s10',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'balance beside a chair',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: `${EASY}, knee-circles 8, small-squats 4`,
      main: 'heel-raises 6 s10, rest 30, one-leg-stand 2 s10, rest 30, heel-toe-rocks 6, tandem-stand 3 s10, rest 30, raise-and-sink 5',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['one-leg-long'], of: 'one-leg-stand' }],
  },
  {
    name: 'four pieces on a Saturday morning',
    strength: 'steady',
    class: {
      opening: 'quiet-standing 6',
      warmUp: SHORT,
      main: 'lift-the-sky 8 s15, draw-the-bow 4 s15, pushing-waves 6 s15, gaze-at-the-moon 4 s15, heel-drops 7 s10',
      coolDown: 'open-the-chest 5, side-stretch 2, neck-tilts 15, rub-the-lower-back 36',
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'swings and shakes, an evening to let go',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: SHORT,
      main: 'arm-swings 100 s10, waist-turns 20 s10, waist-drum 40 s10, bouncing-the-ball 8 s10, shaking 120 s20, raise-and-sink 6',
      coolDown: `spine-rolls 3, ${DOWN}`,
      closing: 'stillness 15',
    },
    wanted: [],
    allowed: [{ codes: ['head-low-long', 'rising-fast'], of: 'spine-rolls' }],
  },
];

/** The bow of the long warm-up is written at 38 degrees of bend: for a gentle group that is worth a word, which was not thought of. */
const BOW = { codes: ['strained'], of: 'bow-rocking' } as const;

/** Classes with something in them that an instructor would want to hear about. */
const PLANTED: readonly JudgedClass[] = [
  {
    name: 'hands above the brow, twice eighteen breaths',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 6 s10, post-overhead 18 x2 r15, rest 30, press-the-palms 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['overhead-long', 'strained'],
        of: 'post-overhead',
        why: 'three minutes with the hands over the head, with a breath of rest between',
      },
    ],
  },
  {
    name: 'a whole evening of reaching up',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'lift-the-sky 16, one-hand-up 8, rainbow-dance 8, lift-the-sky 16, scooping-the-spring 8',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['overhead-long', 'strained'],
        why: 'a gentle group lifts its arms for a quarter of an hour without a pause',
      },
    ],
  },
  {
    name: 'hanging down, again and again',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'hands-down-the-legs 8, spine-rolls 5, hands-down-the-legs 8, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      { codes: ['head-low-long', 'rising-fast'], why: 'the head below the heart for minutes, in a gentle group' },
      // Said of the roll in the same passage, which hangs deeper.
      {
        codes: ['strained'],
        why: 'the low back carries the trunk bent forward all that time',
      },
    ],
    allowed: [BOW],
  },
  {
    name: 'straight into the low stances',
    strength: 'steady',
    class: {
      opening: 'quiet-standing 6',
      warmUp: 'neck-turns 3, wrist-circles 8',
      main: 'side-bow-shifts 10, horse-shifts 8, bow-rocking 8, snake-creeps-down 2',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['not-ready'], why: 'cold hips, thighs and knees are taken low at once' }],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'no warm-up at all',
    strength: 'gentle',
    class: {
      opening: 'quiet-standing 6',
      main: 'lift-the-sky 8, draw-the-bow 4, horse-shifts 5, golden-rooster 2, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['not-ready', 'section-share'], why: 'shoulders, hips and ankles are asked for cold' }],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'low for too long',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'horse-shifts 12 x2 r10, side-bow-shifts 20, bow-rocking 12, pushing-waves 12',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['strained'], why: 'twenty minutes in deep stances, for a gentle group' }],
  },
  {
    name: 'the five horses',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'turning-fists 12 x3 r10, punching-in-place 12 x3 r10, pointing-push 12 x3 r10',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['strained'], why: 'a quarter of an hour in the horse stance with no rest to speak of' }],
  },
  {
    name: 'on one leg, free and long',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 5 s10, golden-rooster 6, crane-stands 6, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['one-leg-long', 'one-leg-free'],
        why: 'a gentle group on one leg again and again with nothing to hold on to',
      },
    ],
    allowed: [BOW, { codes: ['strained'] }],
  },
  {
    name: 'heel drops without a hand on anything',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 6 s10, heel-drops 14 x2 r20, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['heels-free', 'strained'],
        of: 'heel-drops',
        why: 'raised heels on closed feet, free, in a gentle group',
      },
    ],
    allowed: [BOW],
  },
  {
    name: 'the cool-down was cut',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'lift-the-sky 8 s10, draw-the-bow 6 s10, pushing-waves 8 s10, cloud-hands 3 x3 r20 s10, brush-knee 6 s10, punch-with-wide-eyes 6',
      closing: 'salute 1',
    },
    wanted: [{ codes: ['cool-down-short'], why: 'nothing brings the class down' }],
    allowed: [{ codes: ['ends-moving', 'section-share', 'strained'] }],
  },
  {
    name: 'the end is the quickest',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'lift-the-sky 8 s10, draw-the-bow 4 s10, pushing-waves 6 s10, cloud-hands 3 s10',
      coolDown: 'shaking 120, arm-swings 100, raise-and-sink 8, neck-tilts 15',
      coolDownPace: 9,
      closing: 'stillness 6',
    },
    wanted: [{ codes: ['cool-down-fast'], why: 'the breath quickens where it should slow down' }],
  },
  {
    name: 'one side only',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'lift-the-sky 6 s10, draw-the-bow 6 left s10, gaze-at-the-moon 6 left s10, pushing-waves 6 s10',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['sides-unequal'], why: 'two pieces on the left, none on the right' }],
  },
  {
    name: 'backwards to the wall',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 6 s10, back-walking 20, repulse-monkey 8, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['drift'], why: 'the class walks backwards for many metres and nothing brings it back' }],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'breath as slow as the teacher’s own',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'lift-the-sky 6 s10, open-the-chest 6 s10, raise-and-sink 6',
      pace: 3,
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['pace-outside'], why: 'three breaths a minute for people who come to learn to breathe' }],
    allowed: [{ codes: ['strained', 'overhead-long'] }],
  },
  {
    name: 'a low form nobody has been taught',
    strength: 'steady',
    unknown: ['snake-creeps-down', 'needle-at-the-bottom'],
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'raise-and-sink 6 s10, brush-knee 4 s10, needle-at-the-bottom 2 follow-along s10, snake-creeps-down 2 follow-along s10, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      { codes: ['not-taught'], of: 'snake-creeps-down', why: 'nobody has seen it' },
      { codes: ['not-taught'], of: 'needle-at-the-bottom', why: 'nobody has seen it' },
    ],
    allowed: [{ codes: ['not-ready', 'strained'] }],
  },
  {
    name: 'turning on the spot for a quarter of an hour',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'waist-turns 30 x4 r5, waist-drum 80 x2 r5, turning-palms 8, gaze-at-the-moon 8',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      { codes: ['turning-long', 'strained', 'footwork'], why: 'the knees take the turn of feet that stay planted' },
    ],
  },
  {
    name: 'a quick drop into the hanging fold',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: FULL,
      main: 'open-the-chest 6 s10, spine-rolls 4 p18, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      {
        // Hanging for seventeen seconds in all is part of it.
        codes: ['rising-fast', 'drops-fast', 'pace-outside', 'head-low-long'],
        of: 'spine-rolls',
        why: 'down and up again within a few seconds',
      },
    ],
    allowed: [BOW],
  },
  {
    name: 'kicks first, knees later',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: 'neck-turns 3, shoulder-rolls 4',
      main: 'heel-kick 4, golden-rooster 3, side-walking 4, raise-and-sink 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['not-ready'], why: 'hips and ankles are cold for kicks' }],
    allowed: [{ codes: ['one-leg-long', 'one-leg-free', 'strained'] }],
  },
];

export const JUDGED: readonly JudgedClass[] = [...CLEAN, ...PLANTED];
