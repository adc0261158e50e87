import { clamp } from 'remeda';
import { z } from 'zod';
import type { PostureChange } from '../../body/written/posture';
import type { Phase } from './phase';

/**
 * Something that changes over the repetitions of a pass, evenly from the first to the last.
 * - `sink`: degrees added to the knee bend
 * - `range`: the share of its usual size that bending, turning and circling have
 * - `hands`: arm lengths the hands are carried higher
 * - `tempo`: the share of its usual speed that beats have
 */
export const Ramp = z.object({
  what: z.enum(['sink', 'range', 'hands', 'tempo']),
  from: z.number().min(-30).max(30),
  to: z.number().min(-30).max(30),
});
export type Ramp = z.infer<typeof Ramp>;

/** Where a ramp stands in a repetition, from 1, of so many: its middle value would be half way between. */
export const rampAt = ({ from, to }: Ramp, repetition: number, of: number): number =>
  of <= 1 ? from : from + ((to - from) * (repetition - 1)) / (of - 1);

const scaled = <Part extends object>(part: Part, by: number): Part =>
  Object.fromEntries(
    Object.entries(part).map(([name, value]) => [name, typeof value === 'number' ? value * by : value]),
  ) as Part;

function withRange(phase: Phase, by: number): Phase {
  const { to } = phase;
  const next: PostureChange = { ...to };
  if (to.spine) next.spine = scaled(to.spine, by);
  if (to.head) next.head = scaled(to.head, by);
  if (to.hips) next.hips = scaled(to.hips, by);
  if (to.turn !== undefined) next.turn = to.turn * by;
  const overlays = phase.overlays.map((overlay) => {
    if (overlay.kind === 'loop') return { ...overlay, radius: scaled(overlay.radius, by) };
    return overlay.kind === 'vibration' ? { ...overlay, size: scaled(overlay.size, by) } : overlay;
  });
  return { ...phase, to: next, overlays };
}

function withHands(phase: Phase, higher: number): Phase {
  const hands = { ...phase.to.hands };
  for (const side of ['left', 'right'] as const) {
    const at = hands[side]?.at;
    if (at) hands[side] = { ...hands[side], at: [at[0], at[1], Math.min(1.2, Math.max(-1.2, at[2] + higher))] };
  }
  return { ...phase, to: { ...phase.to, hands } };
}

function withTempo(phase: Phase, by: number): Phase {
  const { length } = phase;
  if (length.kind !== 'beats') return phase;
  return { ...phase, length: { ...length, tempo: clamp(length.tempo * by, { min: 10, max: 300 }) } };
}

function withSink(phase: Phase, deeper: number): Phase {
  const { to } = phase;
  if (to.sink === undefined) return phase;
  return { ...phase, to: { ...to, sink: clamp(to.sink + deeper, { min: 0, max: 110 }) } };
}

const RAMPED: Readonly<Record<Ramp['what'], (phase: Phase, value: number) => Phase>> = {
  sink: withSink,
  range: withRange,
  hands: withHands,
  tempo: withTempo,
};

/** A phase as it is in one repetition of many. Without ramps it is the phase itself. */
export const rampedPhase = (phase: Phase, ramps: readonly Ramp[], repetition: number, of: number): Phase =>
  ramps.reduce((now, ramp) => RAMPED[ramp.what](now, rampAt(ramp, repetition, of)), phase);
