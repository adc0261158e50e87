import { CHANNELS } from '../demand/channels';
import type { DemandPiece } from './sessionDemand';

/** A class's demand channel by channel: one number for every piece, as plain arrays that are quick to run along. */
export interface Courses {
  readonly seconds: Float64Array;
  /** By channel, in the order of CHANNELS. */
  readonly demand: readonly Float64Array[];
  readonly mobilised: readonly Float64Array[];
}

const KNOWN = new WeakMap<readonly DemandPiece[], Courses>();

/** The courses of a class, laid out once for each list of pieces. */
export function coursesOf(pieces: readonly DemandPiece[]): Courses {
  const known = KNOWN.get(pieces);
  if (known) return known;
  const courses: Courses = {
    seconds: Float64Array.from(pieces, ({ seconds }) => seconds),
    demand: CHANNELS.map(() => new Float64Array(pieces.length)),
    mobilised: CHANNELS.map(() => new Float64Array(pieces.length)),
  };
  pieces.forEach(({ demand, mobilised }, piece) => {
    for (let channel = 0; channel < CHANNELS.length; channel += 1) {
      (courses.demand[channel] as Float64Array)[piece] = demand.channels[channel] ?? 0;
      (courses.mobilised[channel] as Float64Array)[piece] = mobilised[channel] ?? 0;
    }
  });
  KNOWN.set(pieces, courses);
  return courses;
}
