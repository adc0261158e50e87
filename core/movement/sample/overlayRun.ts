/** Whether an overlay runs on from the phase before, and on into the next. */
export interface Joins {
  readonly before: boolean;
  readonly after: boolean;
}
export const NO_JOINS: Joins = { before: false, after: false };
/** For looking at a phase by itself: its circles are at their full size throughout. */
export const FULL_SIZE: Joins = { before: true, after: true };
