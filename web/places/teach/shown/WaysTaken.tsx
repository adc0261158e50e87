import { NO_WAY, type WayCount } from '../../../../core/needs/whoNeedsWhat';
import '../../../teaching/shown/words.css';

interface Props {
  readonly counts: readonly WayCount[];
  /** Whether a newcomer is there and the line stands on little: then something to hold is offered to all. */
  readonly offersHold: boolean;
}

/** So many and what they take: "2 take the higher way", "1: hands below the shoulders". */
function taken({ words, count }: WayCount): string {
  if (words === NO_WAY) return `${count} ${count === 1 ? 'has' : 'have'} ${words}`;
  return /^(the|a) /.test(words) ? `${count} ${count === 1 ? 'takes' : 'take'} ${words}` : `${count}: ${words}`;
}

/** How many take which way: counts, never names, for it is read from three metres. */
export function WaysTaken({ counts, offersHold }: Props) {
  const said = [...counts.map(taken), ...(offersHold ? ['a chair or a wall for whoever wants it'] : [])];
  return said.length === 0 ? null : <p className="teach-ways">{said.join(' · ')}</p>;
}
