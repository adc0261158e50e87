import type { Pose } from '../../body/standing/pose';
import type { Stride } from '../walk/stride';
import type { OverlayRun } from './overlayRun';
import { samplePose } from './samplePose';

/** A stride with when it begins, in seconds from the start of its track. */
export interface TimedStride {
  readonly start: number;
  readonly seconds: number;
  readonly stride: Stride;
  readonly overlayRun: OverlayRun;
}

/** Something moved through time: strides that follow each other without gaps. */
export interface Track {
  readonly seconds: number;
  readonly strides: readonly TimedStride[];
}

/** Whether a circle or shake of one phase goes on in the next. */
const runsOn = (one: Stride | undefined, next: Stride | undefined): boolean =>
  one !== undefined &&
  next !== undefined &&
  one.phase.overlays.some((a) =>
    next.phase.overlays.some(
      (b) =>
        a.kind === b.kind && (a.kind !== 'loop' || b.kind !== 'loop' || (a.channel === b.channel && a.side === b.side)),
    ),
  );

/** Lays strides in time, each with its length in seconds. */
export function trackOf(strides: readonly { readonly stride: Stride; readonly seconds: number }[]): Track {
  let start = 0;
  const timed = strides.map(({ stride, seconds }, index) => {
    const overlayRun = {
      before: runsOn(strides[index - 1]?.stride, stride),
      after: runsOn(stride, strides[index + 1]?.stride),
    };
    const one = { start, seconds, stride, overlayRun };
    start += seconds;
    return one;
  });
  return { seconds: start, strides: timed };
}

/** The stride that is under way at a time, by binary search; the last one after the end. */
export function strideAt({ strides }: Track, t: number): TimedStride | null {
  let low = 0;
  let high = strides.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((strides[middle] as TimedStride).start <= t) low = middle;
    else high = middle - 1;
  }
  return strides[low] ?? null;
}

/** The pose of a track at a time in seconds; its first or last pose outside of it. Null for an empty track. */
export function poseAt(track: Track, t: number): Pose | null {
  const at = strideAt(track, t);
  if (!at) return null;
  const u = at.seconds === 0 ? 1 : Math.min(1, Math.max(0, (t - at.start) / at.seconds));
  return samplePose(at.stride, u, at.seconds, at.overlayRun);
}
