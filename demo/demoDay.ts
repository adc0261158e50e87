/** The moment at which tests and pictures take place, local time: a Tuesday afternoon in term. */
export const DEMO_MOMENT = '2026-12-01T15:00:00';

/** Its day, YYYY-MM-DD. */
export const DEMO_DAY = DEMO_MOMENT.slice(0, 10);
