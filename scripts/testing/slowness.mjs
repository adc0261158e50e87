import { availableParallelism, loadavg } from 'node:os';

/**
 * How much longer things take than on a machine with nothing else to do: what was busy in the last minute, and the two workers of
 * a run, for each processor. At least 1.
 */
const slowness = () => Math.max(1, (loadavg()[0] + 2) / availableParallelism());

/** A limit of time on this machine, as busy as it is now. @param seconds what is given on a machine of two processors with nothing else to do */
export const limitSeconds = (seconds) => Math.ceil(seconds * slowness());
