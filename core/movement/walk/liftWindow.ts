import type { Span } from '../schema/phase';

/** A foot that bears at most this much may leave the floor, percent. */
export const LIFTABLE = 10;

/** Eased progress: leaves and arrives at rest. `ease(0.5)` is 0.5. */
export const ease = (u: number): number => (u <= 0 ? 0 : u >= 1 ? 1 : u * u * (3 - 2 * u));

/** Where an eased rise has come this far; the inverse of {@link ease}, by trisection of the cosine. */
export const easedAt = (share: number): number =>
  share <= 0 ? 0 : share >= 1 ? 1 : 0.5 - Math.sin(Math.asin(1 - 2 * share) / 3);

/**
 * The longest stretch of a phase in which a load that eases from one value to another stays at or under a limit.
 * @param window in which the load changes
 * @returns shares of the phase; null where it is never that low
 */
export function lowStretch(from: number, to: number, during: Span, limit: number): Span | null {
  if (from <= limit && to <= limit) return [0, 1];
  if (from > limit && to > limit) return null;
  const crossing = during[0] + easedAt(Math.abs((limit - from) / (to - from))) * (during[1] - during[0]);
  return from <= limit ? [0, crossing] : [crossing, 1];
}

/** The part of one stretch that lies in another; null where they do not meet. */
export function overlap(a: Span, b: Span): Span | null {
  const [from, to] = [Math.max(a[0], b[0]), Math.min(a[1], b[1])];
  return to - from > 1e-9 ? [from, to] : null;
}
