import type { RunKind } from '../../../limits/limitsFor';
import { runsOf } from '../../../load/sessionRuns';
import {
  type AnalysedClass,
  type Check,
  checkFor,
  type Finding,
  type FindingOf,
  type Remedy,
} from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { type Bounds, weigh } from '../../finding/weigh';
import { easierWays, fewer, inRounds, joined, restsBefore } from '../../remedies/easing';
import { firstThatClears } from '../../remedies/mending';

type RunCode = 'overhead-long' | 'one-leg-long' | 'head-low-long' | 'arms-round-long';

/**
 * A check for something that should not go on unbroken for long: its longest stretches are said.
 * @param severities how grave it is beyond its two limits, where that is not a stop and a warning
 */
export function longRun(
  code: RunCode,
  kind: RunKind,
  words: (seconds: number) => string,
  help: string,
  severities: Pick<Bounds, 'severity'> = {},
): Check {
  // Whoever takes the harder of the ways that are offered should be well too.
  const allRuns = (analysed: AnalysedClass) =>
    [analysed.pieces, ...analysed.otherWays]
      .flatMap((pieces, way) => runsOf(pieces, kind).map((run) => ({ ...run, isOffered: way > 0 })))
      .toSorted((a, b) => b.seconds - a.seconds);
  const weighed = (analysed: AnalysedClass, key: string, seconds: number) => {
    const { warn, stop } = analysed.limits.runs[kind];
    return weigh(analysed, key, seconds, { limit: warn, grave: stop, ...severities });
  };
  const look = (analysed: AnalysedClass): FindingOf<RunCode>[] => {
    const { warn, stop } = analysed.limits.runs[kind];
    // The longest come first: of each line the longest is said.
    const runs = allRuns(analysed);
    return runs
      .filter(({ itemId }, place) => runs.findIndex((one) => one.itemId === itemId) === place)
      .slice(0, 3)
      .flatMap(({ seconds, startMs, itemId, isOffered, lines }): FindingOf<RunCode>[] => {
        const key = `${code} ${itemId}`;
        const held = weighed(analysed, key, seconds);
        if (!held) return [];
        return [
          {
            code,
            evidence: { lines },
            key,
            ...held,
            itemId,
            atMs: startMs,
            what: `${words(Math.round(seconds))}, from ${nameOf(analysed, itemId)} on.`,
            why: [
              `${Math.round(seconds)} s without a break; ${warn} s is said, ${stop} s is too long.`,
              ...(isOffered ? ['So for those who take what is offered beside the way it is led.'] : []),
              help,
            ],
          },
        ];
      });
  };
  return checkFor<RunCode>({
    codes: [code],
    look,
    remedies: (analysed, finding) => {
      const { lines } = finding.evidence;
      // That it begins in another line by now, or that others are longer, mends nothing.
      const still = (after: AnalysedClass): Finding[] =>
        allRuns(after).some(
          (run) => run.lines.some((line) => lines.includes(line)) && weighed(after, finding.key, run.seconds) !== null,
        )
          ? [finding]
          : [];
      const tried = (remedies: readonly Remedy[]) => firstThatClears(still, analysed, finding, remedies);
      const one = [inRounds, fewer, easierWays].flatMap((ways) =>
        lines.flatMap((line) => tried(ways(analysed, line))).slice(0, 1),
      );
      const rested = lines.slice(1).flatMap((line) => tried(restsBefore(analysed, line)));
      const single = [...one, ...rested.slice(0, 1)];
      return single.length > 0 || lines.length < 2 ? single : tried(allInRounds(analysed, lines));
    },
  });
}

/** Every line in rounds of its own, where one of them alone would still go on for too long. */
function allInRounds(analysed: AnalysedClass, lines: readonly string[]): Remedy[] {
  const ways = lines.map((line) => inRounds(analysed, line));
  return (ways[0] ?? []).flatMap((_, place): Remedy[] => {
    const some = ways.flatMap((way) => way[place] ?? []);
    return some.length < lines.length ? [] : [joined(some)];
  });
}
