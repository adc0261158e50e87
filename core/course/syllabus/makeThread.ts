import { USUAL_SCHOOLS } from '../../movement/adapt/schools';
import type { Form } from '../../movement/schema/form';
import { type FindMovement, type Movement, usualName } from '../../movement/schema/movement';
import { formLines } from '../../session/edit/formLines';
import { newMovementItem } from '../../session/plan/defaults';
import type { MovementItem } from '../../session/plan/session';
import {
  type CourseThread,
  type IntroSize,
  SIZE_MINUTES,
  type ThreadKind,
  type ThreadLayer,
  type Wish,
} from '../schema/thread';
import { topicKind } from '../schema/topicKinds';
import { planMinutes, secondsOfLines } from './lineMinutes';

/** What an instructor says of a thread; everything else is filled in, and can be changed. */
export interface ThreadAsked {
  readonly kind: ThreadKind;
  readonly wish: Wish;
  readonly size: IntroSize;
  /** Comes back at least every so many classes. */
  readonly every?: number;
  /** From so many minutes to so many, by amount. */
  readonly from?: number;
  readonly to?: number;
}

/** Later layers take this share of the first one's minutes: the shape is there. */
const LATER = 0.75;
/** A place of a form is shown in so many minutes, by its size. */
const PLACE_MINUTES = { S: 2.5, M: 3, L: 4 } as const;
/** A form is run so often where it is practised. */
const RUNS = 2;
/**
 * What a layer counts as new: steps all, a first shape three quarters, turn and weight less, the breath least; a movement without layers as
 * much as one that is hard. In a form a place counts half, one that comes again, or is looked at
 * in a set that is followed whole, a quarter.
 */
const WEIGHT = {
  steps: 1,
  shape: 0.75,
  turn: 0.25,
  turnWithSteps: 0.5,
  breath: 0.25,
  whole: 0.75,
  place: 0.5,
  again: 0.25,
  look: 0.25,
};
/** What is for the seasoned counts so much more. */
const HARDER = 1.5;
/** A settled moment after each practice, seconds. */
const SETTLED = 10;
/** Looked at closely in a set that is followed whole: so many places in a class. */
const LOOKED_AT = 3;
const LOOK_MINUTES = 4;
const TRIMMED = 0.8;

/** A principle is said once, for a minute or so. */
const PRINCIPLE_MINUTES = 1.5;

const halves = (minutes: number): number => Math.round(minutes * 2) / 2;

const lineOf = (movement: Movement, more: Partial<MovementItem>): MovementItem => ({
  ...newMovementItem('line', movement, 'main'),
  ...more,
});

/** What a layer of a movement counts as new, by what it adds. */
function weightOf({ layers }: Movement, place: number): number {
  const layer = layers[place];
  if (!layer) return WEIGHT.whole;
  const before = new Set(layers.slice(0, place).flatMap(({ keeps }) => keeps));
  const adds = layer.keeps.filter((one) => !before.has(one));
  if (place === 0) return WEIGHT.shape;
  // A stance that comes with waist and weight is no stepping.
  if (adds.includes('steps') && !adds.includes('turn')) return WEIGHT.steps;
  if (adds.includes('breath')) return WEIGHT.breath;
  const steps = layers.some(({ keeps }) => keeps.includes('steps'));
  return steps ? WEIGHT.turnWithSteps : WEIGHT.turn;
}

/** A movement as a thread of a course: in stages where it was asked for whole. */
export function movementThread(movement: Movement, asked: ThreadAsked, find: FindMovement): CourseThread {
  const { isByMinutes, isKept, isFollowedWhole, usualEvery } = topicKind(asked);
  const { wish, size, every = usualEvery, from = 2, to = 5 } = asked;
  // There is nothing else to follow in it.
  const kind = isFollowedWhole ? 'steps' : asked.kind;
  const names = movement.layers.length > 0 ? movement.layers.map(({ name }) => name) : ['The whole'];
  const harder = movement.level >= 3 ? HARDER : 1;
  const minutesOf = (layer: number): number => {
    const isWhole = layer === names.length;
    const line = lineOf(movement, { layer: isWhole ? null : layer - 1, manner: 'named' });
    return planMinutes(secondsOfLines([line], find, USUAL_SCHOOLS) + SETTLED);
  };
  const layers = names.map(
    (name, place): ThreadLayer => ({
      name,
      minutes: halves(SIZE_MINUTES[size] * (place === 0 ? 1 : LATER)),
      weight: weightOf(movement, place) * harder,
    }),
  );
  const base = {
    id: movement.id,
    title: usualName(movement),
    taught: { kind: 'movement' as const, id: movement.id },
    wish,
    after: [],
    covers: {},
    pins: [],
    announced: [],
    known: 0,
    every,
  };
  if (isByMinutes) {
    return {
      ...base,
      kind,
      layers: [
        { name: 'Minutes', minutes: 0, weight: 0 },
        { name: 'Minutes', minutes: 0, weight: 0 },
      ],
      practise: [from, to],
      known: 2,
    };
  }
  if (isKept) {
    return {
      ...base,
      kind,
      layers: [{ name: 'The whole', minutes: 0, weight: 0 }],
      practise: [minutesOf(names.length)],
      known: 1,
    };
  }
  return { ...base, kind, layers, practise: layers.map((_, place) => minutesOf(place + 1)) };
}

/** A form as a thread of a course: whole first, a few places looked at closely each time, where it was asked for so; else place by place. */
export function formThread(form: Form, places: number, asked: ThreadAsked, find: FindMovement): CourseThread {
  const { isFollowedWhole } = topicKind(asked);
  const { wish, size, every = 1 } = asked;
  const upTo = Math.min(places, form.entries.length);
  const runMinutes = (many: number, times: number) =>
    planMinutes(
      times *
        secondsOfLines(
          formLines(form, find, (place) => `line-${place}`, many),
          find,
          USUAL_SCHOOLS,
        ),
    );
  const base = {
    id: form.id,
    title: form.names.english[0] ?? form.id,
    taught: { kind: 'form' as const, id: form.id, places: upTo },
    wish,
    after: [],
    covers: {},
    pins: [],
    announced: [],
    known: 0,
    every,
  };
  const nameOf = (place: number) => {
    const movement = find(form.entries[place]?.movementId ?? '');
    return movement ? usualName(movement) : `Place ${place + 1}`;
  };
  if (isFollowedWhole) {
    const looks = Math.ceil(upTo / LOOKED_AT);
    // A set is known to take fewer of each where time is short.
    const whole = planMinutes(60 * TRIMMED * runMinutes(upTo, 1));
    const namesIn = (look: number) =>
      Array.from({ length: Math.min(LOOKED_AT, upTo - look * LOOKED_AT) }, (_, place) =>
        nameOf(look * LOOKED_AT + place),
      );
    const layers: ThreadLayer[] = [
      // The first time it is only followed.
      { name: 'followed whole', minutes: whole, weight: WEIGHT.look },
      ...Array.from({ length: looks }, (_, look) => ({
        name: namesIn(look).join(', ').slice(0, 80),
        minutes: LOOK_MINUTES,
        weight: WEIGHT.look,
      })),
    ];
    return { ...base, kind: 'whole', layers, practise: layers.map(() => whole) };
  }
  const layers = Array.from({ length: upTo }, (_, place): ThreadLayer => {
    const id = form.entries[place]?.movementId;
    const isAgain = form.entries.slice(0, place).some(({ movementId }) => movementId === id);
    return {
      name: nameOf(place),
      minutes: isAgain ? PLACE_MINUTES.S / 2 : PLACE_MINUTES[size],
      weight: isAgain ? WEIGHT.again : WEIGHT.place,
    };
  });
  return { ...base, kind: 'steps', layers, practise: layers.map((_, place) => runMinutes(place + 1, RUNS)) };
}

/** A principle as a thread: a minute or so by itself, and a focus on other lines. */
export const principleThread = (id: string, title: string, focus: string, wish: Wish): CourseThread => ({
  id,
  title,
  kind: 'principle',
  taught: { kind: 'words', focus },
  wish,
  layers: [{ name: title, minutes: PRINCIPLE_MINUTES, weight: 0 }],
  // Afterwards it is a focus on other lines, and takes no time of its own.
  practise: [0],
  known: 0,
  every: 1,
  after: [],
  covers: {},
  pins: [],
  announced: [],
});
