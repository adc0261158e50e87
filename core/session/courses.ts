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

function put(rows: readonly Float64Array[], piece: number, values: readonly number[]): void {
  // What is not asked of a channel is there already: the rows begin as zeros.
  for (let channel = 0; channel < values.length; channel += 1) {
    const value = values[channel] as number;
    if (value !== 0) (rows[channel] as Float64Array)[piece] = value;
  }
}

/** The courses of a class, laid out once for each list of pieces. */
export function coursesOf(pieces: readonly DemandPiece[]): Courses {
  const known = KNOWN.get(pieces);
  if (known) return known;
  const rows = () => CHANNELS.map(() => new Float64Array(pieces.length));
  const [demand, mobilised] = [rows(), rows()];
  for (const [piece, of] of pieces.entries()) {
    put(demand, piece, of.demand.channels);
    put(mobilised, piece, of.mobilised);
  }
  const courses: Courses = { seconds: Float64Array.from(pieces, ({ seconds }) => seconds), demand, mobilised };
  KNOWN.set(pieces, courses);
  return courses;
}
