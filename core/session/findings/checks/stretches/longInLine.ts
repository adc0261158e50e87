import type { Strength } from '../../../../demand/ceilings';
import type { Demand } from '../../../../demand/demandAt';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { weigh } from '../../finding/weigh';
import { easierWays, fewer } from '../../remedies/easing';
import { firstThatClears } from '../../remedies/mending';

type LineCode = 'one-leg-free' | 'turning-long';

interface Kind {
  readonly code: LineCode;
  readonly goesOn: (demand: Demand) => boolean;
  /** How many seconds of one line are let pass; infinite where nobody is told. */
  readonly limit: (strength: Strength) => number;
  readonly words: (name: string, seconds: number) => string;
  readonly help: string;
}

/** A check for something that adds up within a line, however often it is broken off: in its rounds, on one side and the other. */
export function longInLine({ code, goesOn, limit, words, help }: Kind): Check {
  const look = (analysed: AnalysedClass): FindingOf<LineCode>[] => {
    const most = limit(analysed.limits.strength);
    const lines = new Map<string, { readonly seconds: number; readonly atMs: number }>();
    for (const { itemId, demand, seconds, startMs } of analysed.pieces) {
      if (!goesOn(demand)) continue;
      const known = lines.get(itemId);
      lines.set(itemId, { seconds: (known?.seconds ?? 0) + seconds, atMs: known?.atMs ?? startMs });
    }
    return [...lines].flatMap(([itemId, { seconds, atMs }]): FindingOf<LineCode>[] => {
      const key = `${code} ${itemId}`;
      const weighed = weigh(analysed, key, seconds, { limit: most, grave: 3 * most });
      if (!weighed) return [];
      return [
        {
          code,
          evidence: null,
          key,
          ...weighed,
          itemId,
          atMs,
          what: `${words(nameOf(analysed, itemId), Math.round(seconds))}.`,
          why: [`${most} s in one line are let pass for a ${analysed.limits.strength} group.`, help],
        },
      ];
    });
  };
  return checkFor<LineCode>({
    codes: [code],
    look,
    remedies: (analysed, finding) => {
      const { itemId } = finding;
      if (itemId === null) return [];
      return [easierWays, fewer].flatMap((ways) => firstThatClears(look, analysed, finding, ways(analysed, itemId)));
    },
  });
}
