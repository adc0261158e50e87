import { type FindMovement, usualName } from '../../movement/schema/movement';
import { matchItem } from './matchItem';
import type { Item } from './session';

/** A line in which nobody moves. */
export type PauseKind = Exclude<Item['kind'], 'movement'>;

export const PAUSE_WORDS: Readonly<Record<PauseKind, string>> = {
  rest: 'Rest',
  talk: 'Talk',
  clock: 'By the clock',
};

/** Whether a kind, of a line or of a stretch of the timeline, is one in which nobody moves. */
export const isPauseKind = (kind: string): kind is PauseKind => Object.hasOwn(PAUSE_WORDS, kind);

/** What a line is called: its movement's usual name, or its id where it is not known; "Rest", "Talk" or "By the clock". */
export const lineTitle = (item: Item, find: FindMovement): string =>
  matchItem(item, {
    movement: ({ movementId }) => {
      const movement = find(movementId);
      return movement ? usualName(movement) : movementId;
    },
    rest: () => PAUSE_WORDS.rest,
    talk: () => PAUSE_WORDS.talk,
    clock: () => PAUSE_WORDS.clock,
  });

/** What a line is called, and for one in which nobody moves also what it is for: "Talk: mind the knees". */
export const notedTitle = (item: Item, find: FindMovement): string => {
  const title = lineTitle(item, find);
  return item.note === '' || !isPauseKind(item.kind) ? title : `${title}: ${item.note}`;
};
