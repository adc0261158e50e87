import { facingWords } from '../session/plan/line/facing';
import type { Edge, MeetsWall } from './meetsWall';

const EDGES: Readonly<Record<MeetsWall['edge'], string>> = {
  left: 'the left wall',
  right: 'the right wall',
  front: 'the front',
  back: 'the back wall',
  thing: 'what stands there',
};

/** What the outer row meets: "the left wall". */
export const edgeWords = ({ edge }: Pick<MeetsWall, 'edge'>): string => EDGES[edge];

const WAYS: Readonly<Record<Edge, string>> = {
  left: 'to the left',
  right: 'to the right',
  front: 'further forward',
  back: 'further back',
};

/** Metres as one says them: "half a metre", "a metre", "2.5 metres". */
export function metresWords(metres: number): string {
  if (metres === 0.5) return 'half a metre';
  if (metres === 1) return 'a metre';
  return `${metres} metres`;
}

/** Where else to begin: "begin a metre to the right". */
export const elsewhereWords = ({ to, metres }: { readonly to: Edge; readonly metres: number }): string =>
  `begin ${metresWords(metres)} ${WAYS[to]}`;

/** A heading to an eighth of a turn, in words: "to the back left". */
export const headingWords = (heading: number): string => facingWords(heading > 180 ? heading - 360 : heading);
