import type { Block, InRounds } from '../plan/block';

/** What a block does, as one would say it: "3 rounds, 20 s rest between, 5° lower each round". */
export function blockWords({ rounds, roundRest, lower, chain, oneWay }: Block): string {
  const words: string[] = [];
  if (oneWay) words.push('one way, as it is taught');
  if (chain) words.push(`all on the ${chain} side, then all on the ${chain === 'left' ? 'right' : 'left'}`);
  if (rounds > 1) words.push(`${rounds} rounds`);
  if (rounds > 1 && roundRest > 0) words.push(`${roundRest} s rest between`);
  if (rounds > 1 && lower !== 0) words.push(`${Math.abs(lower)}° ${lower > 0 ? 'lower' : 'higher'} each round`);
  return words.length > 0 ? words.join(', ') : 'once through';
}

export const IN_ROUNDS_WORDS: Readonly<Record<InRounds, string>> = {
  every: 'Every round',
  first: 'Only the first',
  later: 'From the second on',
  last: 'Only the last',
  'but-last': 'All but the last',
};
