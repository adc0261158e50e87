import { runsOf } from '../../load/sessionRuns';
import type { Check, Finding, Judged, Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { easierWays, fewer, inRounds, joined, restsBefore } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

/** A check for something that should not go on unbroken for long: its longest stretches are said. */
export function longRun(
  code: string,
  kind: Parameters<typeof runsOf>[1],
  limitsFor: (strength: Judged['strength']) => { readonly warn: number; readonly stop: number },
  words: (seconds: number) => string,
  help: string,
): Check {
  // Whoever takes the harder of the ways that are offered should be well too.
  const allRuns = (judged: Judged) =>
    [judged.pieces, ...judged.otherWays]
      .flatMap((pieces, way) => runsOf(pieces, kind).map((run) => ({ ...run, isOffered: way > 0 })))
      .toSorted((a, b) => b.seconds - a.seconds);
  const weighed = (judged: Judged, key: string, seconds: number) => {
    const { warn, stop } = limitsFor(judged.strength);
    return weigh(judged, key, seconds, { limit: warn, grave: stop });
  };
  const look = (judged: Judged): Finding[] => {
    const { warn, stop } = limitsFor(judged.strength);
    // The longest come first: of each line the longest is said.
    const runs = allRuns(judged);
    return runs
      .filter(({ itemId }, place) => runs.findIndex((one) => one.itemId === itemId) === place)
      .slice(0, 3)
      .flatMap(({ seconds, startMs, itemId, isOffered }) => {
        const key = `${code} ${itemId}`;
        const held = weighed(judged, key, seconds);
        if (!held) return [];
        return [
          {
            code,
            key,
            ...held,
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
      const lines = allRuns(judged).find(({ itemId }) => itemId === finding.itemId)?.lines ?? [];
      // That it begins in another line by now, or that others are longer, mends nothing.
      const still = (after: Judged): Finding[] =>
        allRuns(after).some(
          (run) => run.lines.some((line) => lines.includes(line)) && weighed(after, finding.key, run.seconds) !== null,
        )
          ? [finding]
          : [];
      const tried = (remedies: readonly Remedy[]) => firstThatClears(still, judged, finding, remedies);
      const one = [inRounds, fewer, easierWays].flatMap((ways) =>
        lines.flatMap((line) => tried(ways(judged, line))).slice(0, 1),
      );
      const rested = lines.slice(1).flatMap((line) => tried(restsBefore(judged, line)));
      const single = [...one, ...rested.slice(0, 1)];
      return single.length > 0 || lines.length < 2 ? single : tried(allInRounds(judged, lines));
    },
  };
}

/** Every line in rounds of its own, where one of them alone would still go on for too long. */
function allInRounds(judged: Judged, lines: readonly string[]): Remedy[] {
  const ways = lines.map((line) => inRounds(judged, line));
  return (ways[0] ?? []).flatMap((_, place): Remedy[] => {
    const some = ways.flatMap((way) => way[place] ?? []);
    return some.length < lines.length ? [] : [joined(some)];
  });
}
