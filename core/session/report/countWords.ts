import type { Movement } from '../../movement/schema/movement';
import { isHalfOfTurns, passesOf } from '../../movement/schema/pass';
import { minutes } from '../../words/clockWords';
import type { MovementItem, Section } from '../plan/session';
import { unrollBlocks } from '../schedule/unrollBlocks';

/** A count said so that it cannot be misread. */
export interface CountWords {
  /** What the number counts, such as "breaths" or "times each side, each way". */
  readonly words: string;
  /** The number over all sides, directions and rounds, in the same unit. */
  readonly total: number;
}

const UNIT_WORDS = { repetitions: 'times', breaths: 'breaths', beats: 'beats', seconds: 'seconds' } as const;
const ENDS_WORDS = {
  'until-it-flows': 'until it flows',
  'as-comfortable': 'as many as comfortable',
  open: 'until you end it',
} as const;
const ONE_SIDE_WORDS = { 'left-only': 'left only', 'right-only': 'right only' } as const;

/**
 * What an item's count means. Six of an each-side movement are "times each side", 12 in all; six there and back of an
 * alternating one stay 6, each of them both sides.
 */
export function countWords(movement: Movement, item: MovementItem): CountWords {
  const { sides, directions } = movement.laterality;
  const passes = passesOf(movement.laterality, item);
  const said: string[] = [
    item.ends.by === 'clock' ? 'seconds, to the end of a cycle' : UNIT_WORDS[movement.count.unit],
  ];
  if (sides.kind === 'each-side') {
    const only = item.sides === 'left-only' || item.sides === 'right-only' ? ONE_SIDE_WORDS[item.sides] : 'each side';
    said.push(only);
  }
  if (sides.kind === 'alternating')
    said.push(sides.repetition === 'there-and-back' ? 'there and back' : 'left and right by turns');
  if (directions.kind === 'both' && item.directions === 'usual') said.push('each way');
  if (item.ends.by === 'instructor') said.push(ENDS_WORDS.open);
  else if (movement.count.ends !== 'counted' && item.ends.by === 'count' && !item.pinned)
    said.push(ENDS_WORDS[movement.count.ends]);
  const [unit, ...rest] = said;
  const words = rest.length > 0 ? `${unit} ${rest.join(', ')}` : `${unit}`;
  const count = isHalfOfTurns(movement.laterality, item) ? Math.ceil(item.count / 2) : item.count;
  return { words, total: count * passes.length * item.rounds };
}

/** How much of a line there is as it is said: "8", "5 to 8", or minutes where it ends by the clock. */
export function amountSaid(item: MovementItem): string {
  if (item.ends.by === 'clock') return minutes(item.ends.seconds * 1000);
  return item.range && item.range.least < item.range.most
    ? `${item.range.least} to ${item.range.most}`
    : `${item.count}`;
}

/** "5 to 8 times each side, 2 rounds", or "5:00, to the end of a cycle". */
export function countSaid(movement: Movement, item: MovementItem): string {
  const { words } = countWords(movement, item);
  const rounds = item.rounds > 1 ? `, ${item.rounds} rounds` : '';
  return item.ends.by === 'clock'
    ? `${amountSaid(item)}${words.replace(/^seconds/, '')}${rounds}`
    : `${amountSaid(item)} ${words}${rounds}`;
}

/** How often a line is done over all its sides, directions and rounds, those of its blocks counted in, in its own unit. */
export const totalCount = (movement: Movement, section: Pick<Section, 'items' | 'blocks'>, itemId: string): number =>
  unrollBlocks(section).reduce(
    (sum, { item }) => (item.kind === 'movement' && item.id === itemId ? sum + countWords(movement, item).total : sum),
    0,
  );
