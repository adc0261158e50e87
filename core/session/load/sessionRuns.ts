import type { Demand } from '../../demand/demandAt';
import type { RunKind } from '../limits/limitsFor';
import type { DemandPiece } from './sessionDemand';

/** An unbroken stretch of a class in which something goes on. */
export interface Run {
  readonly startMs: number;
  readonly seconds: number;
  /** The line it begins in. */
  readonly itemId: string;
  /** All lines it goes on in, in order. */
  readonly lines: readonly string[];
}

/** What goes on that a class should not do for long. */
export const RUNS: Readonly<Record<RunKind, (demand: Demand) => boolean>> = {
  overhead: ({ overhead }) => overhead.left || overhead.right,
  'one-leg': ({ oneLeg }) => oneLeg !== null,
  'head-low': ({ headLow }) => headLow,
};

/** The unbroken stretches of one kind, longest first. Pieces that follow each other are one stretch. */
export function runsOf(pieces: readonly DemandPiece[], kind: RunKind): Run[] {
  const goes = RUNS[kind];
  const runs: Run[] = [];
  let going = false;
  for (const { demand, startMs, seconds, itemId } of pieces) {
    const last = runs.at(-1);
    const goesOn = goes(demand);
    if (goesOn && going && last) {
      const lines = last.lines.at(-1) === itemId ? last.lines : [...last.lines, itemId];
      runs[runs.length - 1] = { ...last, seconds: last.seconds + seconds, lines };
    } else if (goesOn) runs.push({ startMs, seconds, itemId, lines: [itemId] });
    going = goesOn;
  }
  return runs.toSorted((a, b) => b.seconds - a.seconds);
}
