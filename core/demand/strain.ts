/** A leaky compartment: what fills it is demand, what empties it is time. */

/**
 * The compartment after a stretch of constant demand, exactly: dF/dt = d - F / tau.
 * @param filled F before, in demand-seconds
 * @param demand d
 * @param seconds of the stretch
 * @param tau seconds
 * Splitting a stretch in two changes nothing. From empty, demand 1 for tau seconds gives tau (1 - 1/e).
 */
export const fill = (filled: number, demand: number, seconds: number, tau: number): number =>
  filledBy(filled, demand, tau, Math.exp(-seconds / tau));

/** The same, where how much is kept over the stretch, e^(-seconds / tau), is known already. */
export const filledBy = (filled: number, demand: number, tau: number, kept: number): number =>
  filled * kept + demand * tau * (1 - kept);
