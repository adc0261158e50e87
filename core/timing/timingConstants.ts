/** Times a class spends besides moving, in seconds unless said otherwise. All are conventions of this product. */

/** How fast an instructor speaks while leading, words per second. */
export const WORDS_PER_SECOND = 2.5;
/** The pause after naming a movement, before anything moves. */
export const NAMING_PAUSE = 2;
/** What is said after a movement that was named, before the next: "and let it rest". */
export const LAST_WORD = 3;
/** How fast people breathe when nobody leads them, and how fast a movement is shown; breaths a minute. */
export const NATURAL_PACE = 9;
/** Nobody shows a movement for longer than this. */
export const SHOWING_MOST = 20;
/** Looking round the room after showing, before the class joins in. */
export const SHOWING_PAUSE = 3;
/** Coming back to the middle and setting up the arms for the other side; steps that take longer count instead. */
export const SIDE_CHANGE = 4;
/** Stopping a circle and starting it the other way. */
export const DIRECTION_CHANGE = 2;
/** One step, shift or turn of the foot taken freely between two movements, without breathing to it. */
export const FREE_STEP = 1.5;
/** How fast a text is read out to people who stand, sit or breathe with it, words per second. */
export const SCRIPT_WORDS_PER_SECOND = 2;
/** The pause after a paragraph of it where none is written. */
export const SCRIPT_PAUSE = 4;
