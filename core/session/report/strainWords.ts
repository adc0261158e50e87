import type { Strength } from '../../demand/ceilings';
import { minutes } from '../../words/clockWords';
import { spaced } from '../../words/spaced';
import type { RegionStrain } from '../load/sessionStrain';

/**
 * A region's worst moment with what it is made of: "thighs 106 % of the steady ceiling at 23:40: Horse 71, Bow 22, Horse 13".
 * @param nameOf the name of a line
 * @param most how many lines are told; the rest is gathered as "others"
 */
export function strainWords(
  { region, side, percent, atMs, parts }: RegionStrain,
  strength: Strength,
  nameOf: (itemId: string) => string,
  most = 4,
): string {
  const where = `${side ? `${side} ` : ''}${spaced(region)}`;
  const told = parts
    .slice(0, most)
    .filter((part) => part.percent >= 1)
    .map((part) => `${nameOf(part.itemId)} ${Math.round(part.percent)}`);
  const rest = parts.slice(most).reduce((sum, part) => sum + part.percent, 0);
  if (rest >= 0.5) told.push(`others ${Math.round(rest)}`);
  return `${where} ${Math.round(percent)} % of the ${strength} ceiling at ${minutes(atMs)}${told.length > 0 ? `: ${told.join(', ')}` : ''}`;
}
