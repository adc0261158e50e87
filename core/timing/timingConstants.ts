/** Times a class spends besides moving, in seconds unless said otherwise. All are conventions of this product. */

/** How fast an instructor speaks while leading, words per second. */
export const WORDS_PER_SECOND = 2.5;
/** The pause after naming a movement, before anything moves. */
export const NAMING_PAUSE = 2;
/** Looking round the room after showing, before the class joins in. */
export const SHOWING_PAUSE = 3;
/** Coming back to the middle and setting up the arms for the other side; steps that take longer count instead. */
export const SIDE_CHANGE = 4;
/** Stopping a circle and starting it the other way. */
export const DIRECTION_CHANGE = 2;
/** One step, shift or turn of the foot taken freely between two movements, without breathing to it. */
export const FREE_STEP = 1.5;
