import { z } from 'zod';

const BreathsPerMinute = z.number().min(2).max(30);

/** Breaths per minute, easing in a straight line from `from` to `to` over `easing` seconds of the plan, constant after. */
export const Pace = z.object({ from: BreathsPerMinute, to: BreathsPerMinute, easing: z.number().min(0).max(7200) });
export type Pace = z.infer<typeof Pace>;

/**
 * The pace in breaths per minute, `t` seconds after the section began.
 * `paceAt({ from: 10, to: 6, easing: 3000 }, 1500)` is 8.
 */
export function paceAt(pace: Pace, t: number): number {
  if (pace.easing === 0 || t >= pace.easing) return pace.to;
  return pace.from + ((pace.to - pace.from) * t) / pace.easing;
}

/**
 * How long so many breaths take from `t` on, in seconds. Exact: while the pace eases with slope a (breaths/s per s) from
 * f breaths/s, b breaths last 2b / (f + sqrt(f^2 + 2ab)); the answer is split exactly where the easing ends.
 * `breathSeconds({ from: 6, to: 6, easing: 0 }, 0, 8)` is 80.
 */
export function breathSeconds(pace: Pace, t: number, breaths: number): number {
  const f = paceAt(pace, t) / 60;
  const easingLeft = pace.easing - t;
  if (easingLeft <= 0 || pace.from === pace.to) return breaths / f;
  const breathsWhileEasing = (easingLeft * (f + pace.to / 60)) / 2;
  if (breaths > breathsWhileEasing) return easingLeft + (breaths - breathsWhileEasing) / (pace.to / 60);
  const slope = (pace.to - pace.from) / 60 / pace.easing;
  return (2 * breaths) / (f + Math.sqrt(Math.max(0, f ** 2 + 2 * slope * breaths)));
}
