import { clamp } from 'remeda';
import type { Movement, Role } from '../../movement/schema/movement';
import type { Pace } from '../../timing/pace';
import { BY_COUNT } from './line/lineEnds';
import { USUALLY } from './line/lineWords';
import type { Item, Manner, MovementItem, Section } from './session';

/** The breath pace a section starts from, breaths per minute easing over seconds of the plan. Conventions. */
const USUAL_PACE: Readonly<Record<Role, Pace>> = {
  opening: { from: 8, to: 7, easing: 120 },
  'warm-up': { from: 8, to: 8, easing: 0 },
  main: { from: 7, to: 6, easing: 900 },
  'cool-down': { from: 6, to: 5, easing: 240 },
  closing: { from: 5, to: 5, easing: 0 },
};

const USUAL_MANNER: Readonly<Record<Role, Manner>> = {
  opening: 'quiet',
  'warm-up': 'follow-along',
  main: 'named',
  'cool-down': 'follow-along',
  closing: 'follow-along',
};

/** The order in which a class goes through its sections. */
export const SECTION_ORDER: readonly Role[] = ['opening', 'warm-up', 'main', 'cool-down', 'closing'];

/** The five empty sections of a new class, with their usual paces. */
export const emptySections = (): Section[] =>
  SECTION_ORDER.map((kind) => ({ kind, pace: USUAL_PACE[kind], items: [], blocks: [], settle: null }));

/** A movement as a new line of a section: its usual count, led the way that section is usually led. */
export const newMovementItem = (id: string, movement: Movement, section: Role, count?: number): MovementItem => ({
  kind: 'movement',
  id,
  movementId: movement.id,
  count: count ?? movement.count.usual,
  rounds: 1,
  roundRest: 0,
  sides: 'usual',
  directions: 'usual',
  manner: USUAL_MANNER[section],
  ends: BY_COUNT,
  range: null,
  settle: { kind: 'none' },
  variant: null,
  offers: [],
  layer: null,
  breathing: null,
  schools: {},
  pace: null,
  ownBreath: false,
  pinned: false,
  optional: false,
  lower: 0,
  ramp: null,
  bridge: null,
  facing: 0,
  depth: null,
  meanwhile: '',
  cues: [],
  focuses: [],
  stands: USUALLY,
  tags: [],
  block: null,
  inRounds: 'every',
  note: '',
  script: '',
  origin: null,
});

/** A rest, a talk or a line that keeps the clock, as a new line. */
export const newPause = (kind: 'rest' | 'talk' | 'clock', id: string, seconds: number, note = ''): Item => ({
  kind,
  id,
  seconds,
  note,
  script: '',
  origin: null,
  block: null,
  inRounds: 'every',
});

/** The next count up (1) or down (-1) by the movement's own step, kept within its least and most. */
export function steppedCount(movement: Movement, count: number, direction: 1 | -1): number {
  const { least, most, step } = movement.count;
  return clamp(count + direction * step, { min: least, max: most });
}
