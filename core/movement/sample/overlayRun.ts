/** Whether an overlay runs on from the phase before, and on into the next. */
export interface OverlayRun {
  readonly before: boolean;
  readonly after: boolean;
}
export const NO_RUN: OverlayRun = { before: false, after: false };
/** For looking at a phase by itself: its circles are at their full size throughout. */
export const FULL_SIZE: OverlayRun = { before: true, after: true };
