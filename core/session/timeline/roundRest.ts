/** What stands between two rounds of a line, or of a block. */
export interface RoundRest {
  readonly kind: 'round-rest';
  readonly seconds: number;
  /** What is said as it begins. */
  readonly call: string;
}

/**
 * The rest before a round, of a line or of a block; null where there is none.
 * @param round from 1
 * @param seconds as it is written between two rounds
 */
export const roundRest = (round: number, seconds: number): RoundRest | null =>
  round > 1 && seconds > 0 ? { kind: 'round-rest', seconds, call: 'Rest' } : null;
