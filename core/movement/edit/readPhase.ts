import { ArmShape } from '../../body/written/armShape';
import { Contact } from '../../body/written/contact';
import type { PostureChange } from '../../body/written/posture';
import type { Side } from '../../body/written/side';
import { STANCES, StanceName } from '../../body/written/stance';
import { spaced } from '../../words/spaced';
import type { Breath, Phase } from '../schema/phase';
import { joinChanges } from './editMovement';
import { readPhrases } from './phasePhrases';

/** What was written for one phase, as it was understood. */
export interface WrittenPhase {
  readonly phase: Phase;
  /** Words nothing could be made of. */
  readonly unknown: readonly string[];
}

interface Reading {
  left: string;
  readonly to: PostureChange;
}

/** Longest first, so that "sat back bow" is not read as "bow". */
const byLength = <Name extends string>(names: readonly Name[]): readonly Name[] =>
  names.toSorted((a, b) => b.length - a.length);
const STANCE_WORDS = byLength(StanceName.options);
const ARM_WORDS = byLength(ArmShape.options);

/** Takes what a pattern matches out of what is left to read. */
function take(reading: Reading, pattern: RegExp): RegExpExecArray | null {
  const match = pattern.exec(reading.left);
  if (match)
    reading.left = `${reading.left.slice(0, match.index)} ${reading.left.slice(match.index + match[0].length)}`;
  return match;
}

const sideOf = (word: string | undefined): Side | undefined => (word === 'left' || word === 'right' ? word : undefined);
/** Degrees to a side: left is negative. */
const towards = (match: RegExpExecArray | null): number | undefined => {
  if (!match) return undefined;
  const degrees = Number(match[2] ?? 0);
  return match[1] === 'left' ? -degrees : degrees;
};

function readBreath(reading: Reading): Breath {
  const match = take(reading, /^\s*(breathe )?(in|out|free|pause full|pause empty|pause)\b/);
  switch (match?.[2]) {
    case 'in':
    case 'out':
      return match[2];
    case 'pause':
    case 'pause full':
      return 'retained-full';
    case 'pause empty':
      return 'retained-empty';
    default:
      return 'natural';
  }
}

function readLength(reading: Reading, breath: Breath): Phase['length'] {
  const beats = take(reading, /\b(\d+) beats?(?: at (\d+))?/);
  if (beats) return { kind: 'beats', beats: Number(beats[1]), tempo: Number(beats[2] ?? 60) };
  const seconds = take(reading, /\b(\d+(?:\.\d+)?) ?(?:s|sec|seconds?)\b/);
  if (seconds) return { kind: 'seconds', seconds: Number(seconds[1]) };
  const breaths = take(reading, /\b(\d+) breaths?\b/);
  if (breath === 'natural') return { kind: 'breaths', breaths: Number(breaths?.[1] ?? 1) };
  const share = take(reading, /\b(\d+) ?%/);
  if (breath === 'in' || breath === 'out') return { kind: 'span', share: share ? Number(share[1]) / 100 : 1 };
  return { kind: 'seconds', seconds: 2 };
}

function readStance(reading: Reading): void {
  for (const name of STANCE_WORDS) {
    const match = take(
      reading,
      // Closed eyes are no closed feet.
      new RegExp(`(?<!\\beyes? )\\b(?:(left|right) )?${spaced(name)}(?: stance)?(?: (left|right))?(?![a-z])`),
    );
    if (!match) continue;
    reading.to.stance = name;
    const side = sideOf(match[1] ?? match[2]);
    if (STANCES[name].sideNames !== null) reading.to.side = side ?? 'left';
    return;
  }
}

function readArms(reading: Reading): void {
  for (const name of ARM_WORDS) {
    const match = take(reading, new RegExp(`\\b${spaced(name)}(?: (left|right))?(?![a-z])`));
    if (!match) continue;
    reading.to.arms = name;
    const side = sideOf(match[1]);
    if (side) reading.to.armSide = side;
    return;
  }
}

function readWeight(reading: Reading): void {
  const both = take(reading, /\b(\d{1,3}) ?\/ ?(\d{1,3})\b/);
  if (both && Number(both[1]) + Number(both[2]) === 100)
    reading.to.load = { left: Number(both[1]), right: Number(both[2]), seat: 0 };
  const one = take(reading, /\bweight (left|right|middle)(?: (\d{1,3}))?/);
  if (!one) return;
  const share = one[1] === 'middle' ? 50 : Math.min(100, Number(one[2] ?? 100));
  reading.to.load =
    one[1] === 'right' ? { left: 100 - share, right: share, seat: 0 } : { left: share, right: 100 - share, seat: 0 };
}

/** "right foot 45" turns it, "left foot heel" says how it touches. */
function readFeet(reading: Reading): void {
  for (;;) {
    const match = take(reading, /\b(left|right) foot (-?\d+|sole|heel|ball|edge|off)\b/);
    const side = sideOf(match?.[1]);
    if (!match || !side) return;
    const word = match[2] ?? '';
    const contact = Contact.safeParse(word);
    const change = contact.success ? { contact: contact.data } : { angle: Number(word) };
    reading.to.feet = { ...reading.to.feet, [side]: { ...reading.to.feet?.[side], ...change } };
  }
}

/**
 * Reads a phase the way it would be written on paper: breath, stance and side, weight, knees, arms, and after a colon what
 * is said. `readPhase('in bow left 30/70 knees 40 palms at chest: Sit back')`; also `out 40%`, `free 3 breaths`,
 * `8 beats at 60`, `5 s`, `turn left 20`, `look right 40`, `face 90`, `hinge 30`, `lean left 15`, `weight left 80`,
 * `right foot 45`, `left foot heel`, and the plain phrases of phasePhrases: `eyes closed`, `heels up`, `round 30`, `left fist`.
 */
export function readPhase(text: string): WrittenPhase {
  const [before = '', ...after] = text.split(':');
  const reading: Reading = { left: before.toLowerCase().replace(/\s+/g, ' '), to: {} };
  const call = after.join(':').trim();
  const breath = readBreath(reading);
  const length = readLength(reading, breath);
  const { to } = reading;
  const turn = towards(take(reading, /\bturn (left|right)? ?(-?\d+)/));
  const look = towards(take(reading, /\blook (left|right)? ?(-?\d+)/));
  const lean = towards(take(reading, /\blean (left|right)? ?(-?\d+)/));
  const hinge = take(reading, /\b(?:hinge|bow forward) (\d+)/);
  const face = take(reading, /\bface (-?\d+)/);
  const knees = take(reading, /\b(?:knees|sink) (\d+)/);
  readFeet(reading);
  readArms(reading);
  readStance(reading);
  readWeight(reading);
  if (turn !== undefined) to.turn = turn;
  if (look !== undefined) to.head = { turn: look };
  if (hinge || lean !== undefined)
    to.spine = { ...(hinge ? { hinge: Number(hinge[1]) } : {}), ...(lean === undefined ? {} : { bend: lean }) };
  if (face) to.heading = Number(face[1]);
  if (knees) to.sink = Number(knees[1]);
  // Numbers, stances and arm shapes go first: "round" in "overhead round" is not a rounded back.
  const phrases = readPhrases(reading.left);
  const unknown = phrases.left.split(/[\s,]+/).filter(Boolean);
  const phase: Phase = {
    breath,
    length,
    // What was written with a number stands over what a phrase says of the same.
    to: joinChanges(phrases.to, to),
    windows: {},
    handPath: 'front',
    overlays: [],
    call: call || 'Move',
    ...(phrases.manner ? { manner: phrases.manner } : {}),
  };
  return { phase, unknown };
}
