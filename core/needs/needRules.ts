import type { Side } from '../body/written/side';
import { CAUTION_WORDS } from '../movement/schema/caution';
import type { LineAsks } from './lineAsks';
import { type Need, type NeedKind, needWords } from './need';

/** How a need is met: by another way of doing it, by something to hold, or by a word of the instructor's. */
type MetBy = 'way' | 'support' | 'word';

/** How a need meets what a line asks. */
interface NeedRule {
  readonly met: MetBy;
  /** The figure that is held against the limit. */
  readonly measure: (asks: LineAsks, side: Side | null) => number;
  /** More than this stands in the way; or less, where `under`. */
  readonly limit: number;
  readonly under?: boolean;
  /** What the figure is, and what it may be. */
  readonly why: (figure: number) => string;
  /** Why the limit is where it is. */
  readonly reason: string;
  /** The usual caution. */
  readonly caution: string;
  /** What to say as the line is done, for a need that is met by a word. */
  readonly say?: string;
}

const whole = (value: number): string => value.toFixed(0);
const NEVER = Number.POSITIVE_INFINITY;

/** A stance is high up to this knee bend (domain: sink), degrees. */
const HIGH_STANCE = 25;
/** The pelvis counts as turned over its foot from here on, as for the long turns, degrees. */
const TWIST = 15;
/** A hand as high as this above the shoulder joint is still at shoulder height, metres. */
const SHOULDER_HEIGHT = 0.05;
/** A soft fold, degrees of hinge and rounding together. Convention. */
const SOFT_FOLD = 30;
/** Coming up takes at least this long: as for a head that has hung low, seconds. */
const RISING = 4;
/** So long without a rest asks for one, for those who need pauses, seconds. Convention. */
const UNBROKEN = 120;
/** How far one may come and still have a chair or a wall within reach, metres: an arm and a little. Convention. */
export const WITHIN_REACH = 0.7;
/** So long somebody who sits for parts stands before a seat is offered, seconds. Convention. */
export const STANDS_FOR = 600;

/** Something within reach wherever little is stood on. */
const STEADY: NeedRule = {
  met: 'support',
  measure: ({ unsteadySeconds }) => unsteadySeconds,
  limit: 0,
  why: (figure) => `${whole(figure)} s on little, with nothing held`,
  reason: 'One leg, both heels raised, closed eyes, or balance asked for more than 0.4.',
  caution: CAUTION_WORDS.balance,
};

/** Every need that meets what a line asks, in one table. Those of place and touch, and sitting for parts, are not of a line. */
const NEED_RULES: Readonly<Partial<Record<NeedKind, NeedRule>>> = {
  'higher-stance': {
    met: 'way',
    measure: ({ kneeBend }) => kneeBend,
    limit: HIGH_STANCE,
    why: (figure) => `the knees bend to ${whole(figure)}°; ${HIGH_STANCE}° is a high stance`,
    reason: 'A high stance is up to 25 degrees of knee bend.',
    caution: CAUTION_WORDS.knees,
  },
  'no-twist': {
    met: 'way',
    measure: ({ twist }, side) => (side === null ? Math.max(twist.left, twist.right) : twist[side]),
    limit: TWIST,
    why: (figure) => `turns ${whole(figure)}° over a leg that bears the weight; ${TWIST}° are let pass`,
    reason: 'From 15 degrees inward the pelvis counts as turned over its foot.',
    caution: CAUTION_WORDS.knees,
  },
  'arm-low': {
    met: 'way',
    measure: ({ handHigh }, side) => (side === null ? Math.max(handHigh.left, handHigh.right) : handHigh[side]),
    limit: SHOULDER_HEIGHT,
    why: (figure) => `the arm comes ${whole(100 * figure)} cm above the shoulder`,
    reason: 'Up to 5 cm above the joint is still shoulder height.',
    caution: CAUTION_WORDS.shoulders,
  },
  'head-up': {
    met: 'way',
    measure: ({ headLowSeconds }) => headLowSeconds,
    limit: 0,
    why: (figure) => `the head is below the heart for ${whole(figure)} s`,
    reason: 'The head does not go below the heart at all.',
    caution: CAUTION_WORDS['head-low'],
  },
  'rise-slowly': {
    met: 'way',
    measure: ({ risesIn }) => risesIn ?? NEVER,
    limit: RISING,
    under: true,
    why: (figure) => `comes up within ${figure.toFixed(1)} s; ${RISING} s are the least`,
    reason: 'The same as for a head that has hung low.',
    caution: CAUTION_WORDS['head-low'],
  },
  'no-breath-holding': {
    met: 'word',
    measure: ({ retainedSeconds }) => retainedSeconds,
    limit: 0,
    why: (figure) => `the breath is stopped for ${figure.toFixed(1)} s`,
    reason: 'The breath is not stopped at all.',
    caution: CAUTION_WORDS['breath-holding'],
    say: 'breathe on through',
  },
  'soft-fold': {
    met: 'way',
    measure: ({ fold }) => fold,
    limit: SOFT_FOLD,
    why: (figure) => `folds forward by ${whole(figure)}°; ${SOFT_FOLD}° is a soft fold`,
    reason: 'Hinge and rounding together; 30 degrees is a bow.',
    caution: CAUTION_WORDS['low-back'],
  },
  'chair-near': STEADY,
  'wall-near': STEADY,
  'sits-throughout': {
    met: 'way',
    measure: ({ standingSeconds }) => standingSeconds,
    limit: 0,
    why: (figure) => `stands for ${whole(figure)} s`,
    reason: 'Nothing of it is stood.',
    caution: CAUTION_WORDS.general,
  },
  pauses: {
    met: 'word',
    measure: ({ unbrokenSeconds }) => unbrokenSeconds,
    limit: UNBROKEN,
    why: (figure) => `goes on for ${whole(figure)} s; ${UNBROKEN} s without a rest are let pass`,
    reason: 'Two minutes.',
    caution: CAUTION_WORDS.general,
    say: 'pause when you like',
  },
  'gentle-pressing': {
    met: 'word',
    measure: ({ pressingSeconds }) => pressingSeconds,
    limit: 0,
    why: (figure) => `presses or knocks for ${whole(figure)} s`,
    reason: 'Wherever hands press, knock or rub.',
    caution: CAUTION_WORDS['self-massage'],
    say: 'lightly, with the flat hand',
  },
};

/** Something a line asks that a need does not let it. */
export interface InTheWay {
  readonly need: Need;
  readonly met: MetBy;
  /** With its figures: "a higher stance: the knees bend to 40°; 25° is a high stance". */
  readonly why: string;
  readonly caution: string;
  readonly say: string | null;
}

/** What of some needs stands in the way of a line, with its figures. Nothing where nothing that is written down does. */
export function inTheWay(needs: readonly Need[], asks: LineAsks): InTheWay[] {
  return needs.flatMap((need) => {
    const rule = NEED_RULES[need.kind];
    if (!rule) return [];
    const side = 'side' in need && need.side !== 'both' ? need.side : null;
    const figure = rule.measure(asks, side);
    const isOver = rule.under ? figure < rule.limit : figure > rule.limit + 1e-9;
    if (!isOver) return [];
    const { met, why, caution, say = null } = rule;
    return [{ need, met, why: `${needWords(need)}: ${why(figure)}`, caution, say }];
  });
}

/** What a kind of need is held against, for whoever asks: the limit's reason and the usual caution; null where it is not of a line. */
export const needReason = (kind: NeedKind): { readonly reason: string; readonly caution: string } | null => {
  const rule = NEED_RULES[kind];
  return rule ? { reason: rule.reason, caution: rule.caution } : null;
};
