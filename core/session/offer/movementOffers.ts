import { type Movement, usualName } from '../../movement/schema/movement';
import { spaced } from '../../words/spaced';
import type { WrittenMovement } from '../edit/written/readLine';
import { understand } from '../edit/written/understand';
import { newMovementItem } from '../plan/defaults';
import type { MovementItem } from '../plan/session';
import { amountSaid, countWords } from '../report/countWords';
import { msOf, type Offer, type OfferPlace } from './offer';

/** How long it takes to get into a held posture, from side to side and out of it, in words; '' where that is nothing. */
function besideHolding(movement: Movement, item: MovementItem, ms: number): string {
  if (movement.count.unit !== 'seconds' || item.ends.by !== 'count') return '';
  const seconds = Math.round(ms / 1000 - countWords(movement, item).total);
  return seconds > 0 ? `${seconds} s in and out` : '';
}

/**
 * A movement as the line asks for it, in every way the line could be meant.
 * @param unmatched words of the line that say nothing of it
 */
export function movementOffers(
  movement: Movement,
  line: WrittenMovement,
  unmatched: readonly string[],
  place: OfferPlace,
): Offer[] {
  return understand(movement, line).map(({ change, note, besides }, nth): Offer => {
    const item = { ...newMovementItem(movement.id, movement, place.section.kind), ...change };
    const lines = { items: [item], blocks: [] };
    const rounds = item.rounds > 1 ? `, ${item.rounds} rounds` : '';
    const said = `${amountSaid(item)} ${countWords(movement, item).words}${rounds}`;
    const ms = msOf(lines, place);
    return {
      key: nth === 0 ? movement.id : `${movement.id} ${nth}`,
      lines: ms === null ? null : lines,
      title: usualName(movement),
      reading:
        ms === null
          ? `${said}: too much for a class`
          : [note || said, besides, besideHolding(movement, item, ms)].filter(Boolean).join(', '),
      unused: unmatched.join(' '),
      cautions: spaced(movement.cautions.filter((caution) => caution !== 'general').join(', ')),
      ms: ms ?? 0,
      movement,
      newName: null,
    };
  });
}
