/**
 * The page's only clock; nothing else reads the time of day, and workers are told it. Lengths of time are measured by
 * `performance.now()`.
 */

/** Now, milliseconds since 1970. */
export const nowMs = (): number => Date.now();

/** Now as it is stored: ISO 8601, UTC. */
export const timestamp = (): string => new Date(nowMs()).toISOString();

/** The local day, YYYY-MM-DD. */
export function today(): string {
  const now = new Date(nowMs());
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}
