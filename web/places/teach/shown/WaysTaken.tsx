import type { WayCount } from '../../../../core/needs/whoNeedsWhat';

interface Props {
  readonly counts: readonly WayCount[];
  /** Whether a newcomer is there and the line stands on little: then something to hold is offered to all. */
  readonly offersHold: boolean;
}

/** How many take which way: counts, never names, for it is read from three metres. */
export function WaysTaken({ counts, offersHold }: Props) {
  const said = [
    ...counts.map(({ words, count }) => `${count} ${count === 1 ? 'takes' : 'take'} ${words}`),
    ...(offersHold ? ['a chair or a wall for whoever wants it'] : []),
  ];
  return said.length === 0 ? null : <p className="teach-ways">{said.join(' · ')}</p>;
}
