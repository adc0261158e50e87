import { NO_WAY, type WayCount } from '../../../../core/needs/whoNeedsWhat';

interface Props {
  readonly counts: readonly WayCount[];
  /** Whether a newcomer is there and the line stands on little: then something to hold is offered to all. */
  readonly offersHold: boolean;
}

const verbFor = (words: string, count: number): string => {
  if (words === NO_WAY) return count === 1 ? 'has' : 'have';
  return count === 1 ? 'takes' : 'take';
};

/** How many take which way: counts, never names, for it is read from three metres. */
export function WaysTaken({ counts, offersHold }: Props) {
  const said = [
    ...counts.map(({ words, count }) => `${count} ${verbFor(words, count)} ${words}`),
    ...(offersHold ? ['a chair or a wall for whoever wants it'] : []),
  ];
  return said.length === 0 ? null : <p className="teach-ways">{said.join(' · ')}</p>;
}
