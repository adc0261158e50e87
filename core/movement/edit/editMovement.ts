import type { PostureChange } from '../../body/written/posture';
import { type Movement, Movement as Schema } from '../schema/movement';
import type { PartName } from '../schema/parts';
import type { Phase } from '../schema/phase';

/** A phase of a movement by its part and place. */
export interface PhasePlace {
  readonly part: PartName;
  readonly index: number;
}

const phasesOf = (movement: Movement, part: PartName): readonly Phase[] => movement.parts[part] ?? [];

/** The movement with the phases of one part replaced; a part without phases is left out, but for the cycle. */
function withPhases(movement: Movement, part: PartName, phases: Phase[]): Movement {
  const parts = { ...movement.parts };
  if (phases.length > 0 || part === 'cycle') parts[part] = phases;
  else delete parts[part];
  return { ...movement, parts };
}

/** The movement whose points to watch go where their phases have gone; one whose phase is gone is of the whole movement. */
function withPoints(movement: Movement, part: PartName, goes: (phase: number) => number | null): Movement {
  if (part !== 'cycle' || movement.points.length === 0) return movement;
  const points = movement.points.map((point) => ({ ...point, phase: point.phase === null ? null : goes(point.phase) }));
  return { ...movement, points };
}

/** The movement with a phase put in before a place. */
export const insertPhase = (movement: Movement, { part, index }: PhasePlace, phase: Phase): Movement => {
  const phases = phasesOf(movement, part);
  const longer = withPhases(movement, part, [...phases.slice(0, index), phase, ...phases.slice(index)]);
  return withPoints(longer, part, (place) => (place >= index ? place + 1 : place));
};

export const removePhase = (movement: Movement, { part, index }: PhasePlace): Movement => {
  const phases = phasesOf(movement, part).filter((_, place) => place !== index);
  const gone = (place: number) => (place === index ? null : place > index ? place - 1 : place);
  return withPoints(withPhases(movement, part, phases), part, gone);
};

/** The movement with a phase replaced by what `change` makes of it. */
export const changePhase = (
  movement: Movement,
  { part, index }: PhasePlace,
  change: (phase: Phase) => Phase,
): Movement =>
  withPhases(
    movement,
    part,
    phasesOf(movement, part).map((phase, place) => (place === index ? change(phase) : phase)),
  );

/** The movement with a phase moved by one place, up (-1) or down (1), within its part. */
export function movePhase(movement: Movement, place: PhasePlace, by: 1 | -1): Movement {
  const phase = phasesOf(movement, place.part)[place.index];
  const to = place.index + by;
  if (!phase || to < 0 || to >= phasesOf(movement, place.part).length) return movement;
  const phases = phasesOf(movement, place.part).toSpliced(place.index, 1).toSpliced(to, 0, phase);
  const swapped = (at: number) => (at === place.index ? to : at === to ? place.index : at);
  return withPoints(withPhases(movement, place.part, phases), place.part, swapped);
}

/** A change laid over another; adjustments of spine, head, hips, feet and hands are joined. */
export function joinChanges(before: PostureChange, change: PostureChange): PostureChange {
  const joined: PostureChange = { ...before, ...change };
  if (change.spine) joined.spine = { ...before.spine, ...change.spine };
  if (change.head) joined.head = { ...before.head, ...change.head };
  if (change.hips) joined.hips = { ...before.hips, ...change.hips };
  if (change.feet)
    joined.feet = {
      ...before.feet,
      ...(change.feet.left ? { left: { ...before.feet?.left, ...change.feet.left } } : {}),
      ...(change.feet.right ? { right: { ...before.feet?.right, ...change.feet.right } } : {}),
    };
  if (change.hands)
    joined.hands = {
      ...before.hands,
      ...(change.hands.left ? { left: { ...before.hands?.left, ...change.hands.left } } : {}),
      ...(change.hands.right ? { right: { ...before.hands?.right, ...change.hands.right } } : {}),
    };
  // A stance or arm shape named anew drops what had been adjusted in it.
  if (change.stance !== undefined && change.feet === undefined) delete joined.feet;
  if (change.arms !== undefined && change.hands === undefined) delete joined.hands;
  return joined;
}

/** A name made into an id: "Brush Knee!" becomes "brush-knee". */
export const idFromName = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);

/** An empty movement to begin with: standing at ease, nothing done yet. */
export const emptyMovement = (): Movement => ({
  ...Schema.parse({
    id: 'not-yet-named',
    names: { english: ['New'] },
    tradition: 'qigong',
    roles: ['main'],
    about: 'Not yet described.',
    laterality: { sides: { kind: 'even' } },
    count: { unit: 'repetitions', least: 1, usual: 6, most: 36, step: 1 },
    start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 15, arms: 'hanging' },
    parts: { cycle: [{ breath: 'natural', length: { kind: 'breaths', breaths: 1 }, call: 'Stand' }] },
    cautions: ['general'],
    seated: false,
  }),
  names: { english: [''], pinyin: [], chinese: [] },
  about: '',
  parts: { cycle: [] },
});
