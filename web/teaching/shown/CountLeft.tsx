import { cycleAmount } from '../../../core/movement/schema/cycleAmount';
import type { ShownNow } from '../../../core/record/running/shownNow';
import { minutes } from '../../../core/words/clockWords';

const UNIT_WORDS = {
  repetitions: 'to go',
  breaths: 'breaths to go',
  beats: 'beats to go',
  seconds: 'seconds to go',
} as const;

const DONE_WORDS = {
  repetitions: 'done',
  breaths: 'breaths done',
  beats: 'beats done',
  seconds: 'seconds done',
} as const;

/** How many are left, in the unit the class counts in; of an open line how many are done; where nothing is counted, the time left. */
export function CountLeft({ shown }: { readonly shown: ShownNow }) {
  const { moment, movement, rounds, range, open, waitsMs } = shown;
  const { left, segment, segmentLeftMs } = moment;
  if (left === null || !movement) {
    const ms = waitsMs > 0 ? waitsMs : segmentLeftMs;
    return (
      <div className="teach-count" data-testid="count">
        <span className="teach-number number">{minutes(Math.ceil(ms / 1000) * 1000)}</span>
        {/* Not "left": on this screen left is a side. */}
        <span>{waitsMs > 0 ? 'waits for you: Next' : 'to go'}</span>
      </div>
    );
  }
  const { unit } = movement.count;
  const each = cycleAmount(movement.parts.cycle, unit);
  const inRounds = rounds > 1 ? `, round ${segment.round} of ${rounds}` : '';
  if (open) {
    return (
      <div className="teach-count" data-testid="count">
        <span className="teach-number number">{open.led * each}</span>
        <span>
          {DONE_WORDS[unit]}, {open.least * each} to {open.most * each}, until you say{inRounds}
        </span>
      </div>
    );
  }
  const isLast = left === 1 && unit !== 'seconds' && unit !== 'beats';
  return (
    <div className="teach-count" data-testid="count">
      <span className="teach-number number">{left * each}</span>
      <span>
        {isLast ? 'last one' : UNIT_WORDS[unit]}
        {range && `, ${range.least} to ${range.most}`}
        {inRounds}
      </span>
    </div>
  );
}
