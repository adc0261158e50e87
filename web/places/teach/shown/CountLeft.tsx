import { cycleAmount } from '../../../../core/movement/schema/cycleAmount';
import type { Movement } from '../../../../core/movement/schema/movement';
import type { Moment } from '../../../../core/record/running/moment';
import type { LineRange } from '../../../../core/session/plan/line/lineEnds';
import { minutes } from '../../../../core/words/clockWords';

const UNIT_WORDS = {
  repetitions: 'to go',
  breaths: 'breaths to go',
  beats: 'beats to go',
  seconds: 'seconds to go',
} as const;

interface Props {
  readonly moment: Moment;
  readonly movement: Movement | undefined;
  /** How many rounds the line has. */
  readonly rounds: number;
  /** From how many to how many it is done, where the line says so. */
  readonly range: LineRange | null;
}

/** How many are left, in the unit the class counts in; where nothing is counted, the time left. */
export function CountLeft({ moment, movement, rounds, range }: Props) {
  const { left, segment, segmentLeftMs } = moment;
  if (left === null || !movement) {
    return (
      <div className="teach-count" data-testid="count">
        <span className="teach-number number">{minutes(Math.ceil(segmentLeftMs / 1000) * 1000)}</span>
        {/* Not "left": on this screen left is a side. */}
        <span>to go</span>
      </div>
    );
  }
  const { unit } = movement.count;
  const amount = left * cycleAmount(movement.parts.cycle, unit);
  const isLast = left === 1 && unit !== 'seconds' && unit !== 'beats';
  return (
    <div className="teach-count" data-testid="count">
      <span className="teach-number number">{amount}</span>
      <span>
        {isLast ? 'last one' : UNIT_WORDS[unit]}
        {range && `, ${range.least} to ${range.most}`}
        {rounds > 1 && `, round ${segment.round} of ${rounds}`}
      </span>
    </div>
  );
}
