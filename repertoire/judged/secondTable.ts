import type { JudgedClass } from './classes';

/**
 * A second table of classes, written and judged by hand before the checks were changed once more: none of them was tried while the
 * checks were written that the first table judges. Where a danger has no code of its own yet, the code stands for it that it will have.
 */

const ARRIVE = 'talk 60 what has changed and what to stop for, quiet-standing 6, belly-breathing 6';
const WARM =
  'knee-lifts 20, shoulder-rolls 6, single-arm-circles 3, neck-turns 4, waist-turns 16, hip-circles 6, side-stretch 2, knee-circles 8, ankle-circles 8, small-squats 6, bow-rocking 4';
const WARM_GENTLE =
  'knee-lifts 16 (held), neck-turns 3, shoulder-rolls 6, elbow-folds 16, wrist-circles 8, waist-turns 12, hip-circles 4 (smaller), ankle-circles 6 (held), heel-toe-rocks 6';
const DOWN =
  'settling-walk 60, side-stretch 2, calf-stretch 20, chest-stretch 20, neck-tilts 15, rub-the-lower-back 24';
const DOWN_GENTLE = 'settling-walk 60, open-the-chest 4, calf-stretch 20 (held), neck-tilts 15, knead-the-hands 24';
const HOME = 'gather-and-pour 3, stillness 9, rub-the-palms 18';

/** Nothing grave is to be said of these. */
const SOUND: readonly JudgedClass[] = [
  {
    name: 'first evening of a term, for anybody',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'raise-and-sink 6 explained, rest 30, open-the-chest 6 explained, rest 30, parting-clouds 6 explained, rest 30, clouds-in-place 4 explained, rest 30, raise-and-sink 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'arms and breath after a long day',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'raise-and-sink 8, open-the-chest 8, rainbow-dance 4, rest 30, rolling-arms 6, carrying-the-ball 4, clouds-in-place 6, rest 30, gaze-at-the-moon 4',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'a short form learnt in pieces',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'commence 1 explained, part-the-mane 4 explained, rest 45, white-crane 2 explained, brush-knee 4, back-walking 4, rest 45, play-the-lute 2 explained, repulse-monkey 4, commence 1',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['drift'] }],
  },
  {
    name: 'standing, a little longer each time',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'raise-and-sink 6, post-belly 18, shake-out 30, post-belly 24, shake-out 30, standing-post 24, shake-out 30',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'balance with the chair at hand',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'heel-raises 8 (two-hands), knee-lifts 10 (held), rest 45, one-leg-stand 2 (two-hands), rest 45, empty-steps 8 (held), slow-walking 8, rest 45, one-leg-stand 2 (two-hands)',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'half an hour at noon, in work shoes',
    strength: 'steady',
    class: {
      opening: 'quiet-standing 4',
      warmUp: 'knee-lifts 16, shoulder-rolls 6, neck-turns 3, waist-turns 12, hip-circles 4, ankle-circles 6',
      main: 'raise-and-sink 6, pushing-waves 4, rest 20, clouds-in-place 6, punching-in-place 4, rest 20, parting-clouds 6',
      coolDown: 'settling-walk 40, calf-stretch 20, neck-tilts 15',
      closing: 'gather-and-pour 3, stillness 5',
    },
    wanted: [],
    allowed: [{ codes: ['section-share'] }],
  },
  {
    name: 'seated, with a partner on the other side of the room',
    strength: 'gentle',
    class: {
      opening: 'seated-stillness 6',
      warmUp: 'neck-turns 3 (seated), shoulder-rolls 6 (seated), wrist-circles 8, seated-spine-wave 4, seated-ankles 8',
      main: 'seated-raise-and-sink 6, rest 20, seated-clouds 6, seated-turns 4, rest 30, seated-pushes 6, seated-heel-raises 8, rest 30, seated-opening 6',
      coolDown: 'seated-side-bends 2, neck-tilts 15 (seated), knead-the-hands 24, rub-the-knees 16',
      closing: 'seated-stillness 9',
    },
    wanted: [],
  },
  {
    name: 'legs, for those who have come for years',
    strength: 'strong',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'horse-shifts 5, rest 40, bow-rocking 6, pushing-waves 6, rest 40, grasp-the-tail 2, rest 40, side-bow-shifts 5, rest 40, slow-walking 10',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'clouds, from the hands to the steps',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'clouds-in-place 6 explained, rest 30, waist-turns 12, clouds-in-place 6, rest 30, side-walking 6 explained, rest 30, cloud-hands 3 explained, rest 30, cloud-hands 3',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [],
  },
  {
    name: 'slow, before the holidays',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'raise-and-sink 6, pendulum-sway 10, rest 30, open-the-chest 6, dove-spreads 4 (higher), rest 30, three-deep-breaths 3, clouds-in-place 4',
      coolDown: DOWN_GENTLE,
      closing: 'gather-and-pour 3, stillness 9, hands-down-the-wall 3',
    },
    wanted: [],
    allowed: [{ codes: ['ends-moving'] }],
  },
];

/** In each of these something is planted that must be said. */
const PLANTED: readonly JudgedClass[] = [
  {
    name: 'swinging first',
    strength: 'steady',
    class: {
      warmUp: 'arm-swings 200, leg-swings 12, neck-turns 4, shoulder-rolls 6, hip-circles 6, ankle-circles 8',
      main: 'raise-and-sink 6, clouds-in-place 6, rest 30, parting-clouds 6',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['not-ready', 'strained', 'fast-cold'],
        of: 'arm-swings',
        why: 'two hundred swings with cold shoulders',
      },
      {
        codes: ['not-ready', 'support-missing', 'one-leg-free', 'fast-cold'],
        of: 'leg-swings',
        why: 'free swings of a cold leg',
      },
    ],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'ten minutes with the arms round',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'raise-and-sink 6, post-chest 60, small-squats 24, stillness 30',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['strained', 'arms-round-long'],
        of: 'post-chest',
        why: 'a gentle group holds the arms round for ten minutes',
      },
      { codes: ['dropping-fast', 'still-after-effort'], why: 'still for five minutes straight after two dozen squats' },
    ],
    allowed: [{ codes: ['strained'] }, { codes: ['not-ready'], of: 'small-squats' }],
  },
  {
    name: 'up on the toes with the hands up',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'raise-and-sink 6, lift-the-sky 6, rise-and-release 12, rest 30, heel-raises 20 (two-hands), parting-clouds 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['heels-free', 'support-missing', 'strained'],
        of: 'rise-and-release',
        why: 'heels up and arms overhead with nothing to hold, in a gentle group',
      },
    ],
    allowed: [{ codes: ['overhead-long', 'strained', 'not-ready'] }],
  },
  {
    name: 'out with a shout',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'raise-and-sink 6, horse-shifts 5, rest 30, punching-in-place 6, pushing-waves 6',
      closing: 'punch-with-wide-eyes 8',
    },
    wanted: [{ codes: ['ends-moving', 'cool-down-short'], why: 'the last thing they do is punch' }],
    allowed: [{ codes: ['strained', 'section-share'] }],
  },
  {
    name: 'grinding',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'raise-and-sink 6, hip-circles 24 v30, rest 20, knee-circles 64 v20, rest 20, pushing-waves 6',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      { codes: ['turning-long', 'strained'], of: 'hip-circles', why: 'hips ground over planted feet at a deep bend' },
      { codes: ['turning-long', 'strained'], of: 'knee-circles', why: 'bent knees turned for minutes' },
    ],
  },
  {
    name: 'up, and up again',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'lift-the-sky 16 x2, post-overhead 15, rest 20, parting-clouds 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      { codes: ['overhead-long', 'strained'], of: 'lift-the-sky', why: 'thirty-two times overhead without a rest' },
      {
        codes: ['overhead-long', 'strained'],
        of: 'post-overhead',
        why: 'and then the hands held up there for minutes',
      },
    ],
    allowed: [{ codes: ['not-ready'] }],
  },
  {
    name: 'head down, up at once',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'raise-and-sink 6, hands-down-the-legs 16, spine-rolls 10, rest 30, clouds-in-place 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['head-low-long', 'rising-fast'],
        of: 'hands-down-the-legs',
        why: 'the head below the heart sixteen times',
      },
      { codes: ['head-low-long', 'rising-fast', 'strained'], of: 'spine-rolls', why: 'and rolled down ten times more' },
    ],
    allowed: [{ codes: ['strained', 'not-ready'] }],
  },
  {
    name: 'low while it is cold',
    strength: 'gentle',
    class: {
      warmUp: 'neck-turns 4, shoulder-rolls 6, wrist-circles 8',
      main: 'snake-creeps-down 4, rest 20, sinking-sides 6, rest 20, clouds-in-place 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      { codes: ['not-ready'], of: 'snake-creeps-down', why: 'hips and knees are cold for the lowest stance there is' },
      { codes: ['strained', 'not-ready'], of: 'sinking-sides', why: 'and stay low after it, in a gentle group' },
    ],
    allowed: [{ codes: ['strained', 'not-ready'] }],
  },
  {
    name: 'three on one leg',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'one-leg-stand 4 (free), golden-rooster 6, crane-stands 5, rest 30, raise-and-sink 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      { codes: ['one-leg-free', 'one-leg-long', 'support-missing'], of: 'one-leg-stand', why: 'free on one leg' },
      { codes: ['one-leg-free', 'one-leg-long', 'support-missing'], of: 'golden-rooster', why: 'free, the knee high' },
      { codes: ['one-leg-free', 'one-leg-long', 'support-missing'], of: 'crane-stands', why: 'free, the arms wide' },
    ],
    allowed: [{ codes: ['strained', 'not-ready'] }],
  },
  {
    name: 'forty steps on, thirty back',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'brush-knee 40, rest 30, raise-and-sink 6, rest 30, back-walking 24 x2',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      { codes: ['drift'], of: 'brush-knee', why: 'the class walks into the wall' },
      { codes: ['drift', 'rows-back'], of: 'back-walking', why: 'rows step back into each other, unseen' },
    ],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'breath as a feat',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'raise-and-sink 6, open-the-chest 6, breathing-wide 9',
      coolDown: DOWN_GENTLE,
      closing: HOME,
      pace: 3,
      coolDownPace: 11,
    },
    wanted: [
      { codes: ['pace-outside'], why: 'three breaths a minute for people who are new to it' },
      { codes: ['cool-down-fast'], why: 'and nearly four times as fast to come down' },
    ],
    allowed: [{ codes: ['strained', 'overhead-long'] }],
  },
  {
    name: 'all to the left',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'pushing-waves 8 left, rest 20, bow-rocking 8 left, rest 20, dove-spreads 6 left, raise-and-sink 6',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [{ codes: ['sides-unequal'], why: 'twenty-two on the left, none on the right' }],
    allowed: [{ codes: ['strained'] }],
  },
  {
    name: 'nobody has seen it',
    strength: 'steady',
    unknown: ['fair-maiden', 'high-pat', 'twin-fists'],
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'commence 1, fair-maiden 4 quiet, high-pat 2 quiet, twin-fists 2 quiet, rest 30, raise-and-sink 6',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      { codes: ['not-taught'], of: 'fair-maiden', why: 'it is not shown, and nobody knows it' },
      { codes: ['not-taught'], of: 'high-pat', why: 'it is not shown, and nobody knows it' },
      { codes: ['not-taught'], of: 'twin-fists', why: 'it is not shown, and nobody knows it' },
    ],
    allowed: [{ codes: ['strained', 'not-ready', 'drift', 'sides-unequal'] }],
  },
  {
    name: 'out of the door at once',
    strength: 'strong',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'horse-shifts 8, rest 30, grasp-the-tail 4, rest 30, punch-with-wide-eyes 6, rest 30, horse-shifts 6',
    },
    wanted: [{ codes: ['cool-down-short', 'ends-moving'], why: 'nothing brings them down from the horse' }],
    allowed: [{ codes: ['strained', 'section-share', 'ends-moving'] }],
  },
  {
    name: 'no time to warm up',
    strength: 'steady',
    class: {
      main: 'lift-the-sky 12, small-squats 30, rest 30, clouds-in-place 6',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      { codes: ['not-ready'], of: 'lift-the-sky', why: 'cold shoulders are taken overhead' },
      { codes: ['not-ready', 'strained'], of: 'small-squats', why: 'cold knees are bent thirty times' },
    ],
    allowed: [{ codes: ['section-share', 'strained', 'not-ready', 'overhead-long'] }],
  },
  {
    name: 'stretched cold',
    strength: 'gentle',
    class: {
      warmUp:
        'hamstring-stretch 40, hip-opener 40, neck-turns 4, shoulder-rolls 6, waist-turns 12, ankle-circles 6 (held)',
      main: 'raise-and-sink 6, clouds-in-place 6, rest 30, parting-clouds 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      { codes: ['not-ready', 'stretch-cold'], of: 'hamstring-stretch', why: 'held long before anything is warm' },
      { codes: ['not-ready', 'stretch-cold', 'strained'], of: 'hip-opener', why: 'held long before anything is warm' },
    ],
    allowed: [{ codes: ['head-low-long', 'one-leg-free', 'strained'] }],
  },
  {
    name: 'bent and twisted',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'raise-and-sink 6, sway-head-and-tail 12, rest 30, clouds-in-place 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['fold-twisted', 'strained', 'head-low-long'],
        of: 'sway-head-and-tail',
        why: 'a loaded back is bent and turned two dozen times',
      },
    ],
    allowed: [{ codes: ['strained', 'not-ready', 'head-low-long'] }],
  },
  {
    name: 'a gentle group in the horse',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: `${WARM_GENTLE}, small-squats 5`,
      main: 'horse-shifts 20 (lower), punch-with-wide-eyes 16, rest 20, horse-shifts 12 (lower)',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      { codes: ['strained'], of: 'horse-shifts', why: 'minutes on end in the low horse' },
      { codes: ['strained'], of: 'punch-with-wide-eyes', why: 'and no rest before the punches' },
    ],
    allowed: [{ codes: ['strained', 'not-ready', 'second-lower'] }],
  },
  {
    name: 'kicks for everybody',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: 'neck-turns 3, shoulder-rolls 6, wrist-circles 8, elbow-folds 16',
      main: 'raise-and-sink 6, heel-kick 4, rest 20, three-kicks 3, rest 20, clouds-in-place 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      { codes: ['not-ready'], of: 'heel-kick', why: 'hips and ankles are cold' },
      { codes: ['not-ready', 'one-leg-free', 'one-leg-long'], of: 'three-kicks', why: 'hips and ankles are cold' },
      {
        codes: ['one-leg-free', 'one-leg-long', 'support-missing'],
        of: 'heel-kick',
        why: 'free on one leg, the other high',
      },
    ],
    allowed: [{ codes: ['strained', 'not-ready', 'one-leg-free', 'one-leg-long'] }],
  },
  {
    name: 'the neck first',
    strength: 'gentle',
    class: {
      warmUp: 'half-neck-rolls 20, shoulder-rolls 6, waist-turns 12, hip-circles 4 (smaller), ankle-circles 6 (held)',
      main: 'raise-and-sink 6, clouds-in-place 6, rest 30, parting-clouds 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['not-ready', 'head-back', 'strained'],
        of: 'half-neck-rolls',
        why: 'a cold neck is rolled twenty times',
      },
    ],
  },
  {
    name: 'dropping on the heels',
    strength: 'gentle',
    class: {
      opening: ARRIVE,
      warmUp: WARM_GENTLE,
      main: 'raise-and-sink 6, heel-drops 36, rest 30, clouds-in-place 6',
      coolDown: DOWN_GENTLE,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['heels-free', 'strained', 'support-missing'],
        of: 'heel-drops',
        why: 'dropped on the heels three dozen times, free',
      },
    ],
    allowed: [{ codes: ['heels-free', 'strained'] }],
  },
  {
    name: 'a ladder of posts',
    strength: 'steady',
    class: {
      opening: ARRIVE,
      warmUp: WARM,
      main: 'raise-and-sink 6, post-ladder 72, post-overhead 12',
      coolDown: DOWN,
      closing: HOME,
    },
    wanted: [
      {
        codes: ['strained', 'arms-round-long', 'overhead-long'],
        of: 'post-ladder',
        why: 'twelve minutes with the arms up',
      },
      {
        codes: ['overhead-long', 'strained'],
        of: 'post-overhead',
        why: 'and then two minutes with the hands over the head',
      },
    ],
    allowed: [{ codes: ['strained', 'overhead-long'] }],
  },
];

export const SECOND_TABLE: readonly JudgedClass[] = [...SOUND, ...PLANTED];
