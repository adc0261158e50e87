import { z } from 'zod';
import { PostureChange } from '../../body/written/posture';
import { otherSide } from '../../body/written/side';
import { STANCES } from '../../body/written/stance';
import { Caution } from './caution';
import type { Overlay } from './overlay';
import type { Parts } from './parts';
import type { Phase } from './phase';

/** What makes a variant of a movement: the same phases, patched. */
export const VariantPatch = z.object({
  /** Laid over every posture of the movement, the start too. */
  every: PostureChange.optional(),
  /** The knee bend as a share of what is written, and the same for bending, turning, circling and the stance's spread. */
  sink: z.number().min(0).max(2).optional(),
  range: z.number().min(0).max(2).optional(),
  spread: z.number().min(0.4).max(1.6).optional(),
  /** Done on a chair: feet and weight as one sits, everything above as written. */
  seated: z.boolean().default(false),
  /** Lifted feet touch the floor with the ball. */
  toesDown: z.boolean().default(false),
});
export type VariantPatch = z.infer<typeof VariantPatch>;

export const Variant = z.object({
  id: z.string().regex(/^[a-z0-9]+(-[a-z0-9]+)*$/),
  kind: z.enum(['easier', 'harder', 'seated', 'supported', 'smaller']),
  /** How it is offered in class, in a few words. */
  name: z.string().min(1).max(60),
  patch: VariantPatch,
  /** Cautions that no longer apply in this variant. */
  eases: z.array(Caution).default([]),
});
export type Variant = z.infer<typeof Variant>;

const round = (value: number): number => Math.round(value * 100) / 100;
const scaledNumbers = <Part extends object>(part: Part, by: number): Part =>
  Object.fromEntries(
    Object.entries(part).map(([name, value]) => [name, typeof value === 'number' ? round(value * by) : value]),
  ) as Part;

/** On a chair the feet stay where they are and the seat bears most of the weight. */
const SEATED: PostureChange = { stance: 'seated', load: { left: 10, right: 10, seat: 80 }, sink: 0, spread: 1 };
/** What a chair takes over: none of it can be changed while sitting. */
const BELOW_THE_SEAT: readonly (keyof PostureChange)[] = [
  'stance',
  'side',
  'feet',
  'heading',
  'rock',
  'load',
  'sink',
  'spread',
];

const without = (change: PostureChange, names: readonly (keyof PostureChange)[]): PostureChange =>
  Object.fromEntries(Object.entries(change).filter(([name]) => !names.some((one) => one === name)));

function smaller(change: PostureChange, range: number): PostureChange {
  const next = { ...change };
  if (next.spine) next.spine = scaledNumbers(next.spine, range);
  if (next.head) next.head = scaledNumbers(next.head, range);
  if (next.hips) next.hips = scaledNumbers(next.hips, range);
  if (next.turn !== undefined) next.turn = round(next.turn * range);
  return next;
}

/** The lifted foot of a one-leg stance put down beside the other on its ball, with a tenth of the weight. */
function toesDown(change: PostureChange): PostureChange {
  const { stance, side } = change;
  if (stance !== 'one-leg' || !side) return change;
  const free = otherSide(side);
  const load = side === 'left' ? { left: 90, right: 10, seat: 0 } : { left: 10, right: 90, seat: 0 };
  const beside = {
    contact: 'ball' as const,
    height: 0,
    right: free === 'right' ? 0.16 : -0.16,
    forward: 0.02,
    pitch: -25,
  };
  return { ...change, load, feet: { ...change.feet, [free]: beside } };
}

/** A change as a variant has it. `isStart` for the posture it begins in, which says everything. */
function patchChange(change: PostureChange, patch: VariantPatch, isStart: boolean): PostureChange {
  let next = patch.range === undefined ? { ...change } : smaller(change, patch.range);
  if (patch.sink !== undefined && next.sink !== undefined) next.sink = round(next.sink * patch.sink);
  if (patch.spread !== undefined && (isStart || next.stance !== undefined))
    next.spread = Math.min(2, Math.max(0.3, round((next.spread ?? 1) * patch.spread)));
  if (patch.toesDown) next = toesDown(next);
  if (patch.seated) next = { ...without(next, BELOW_THE_SEAT), ...(isStart ? SEATED : {}) };
  return { ...next, ...patch.every };
}

const scaledOverlay = (overlay: Overlay, by: number): Overlay => {
  if (overlay.kind === 'loop') return { ...overlay, radius: scaledNumbers(overlay.radius, by) };
  return overlay.kind === 'vibration' ? { ...overlay, size: scaledNumbers(overlay.size, by) } : overlay;
};

/** What a variant changes in a movement: its start and its parts. */
export function patchMovement<Start extends PostureChange>(start: Start, parts: Parts, patch: VariantPatch) {
  const phase = (one: Phase): Phase => ({
    ...one,
    to: patchChange(one.to, patch, false),
    overlays: one.overlays
      .filter(
        (overlay) => !patch.seated || overlay.kind !== 'loop' || !['hips', 'knees', 'feet'].includes(overlay.channel),
      )
      .map((overlay) => (patch.range === undefined ? overlay : scaledOverlay(overlay, patch.range))),
  });
  const patched = Object.fromEntries(
    Object.entries(parts).flatMap(([name, phases]) => (phases ? [[name, phases.map(phase)]] : [])),
  );
  const begun = { ...start, ...patchChange(start, patch, true) };
  const even = STANCES[begun.stance ?? 'parallel'].sideNames === null;
  return { start: even ? { ...begun, side: null } : begun, parts: patched as Parts };
}
