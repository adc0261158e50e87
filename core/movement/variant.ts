import { z } from 'zod';
import { PostureChange } from '../body/posture';
import { STANCES } from '../body/stance';
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

function patchChange(change: PostureChange, patch: VariantPatch, whole: boolean): PostureChange {
  let next: PostureChange = { ...change };
  if (patch.sink !== undefined && next.sink !== undefined) next.sink = round(next.sink * patch.sink);
  if (patch.range !== undefined) {
    if (next.spine) next.spine = scaledNumbers(next.spine, patch.range);
    if (next.head) next.head = scaledNumbers(next.head, patch.range);
    if (next.hips) next.hips = scaledNumbers(next.hips, patch.range);
    if (next.turn !== undefined) next.turn = round(next.turn * patch.range);
  }
  if (patch.spread !== undefined && (whole || next.stance !== undefined))
    next.spread = Math.min(2, Math.max(0.3, round((next.spread ?? 1) * patch.spread)));
  if (patch.toesDown && next.stance === 'one-leg' && next.side)
    next = {
      ...next,
      load: next.side === 'left' ? { left: 90, right: 10, seat: 0 } : { left: 10, right: 90, seat: 0 },
      feet: {
        ...next.feet,
        [next.side === 'left' ? 'right' : 'left']: {
          contact: 'ball',
          height: 0,
          right: next.side === 'left' ? 0.16 : -0.16,
          forward: 0.02,
          pitch: -25,
        },
      },
    };
  if (patch.seated) {
    const { feet: _feet, side: _side, heading: _heading, rock: _rock, ...above } = next;
    const grounded = whole ? SEATED : {};
    next = { ...above, ...grounded };
    if (!whole) {
      const { stance: _stance, load: _load, sink: _sink, spread: _spread, ...rest } = next;
      next = rest;
    }
  }
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
