/** A leaky compartment: what fills it is demand, what empties it is time. */

/**
 * The compartment after a stretch of constant demand, exactly: dF/dt = d - F / tau.
 * @param filled F before, in demand-seconds
 * @param demand d
 * @param seconds of the stretch
 * @param tau seconds
 * Splitting a stretch in two changes nothing. From empty, demand 1 for tau seconds gives tau (1 - 1/e).
 */
export function fill(filled: number, demand: number, seconds: number, tau: number): number {
  const kept = Math.exp(-seconds / tau);
  return filled * kept + demand * tau * (1 - kept);
}
