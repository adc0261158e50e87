import { uniqueBy } from 'remeda';
import { SIDES, type Side } from '../../body/written/side';
import { type ChannelValues, channelIndex } from '../../demand/channels';
import type { Demand } from '../../demand/demandAt';
import { numberAt } from '../../numbers/numberAt';
import type { RunKind } from '../limits/limitsFor';
import { THRESHOLDS } from '../limits/thresholds';
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

const SHOULDERS = SIDES.map((side) => channelIndex('shoulders', side));

/** On one leg with nothing to hold on to: a hand on a chair takes the balance, and the rest is strain. */
const isAloneOn =
  (side: Side) =>
  ({ oneLeg, balance }: Demand): boolean =>
    oneLeg === side && balance > THRESHOLDS.freeBalance;

/** Both arms up, and where they are. */
const areArmsHeld = ({ channels }: Demand, mobilised: ChannelValues): boolean =>
  SHOULDERS.every(
    (at) => numberAt(channels, at) >= THRESHOLDS.armsHeld && numberAt(mobilised, at) < THRESHOLDS.armsStill,
  );

/** What goes on that a class should not do for long; each arm and each leg by itself, for the other one rests meanwhile. */
const RUNS: Readonly<Record<RunKind, readonly ((demand: Demand, mobilised: ChannelValues) => boolean)[]>> = {
  overhead: [({ overhead }) => overhead.left, ({ overhead }) => overhead.right],
  'one-leg': [isAloneOn('left'), isAloneOn('right')],
  'head-low': [({ headLow }) => headLow],
  'arms-round': [areArmsHeld],
};

/** A pause of at most these seconds does not end a run. */
const PAUSES: Readonly<Record<RunKind, number>> = {
  overhead: 0,
  'one-leg': 0,
  'head-low': THRESHOLDS.headUp,
  'arms-round': THRESHOLDS.armsChange,
};

/** The unbroken stretches of one kind, longest first. Pieces that follow each other are one stretch; a head that comes up for a breath only hangs on. */
export function runsOf(pieces: readonly DemandPiece[], kind: RunKind): Run[] {
  const pause = PAUSES[kind];
  const runs = RUNS[kind].flatMap((goes) => stretchesOf(pieces, goes, pause));
  // Both arms up together are one stretch.
  const apart = uniqueBy(runs, ({ startMs, seconds }) => `${startMs} ${seconds}`);
  return apart.toSorted((a, b) => b.seconds - a.seconds);
}

/** @param pause so many seconds in between break nothing off; they are not counted */
function stretchesOf(
  pieces: readonly DemandPiece[],
  goes: (demand: Demand, mobilised: ChannelValues) => boolean,
  pause: number,
): Run[] {
  const runs: Run[] = [];
  let paused = Number.POSITIVE_INFINITY;
  for (const { demand, mobilised, startMs, seconds, itemId } of pieces) {
    const last = runs.at(-1);
    const goesOn = goes(demand, mobilised);
    if (goesOn && paused <= pause && last) {
      const lines = last.lines.at(-1) === itemId ? last.lines : [...last.lines, itemId];
      runs[runs.length - 1] = { ...last, seconds: last.seconds + seconds, lines };
    } else if (goesOn) runs.push({ startMs, seconds, itemId, lines: [itemId] });
    paused = goesOn ? 0 : paused + seconds;
  }
  return runs;
}
