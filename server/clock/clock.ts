import dayjs, { type Dayjs } from 'dayjs';

/**
 * The server's only clock. It can be set, so that tests and pictures take place on a day of their own, and runs on from there.
 * Lengths of time are measured elsewhere, by `performance.now()`.
 */

let aheadMs = 0;

/** Sets the clock to a moment. @param moment ISO 8601 with its time; without an offset it is local time */
export function setClock(moment: string): void {
  aheadMs = Date.parse(moment) - Date.now();
}

/** Now, in local time. */
export const now = (): Dayjs => dayjs(Date.now() + aheadMs);

/** Now as it is stored: ISO 8601, UTC. */
export const timestamp = (): string => now().toISOString();

/** The local day, YYYY-MM-DD. */
export const today = (): string => now().format('YYYY-MM-DD');
