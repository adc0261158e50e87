import { runsOf } from '../sessionRuns';
import { easierWays, fewer, inRounds } from './easing';
import type { Check, Finding, Judged } from './finding';
import { firstThatClears } from './mending';
import { nameOf } from './nameOf';
import { weigh } from './weigh';

/** A check for something that should not go on unbroken for long: its longest stretches are said. */
export function longRun(
  code: string,
  kind: Parameters<typeof runsOf>[1],
  limitsFor: (strength: Judged['strength']) => { readonly warn: number; readonly stop: number },
  words: (seconds: number) => string,
  help: string,
): Check {
  const look = (judged: Judged): Finding[] => {
    const { warn, stop } = limitsFor(judged.strength);
    // The longest come first: of each line the longest is said.
    // Whoever takes the harder of the ways that are offered should be well too.
    const runs = [judged.pieces, ...judged.otherWays]
      .flatMap((pieces, way) => runsOf(pieces, kind).map((run) => ({ ...run, isOffered: way > 0 })))
      .toSorted((a, b) => b.seconds - a.seconds);
    return runs
      .filter(({ itemId }, place) => runs.findIndex((one) => one.itemId === itemId) === place)
      .slice(0, 3)
      .flatMap(({ seconds, startMs, itemId, isOffered }) => {
        const key = `${code} ${itemId}`;
        const weighed = weigh(judged, key, seconds, { limit: warn, grave: stop });
        if (!weighed) return [];
        return [
          {
            code,
            key,
            ...weighed,
            itemId,
            atMs: startMs,
            what: `${words(Math.round(seconds))}, from ${nameOf(judged, itemId)} on.`,
            why: [
              `${Math.round(seconds)} s without a break; ${warn} s is said, ${stop} s is too long.`,
              ...(isOffered ? ['So for those who take what is offered beside the way it is led.'] : []),
              help,
            ],
          },
        ];
      });
  };
  return {
    codes: [code],
    look,
    remedies: (judged, finding) => {
      const line = finding.itemId;
      if (line === null) return [];
      return [inRounds, fewer, easierWays].flatMap((ways) =>
        firstThatClears(look, judged, finding, ways(judged, line)),
      );
    },
  };
}
