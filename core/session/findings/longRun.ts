import { runsOf } from '../sessionRuns';
import type { Check, FindingCode } from './finding';
import { nameOf } from './nameOf';

interface Limits {
  readonly warn: number;
  readonly stop: number;
}

/** A check for something that should not go on unbroken for long: its longest stretch is said. */
export const longRun =
  (
    code: FindingCode,
    kind: Parameters<typeof runsOf>[1],
    limitsFor: (strength: Parameters<Check>[0]['strength']) => Limits,
    words: (seconds: number) => string,
    help: string,
  ): Check =>
  (judged) => {
    const { warn, stop } = limitsFor(judged.strength);
    return runsOf(judged.pieces, kind)
      .filter(({ seconds }) => seconds > warn)
      .slice(0, 3)
      .map(({ seconds, startMs, itemId }) => ({
        code,
        severity: seconds > stop ? ('stop' as const) : ('warn' as const),
        itemId,
        atMs: startMs,
        what: `${words(Math.round(seconds))}, from ${nameOf(judged, itemId)} on.`,
        why: [`${Math.round(seconds)} s without a break; ${warn} s is said, ${stop} s is too long.`, help],
      }));
  };
